import { weightText, type Region } from '../measure'
import { flourKinds, freshEggKinds, ingredientById, nameIn, type Kind } from '../pantry'
import { readMethod } from '../method'
import {
  linesOf,
  mentionsInStep,
  ownLines,
  sayRestTime,
  servedWarm,
  type Line,
  type Recipe,
} from '../recipe'
import type { DessertPart, Answer } from './part'
import { listed } from './explain'
import { sentenceAt, sentencesOf } from './sentences'
import type { Substitution } from './school'
import {
  besides,
  heatsOven,
  intoVessel,
  leaves,
  looseFoam,
  onTin,
  ovenWords,
  placeRows,
  preheatOnly,
  sentenceRows,
  shapingWords,
  theRest,
  wordingRows,
  type MethodFact,
} from './tables/method-rows'

/**
 * What a part's plan means for the way of working: facts, what is made ready first, and which lines
 * are new helps.
 */
export interface MethodDraft {
  readonly at: number
  readonly part: DessertPart
  readonly answers: readonly Answer[]
  readonly facts: ReadonlySet<MethodFact>
  readonly first: readonly string[]
  readonly helps: readonly Line[]
  readonly lines: readonly Line[]
}

const solidShare = (school: Substitution): number => {
  const fats = (school.of ?? [school])
    .flatMap(s => s.adds)
    .flatMap(d => {
      const i = ingredientById(d.ingredient)!
      return i.per100.fat > 30 ? [{ fat: d.perGram * i.per100.fat, solid: i.per100.solid }] : []
    })
  const fat = fats.reduce((sum, f) => sum + f.fat, 0)
  return fat > 0 ? fats.reduce((sum, f) => sum + f.fat * f.solid, 0) / fat : 1
}

/** The facts of a part's plan that the method rows ask for. */
export function factsOf(
  part: DessertPart,
  answers: readonly Answer[],
  lines: readonly Line[],
): ReadonlySet<MethodFact> {
  const facts = new Set<MethodFact>()
  const holds = (test: (i: NonNullable<ReturnType<typeof ingredientById>>) => boolean) =>
    lines.some(l => l.ingredient !== null && test(ingredientById(l.ingredient)!))
  const flour = part.flour > 0
  for (const [group, school] of answers) {
    const each = school.of ?? [school]
    if (group.question === 'egg') {
      facts.add('egg-gone')
      const foams = each.some(s => s.adds.some(d => ingredientById(d.ingredient)!.does.foam >= 1))
      facts.add(foams ? 'foam-new' : 'foam-gone')
      const kinds = each.flatMap(s => s.adds.map(d => ingredientById(d.ingredient)!.kind))
      if (part.route?.how === 'formula' || !flour)
        facts.add(
          kinds.includes('gel') ? 'agar-set' : kinds.includes('starch') ? 'starch-set' : 'egg-gone',
        )
    }
    if (group.question === 'butter' && solidShare(school) < 0.2) facts.add('fat-soft')
    if (
      group.question === 'gel' &&
      each.some(s => s.adds.some(d => ingredientById(d.ingredient)!.kind === 'gel'))
    )
      facts.add('gel-boiled')
    if (group.question === 'flour') facts.add('gluten-gone')
    if (group.question === 'milk' || group.question === 'butter') facts.add('milk-gone')
    if (group.question === 'sour-milk' && each.some(s => s.adds.some(d => d.role === 'acid')))
      facts.add('soured')
  }
  if (flour && !facts.has('gluten-gone') && holds(i => i.kind === 'flour'))
    facts.add('gluten-stays')
  if (holds(i => i.soda > 0)) facts.add('soda')
  return facts
}

const dryThings = /\b(?:into|to|with|and) the dry\b|\bdry (?:ingredients|things|mix(?:ture)?)\b/iu
const eggKinds: readonly Kind[] = [...freshEggKinds, 'egg-product']
const aboutKinds: Readonly<Record<'egg' | 'fat' | 'flour', readonly Kind[]>> = {
  egg: eggKinds,
  fat: ['butter', 'plant-block', 'plant-spread', 'hard-fat'],
  flour: flourKinds,
}
const rowFits = (
  row: {
    readonly when: MethodFact
    readonly and?: MethodFact
    readonly without?: MethodFact
    readonly families?: readonly string[]
  },
  { facts, part }: MethodDraft,
) =>
  facts.has(row.when) &&
  (!row.and || facts.has(row.and)) &&
  (!row.without || !facts.has(row.without)) &&
  (!row.families?.length || row.families.includes(part.reading.family.id))

