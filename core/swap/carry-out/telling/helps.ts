import { linesTaken, type Operand } from '../../../method'
import { ingredientById, nameIn } from '../../../pantry'
import type { Region } from '../../../measure'
import type { Line, Span } from '../../../recipe'
import { besides, noFat, noPlace } from '../../tables/doing-rows'
import { bakes, type OfPart } from './reword'
import { kindOf, thingOf } from './making'
import { edit, type Doing, type ToldStep } from './method-text'

type HelpKind = keyof typeof besides
const helpKind = (line: Line): HelpKind => {
  const thing = thingOf(line)!
  if (thing.kind === 'leaven') return 'leaven'
  if (thing.kind === 'acid' || thing.kind === 'water') return 'water'
  return thing.kind === 'oil' || thing.per100.fat > 60 ? 'fat' : 'other'
}

/** The name goes on: "soy flour batter" is no place to put something between. */
const goesOn = /^\s+(?:batter|gel|mixture|mix|slurry|paste|milk|drink)\b/iu

interface Place {
  readonly doing: Doing
  readonly operand: Operand
  readonly span: Span
}

/** Where a doing names a line of the help's own part. */
const placesIn = (doing: Doing, lines: readonly Line[], component: string): Place[] =>
  noPlace.has(doing.action.verb) || doing.action.mode === 'remark' || doing.instead !== null
    ? []
    : doing.action.takes.flatMap((operand): Place[] => {
        const { thing, span } = operand
        const line = thing.is === 'line' ? lines.find(l => l.id === thing.line) : undefined
        const isOwn = line?.component === component && line.purpose !== 'pan'
        if (!isOwn || !span || operand.readies || operand.share.of === 'rest') return []
        const text = doing.step.text
        const isWithin =
          goesOn.test(text.slice(span[1])) || /\((?:with\s)?[^)]*$/u.test(text.slice(0, span[0]))
        return isWithin || /\bspoonful of (?:the )?$/iu.test(text.slice(0, span[0]))
          ? []
          : [{ doing, operand, span }]
      })

/** Puts a name beside another: ", X" in a list, "and X" at the end of one. */
function putBeside({ doing, operand, span }: Place, name: string): void {
  const { step, action } = doing
  const at = action.takes.indexOf(operand)
  const [before, next] = [action.takes[at - 1]?.span, action.takes[at + 1]?.span]
  // In a list, unless what follows begins something else.
  if (next && joinsList.test(step.text.slice(span[1], next[0]))) {
    addAt(doing, span[1], `, ${name}`)
    return
  }
  // At the end of a list the last "and" moves on: "a and b" and c are "a, b and c".
  const joint = before ? lastJoint.exec(step.text.slice(before[1], span[0])) : null
  if (joint) edit(doing, [before![1], before![1] + joint[1]!.length], ',')
  addAt(doing, span[1], ` and ${name}`)
}
const joinsList = /^\s*(?:,|,?\s+and\b)(?:\s+(?:the|a|an|some))?\s*$/u
const lastJoint = /^(,?\s+and)\s+(?:(?:the|a|an|some)\s+)?$/u

/** Several helps may stand beside one thing. */
function addAt(doing: Doing, at: number, says: string): void {
  const there = doing.edits.findIndex(one => one.span[0] === at && one.span[1] === at)
  if (there < 0) doing.edits.push({ span: [at, at], to: says })
  else doing.edits[there] = { span: [at, at], to: joinedWith(doing.edits[there]!.to, says) }
}
/** " and x", then " and y": ", x and y". */
const joinedWith = (first: string, second: string): string =>
  first.startsWith(' and ') && second.startsWith(' and ')
    ? `${first.replace(/^ and /u, ', ')}${second}`
    : first + second

/** Is it named where it comes in already, by what it comes in for? */
const isNamed = (line: Line, { making }: OfPart, scope: readonly ToldStep[]): boolean =>
  making.answers.some(
    ([, answer]) =>
      (answer.of ?? [answer]).some(school =>
        school.adds.some(dose => dose.ingredient === line.ingredient),
      ) &&
      !answer.prepare &&
      scope.some(step => step.text.toLowerCase().includes(answer.inSteps.toLowerCase())),
  )

/** Beside what a new help goes in; a sentence of its own where nothing fits. */
export function placeHelp(line: Line, of: OfPart, region: Region): void {
  const scope = of.scope.filter(step => step.place >= of.mine)
  const doings = scope.flatMap(step => step.doings)
  // No article: "oil and the water" reads like oiling something.
  const name = nameIn(ingredientById(line.ingredient!)!, region)
  if (doings.some(({ action }) => linesTaken(action).includes(line.id))) return
  if (isNamed(line, of, scope)) return
  const places = doings.flatMap(doing => placesIn(doing, of.now, line.component))
  // A little water would seize the chocolate.
  const isRight = ({ doing }: Place) =>
    (helpKind(line) !== 'water' || !holdsChocolate(doing, of)) &&
    (helpKind(line) !== 'fat' || !isFoam(doing, of))
  const kindAt = ({ operand: { thing } }: Place) =>
    thing.is === 'line' ? kindOf(of.now.find(l => l.id === thing.line)) : null
  for (const kind of besides[helpKind(line)]) {
    const place = places.find(one => kindAt(one) === kind && isRight(one))
    if (place) {
      putBeside(place, name)
      return
    }
  }
  const mayTake = (doing: Doing) => helpKind(line) !== 'fat' || !isFoam(doing, of)
  if (besideAnswer(name, of, scope, mayTake)) return
  const oven = doings.find(({ action }) => bakes(action)) ?? scope.at(-1)?.doings[0]
  const says =
    helpKind(line) === 'leaven'
      ? `Whisk the ${name} through the dry things.`
      : `Stir in the ${name}.`
  if (!oven) return
  const at = oven.step.doings[0]?.action.sentence[0] ?? 0
  oven.step.before.set(at, [...(oven.step.before.get(at) ?? []), says])
}

/** Fat breaks a foam of egg white or aquafaba. */
const isFoam = ({ action }: Doing, { now }: OfPart): boolean =>
  (action.verb === 'whisk' || action.verb === 'beat' || action.verb === 'whip') &&
  now.some(line => noFat.has(thingOf(line)?.id ?? '') && linesTaken(action).includes(line.id))

const holdsChocolate = ({ action }: Doing, { now }: OfPart): boolean =>
  now.some(
    line =>
      (kindOf(line) === 'chocolate' || kindOf(line) === 'plant-chocolate') &&
      linesTaken(action).includes(line.id),
  )

/** Beside what comes in for something: "the starch mixture and water". */
function besideAnswer(
  name: string,
  { making }: OfPart,
  scope: readonly ToldStep[],
  mayTake: (doing: Doing) => boolean,
): boolean {
  const answers = [...making.answers].sort(
    ([, a], [, b]) => Number(b.prepare !== null) - Number(a.prepare !== null),
  )
  for (const [, answer] of answers)
    for (const { doings, text } of scope) {
      const at = text.toLowerCase().indexOf(answer.inSteps.toLowerCase())
      const end = at + answer.inSteps.length
      const doing = doings.find(({ action }) => action.span[0] <= at && end <= action.span[1])
      if (at < 0 || !doing || doing.instead !== null || !mayTake(doing)) continue
      const goesOnHere = doing.action.takes.some(one => one.span !== null && one.span[0] > end)
      const isInList = goesOnHere && /^(?:,|\s+and\b)(?!\s*then\b)/u.test(text.slice(end))
      addAt(doing, end, isInList ? `, ${name}` : ` and ${name}`)
      return true
    }
  return false
}