/** One step: what it said in the original, and what it says by now. */
interface At {
  readonly component: number
  readonly was: string
  text: string
}

/**
 * A sentence with the wording rows of the plan; `isItsOwn`: it comes no sooner than the part's own
 * things do; `isAlone`: nothing of another part is baked before.
 */
function reworded(
  step: At,
  making: MethodDraft,
  lines: readonly Line[],
  own: readonly Line[],
  isItsOwn: boolean,
  isAlone: boolean,
): void {
  const was = sentencesOf(step.was)
  const now = sentencesOf(step.text)
  // The meringue's egg is none of the filling's.
  const kindsIn = (text: string) =>
    new Set(
      mentionsInStep(text, lines, own)
        .filter(m => !m.line || m.line.component === making.part.component.name)
        .flatMap(m => [
          m.ingredient.kind,
          ...(m.line?.ingredient ? [ingredientById(m.line.ingredient)!.kind] : []),
        ]),
    )
  const same = was.length === now.length
  let poured = false
  const texts = now.map((sentence, i) => {
    const kinds = kindsIn(same ? was[i]! : step.was)
    // An oven that nothing goes into is not heated.
    const fits =
      isItsOwn || isAlone
        ? sentenceRows.find(row => rowFits(row, making) && row.sign.test(sentence))
        : undefined
    if (fits && isAlone && heatsOven.test(sentence)) return ''
    const whole = isItsOwn ? fits : undefined
    poured ||= whole !== undefined && intoVessel.test(whole.to)
    if (whole)
      return `${headOf(sentence, whole.sign, lines, making.answers)}${whole.to ? `${whole.to} ` : ''}`
    const worded = wordingRows.reduce(
      (text, row) =>
        rowFits(row, making) && (!row.about || aboutKinds[row.about].some(k => kinds.has(k)))
          ? text.replace(row.sign, row.to)
          : text,
      sentence,
    )
    return /^\s*\p{Lu}/u.test(sentence)
      ? worded.replace(/^\s*\p{Ll}/u, c => c.toUpperCase())
      : worded
  })
  // It goes into its dishes once it is cooked, and not before.
  const from = poured
    ? texts.findIndex(
        text =>
          intoVessel.test(text) &&
          !sentenceRows.some(row => text.includes(row.to) && row.to !== ''),
      )
    : -1
  const to = texts.findIndex(text =>
    sentenceRows.some(row => row.to !== '' && text.includes(row.to)),
  )
  step.text = texts
    .filter((_, i) => from < 0 || i < from || i >= to)
    .join('')
    .replace(/\s{2,}/gu, ' ')
    .replace(/\s+([.,;])/gu, '$1')
    .trim()
}

/** What a sentence says before the clause that no longer fits, when that names something. */
function headOf(
  sentence: string,
  sign: RegExp,
  lines: readonly Line[],
  answers: readonly Answer[],
): string {
  const before = sentence.slice(0, sign.exec(sentence)!.index)
  const joint = /^(.*)(?:,|\s+and\b)(?:\s+then)?[^,]*$/isu.exec(before)
  const head = joint?.[1]?.trim() ?? ''
  return head &&
    (mentionsInStep(head, lines).length ||
      answers.some(([, answer]) => head.toLowerCase().includes(answer.inSteps.toLowerCase())))
    ? `${head}. `
    : ''
}

/** Puts a thing beside another in a sentence: ", X" in a list, "and X" at the end of one. */
export function putBeside(step: string, end: number, name: string): string {
  const right = step.slice(end)
  if (/^\s*,/u.test(right)) return `${step.slice(0, end)}, ${name}${right}`
  if (/^\s+and\s+(?!then\b)/u.test(right)) return `${step.slice(0, end)}, ${name}${right}`
  // At the end of a list the last "and" moves on.
  const last = /^(.*,[^.]*?|.*\w\s+\w[^.,]*?),?\s+and\s+((?:[^\s.,;]+\s*){1,4})$/su.exec(
    step.slice(0, end),
  )
  if (last && !/\b(?:and|until|then)\b/u.test(last[2]!) && /,/u.test(sentencesOf(last[1]!).at(-1)!))
    return `${last[1]}, ${last[2]} and ${name}${right}`
  return `${step.slice(0, end)} and ${name}${right}`
}

/** The name goes on: "soy flour batter" is no place to put something between. */
const goesOn = /^\s+(?:batter|gel|mixture|mix|slurry|paste|milk|drink)\b/iu
const helpKind = (line: Line) => {
  const i = ingredientById(line.ingredient!)!
  if (i.kind === 'leaven') return 'leaven' as const
  if (i.kind === 'acid') return 'water' as const
  if (i.kind === 'oil' || i.per100.fat > 60) return 'fat' as const
  return i.kind === 'water' ? ('water' as const) : ('other' as const)
}

/** Beside what a new help goes in; a step of its own where nothing fits. */
function placeHelp(
  steps: At[],
  scope: readonly number[],
  line: Line,
  lines: readonly Line[],
  region: Region,
  answers: readonly Answer[],
): void {
  // No article: "oil and the water" reads like oiling something.
  const name = nameIn(ingredientById(line.ingredient!)!, region)
  // The method may name it already, though the list did not.
  if (scope.some(i => mentionsInStep(steps[i]!.text, lines).some(m => m.line === line))) return
  // What comes in for something is named there already.
  if (
    answers.some(
      ([, answer]) =>
        (answer.of ?? [answer]).some(school =>
          school.adds.some(dose => dose.ingredient === line.ingredient),
        ) &&
        !answer.prepare &&
        scope.some(i => steps[i]!.text.toLowerCase().includes(answer.inSteps.toLowerCase())),
    )
  )
    return
  for (const kind of besides[helpKind(line)])
    for (const i of scope) {
      const found = mentionsInStep(steps[i]!.text, lines).find(
        m =>
          m.line &&
          m.line !== line &&
          !goesOn.test(steps[i]!.text.slice(m.end)) &&
          m.line.component === line.component &&
          m.line.purpose !== 'pan' &&
          !onTin.test(sentenceAt(steps[i]!.text, m.start)) &&
          !/\(with $/u.test(steps[i]!.text.slice(0, m.start)) &&
          !m.verb &&
          ingredientById(m.line.ingredient!)!.kind === kind &&
          !/\bspoonful of $|\bwhip\w*\s[^.,;]*$/iu.test(steps[i]!.text.slice(0, m.start)),
      )
      if (found) {
        steps[i]!.text = putBeside(steps[i]!.text, found.end, name)
        return
      }
    }
  // What is gathered takes it along.
  if (scope.some(i => theRest.test(steps[i]!.text))) return
  // Beside what comes in for something: "the starch mixture and water".
  for (const [, answer] of [...answers].sort(
    ([, a], [, b]) => Number(b.prepare !== null) - Number(a.prepare !== null),
  ))
    for (const i of scope) {
      const at = steps[i]!.text.toLowerCase().indexOf(answer.inSteps.toLowerCase())
      if (at >= 0) {
        const end = at + answer.inSteps.length
        steps[i]!.text = `${steps[i]!.text.slice(0, end)} and ${name}${steps[i]!.text.slice(end)}`
        return
      }
    }
  const oven =
    scope.find(i => ovenWords.test(steps[i]!.text) && !preheatOnly.test(steps[i]!.text)) ??
    scope.at(-1)
  const says =
    helpKind(line) === 'leaven'
      ? `Whisk the ${name} through the dry things.`
      : `Stir in the ${name}.`
  if (oven === undefined) return
  steps[oven]!.text = `${says} ${steps[oven]!.text}`
}

function place(
  steps: At[],
  scope: readonly number[],
  making: MethodDraft,
  lines: readonly Line[],
): { before: number; text: string }[] {
  const own: { before: number; text: string }[] = []
  const oven = scope.find(i => ovenWords.test(steps[i]!.text) && !preheatOnly.test(steps[i]!.text))
  /** Right before the sentence of a step that goes into the oven. */
  const beforeOven = (i: number, says: string) => {
    const all = sentencesOf(steps[i]!.text)
    const bakes = Math.max(
      0,
      all.findIndex(sentence => ovenWords.test(sentence)),
    )
    steps[i]!.text = `${all.slice(0, bakes).join('')}${says} ${all.slice(bakes).join('')}`
  }
  const warm = steps.some(step => servedWarm.test(step.text))
  for (const row of placeRows) {
    if (
      !rowFits(row, making) ||
      (row.warm !== undefined && row.warm !== warm) ||
      scope.some(i => row.unless.test(steps[i]!.text))
    )
      continue
    const naming = (kinds: readonly Kind[]) =>
      [...scope]
        .reverse()
        .find(
          i =>
            mentionsInStep(steps[i]!.text, lines).some(
              m =>
                !m.verb &&
                m.line?.ingredient &&
                !goesOn.test(steps[i]!.text.slice(m.end)) &&
                !onTin.test(sentenceAt(steps[i]!.text, m.start)) &&
                kinds.includes(ingredientById(m.line.ingredient)!.kind),
            ) ||
            (kinds === aboutKinds.flour &&
              (dryThings.test(steps[i]!.text) || theRest.test(steps[i]!.text))),
        )
    const add = (i: number | undefined) => {
      if (i !== undefined)
        steps[i]!.text =
          `${steps[i]!.text.replace(/\s*$/u, '').replace(/([^.!?])$/u, '$1.')} ${row.says}`
    }
    /** After the mixing, and before what the same step goes on to bake. */
    const addToMixing = (i: number | undefined) => {
      const all = i === undefined ? [] : sentencesOf(steps[i]!.text)
      const bakes = all.findIndex(
        sentence =>
          ovenWords.test(sentence) || shapingWords.test(sentence) || leaves.test(sentence),
      )
      if (i === undefined || bakes <= 0) {
        add(i)
        return
      }
      steps[i]!.text =
        `${all.slice(0, bakes).join('').trimEnd()} ${row.says} ${all.slice(bakes).join('')}`
    }
    if (row.at === 'flour') addToMixing(naming(aboutKinds.flour))
    else if (row.at === 'fat') addToMixing(naming([...aboutKinds.fat, 'oil']))
    else if (row.at === 'after-oven')
      add(
        [...scope]
          .reverse()
          .find(i => ovenWords.test(steps[i]!.text) || /\bcool\b/iu.test(steps[i]!.text)),
      )
    else if (row.at === 'before-oven') {
      if (oven !== undefined) beforeOven(oven, row.says)
    } else {
      const shaping =
        scope.find(i => shapingWords.test(steps[i]!.text) && !preheatOnly.test(steps[i]!.text)) ??
        oven
      const all = shaping === undefined ? [] : sentencesOf(steps[shaping]!.text)
      const shapes = all.findIndex(sentence => shapingWords.test(sentence))
      // In one step with the mixing: right before the sentence that shapes.
      if (shaping !== undefined && shapes > 0)
        steps[shaping]!.text =
          `${all.slice(0, shapes).join('')}${row.says} ${all.slice(shapes).join('')}`
      else if (shaping !== undefined) own.push({ before: shaping, text: row.says })
    }
  }
  return own
}

/** The lines that the steps of a recipe take. */
const takenIn = (recipe: Recipe): ReadonlySet<string> =>
  new Set(
    readMethod(recipe).actions.flatMap(({ takes }) =>
      takes.flatMap(({ thing }) => (thing.is === 'line' ? [thing.line] : [])),
    ),
  )

/**
 * The method of the adapted recipe: the renamed steps in the plan's own way of working, with what
 * has to be made ready first, helps beside what they help, and each thing to mind at its place.
 * `recipe` has its new lines and renamed steps already; `was` are the same steps as they were.
 */
export function writeMethod(
  recipe: Recipe,
  was: readonly (readonly string[])[],
  makings: readonly MethodDraft[],
  asWritten: readonly Line[],
): Recipe {
  const steps: At[] = recipe.components.flatMap((c, component) =>
    c.steps.map((text, i): At => ({ component, was: was[component]![i] ?? text, text })),
  )
  const lines = recipe.components.flatMap(c => c.lines)
  const inserts: { readonly before: number; readonly component: number; readonly text: string }[] =
    []
  const loose: { readonly component: number; readonly text: string }[] = []
  const owns = ownLines({
    components: recipe.components.map((c, i) => ({
      ...c,
      lines: asWritten.filter(l => l.component === c.name),
      steps: was[i] ?? c.steps,
    })),
  }).flat()
  for (const making of makings) {
    const own = steps.flatMap((s, i) => (s.component === making.at ? [i] : []))
    const scope = own.length ? own : steps.map((_, i) => i)
    // Where parts share a method, what was baked before this part's things came in was another's.
    const mine =
      scope.find(i =>
        mentionsInStep(steps[i]!.was, asWritten, owns[i] ?? asWritten).some(
          m => m.line?.component === recipe.components[making.at]!.name && !m.verb,
        ),
      ) ?? scope[0]!
    const othersBake = scope.some(
      i => i < mine && sentencesOf(steps[i]!.was).some(sentence => ovenWords.test(sentence)),
    )
    for (const i of scope)
      reworded(steps[i]!, making, asWritten, owns[i] ?? asWritten, i >= mine, !othersBake)
    for (const line of making.helps)
      placeHelp(
        steps,
        scope.filter(i => i >= mine),
        line,
        lines,
        recipe.region,
        making.answers,
      )
    // What the method itself whisks to peaks is not shaken to a foam before.
    const whisked = (text: string) =>
      looseFoam.test(text) &&
      making.answers.some(
        ([, answer]) =>
          text.toLowerCase().startsWith(answer.inSteps) &&
          scope.some(i =>
            new RegExp(
              String.raw`\bwhisk\w*\b[^.]*\b${answer.inSteps}\b[^.]*\b(?:peaks|stiff)\b`,
              'iu',
            ).test(steps[i]!.text),
          ),
      )
    if (!scope.length) {
      making.first.forEach(text => loose.push({ component: making.at, text }))
      continue
    }
    for (const text of making.first.filter(each => !whisked(each)))
      inserts.push({ before: scope[0]!, component: steps[scope[0]!]!.component, text })
    for (const { before, text } of place(
      steps,
      scope.filter(i => i >= mine),
      making,
      lines,
    ))
      inserts.push({ before, component: steps[before]!.component, text })
  }
  const written = recipe.components.map((c, component) => ({
    ...c,
    steps: [
      ...steps.flatMap((s, i) =>
        s.component === component
          ? [
              ...inserts.filter(x => x.before === i).map(x => x.text),
              ...(s.text.trim() ? [s.text] : []),
            ]
          : [],
      ),
      ...loose.filter(l => l.component === component).map(l => l.text),
    ],
  }))
  return swept({ ...recipe, components: written.map(({ stepsFrom: _, ...c }) => c) }, makings)
}

/** Whatever new line no step takes up yet is taken up at the step that it belongs to. */
function swept(recipe: Recipe, makings: readonly MethodDraft[]): Recipe {
  let now = recipe
  let taken = takenIn(now)
  for (const making of makings)
    for (const line of [...making.lines, ...making.helps]) {
      const isThere = linesOf(now).some(other => other.id === line.id)
      if (line.purpose || !isThere || taken.has(line.id)) continue
      const at = now.components[making.at]!.steps.length
        ? making.at
        : now.components.findIndex(c => c.steps.length)
      if (at < 0) continue
      const steps: At[] = now.components[at]!.steps.map(text => ({
        component: at,
        was: text,
        text,
      }))
      placeHelp(
        steps,
        steps.map((_, i) => i),
        line,
        now.components.flatMap(c => c.lines),
        now.region,
        making.answers,
      )
      now = {
        ...now,
        components: now.components.map((c, i) =>
          i === at ? { ...c, steps: steps.map(s => s.text) } : c,
        ),
      }
      taken = takenIn(now)
    }
  return now
}

/** "For the flax gel: 15 g ground flax and 79 g water. Stir the ground flax into the water …" */
export function readyFirst(
  name: string,
  things: readonly { readonly grams: number; readonly name: string }[],
  prepare: string,
  restMinutes: number | null,
): string {
  const [only] = things
  if (things.length === 1 && only)
    return (
      `${name.charAt(0).toUpperCase()}${name.slice(1)}, ${weightText(only.grams)}: ` +
      `${prepare.charAt(0).toLowerCase()}${prepare.slice(1)}` +
      (restMinutes ? ` Rest it for ${sayRestTime(restMinutes)}.` : '')
    )
  return (
    `For the ${name}: ${listed(things.map(t => `${weightText(t.grams)} ${t.name}`))}. ` +
    `${prepare}${restMinutes ? ` Rest it for ${sayRestTime(restMinutes)}.` : ''}`
  )
}
