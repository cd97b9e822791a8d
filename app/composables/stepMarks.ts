import { aDay } from '#core/measure'
import type { Action } from '#core/method'
import type { Line, Span } from '#core/recipe'

/** What a step takes, as a quiet mark beside it; `lineId` null where no line lists it. */
export interface TakenMark {
  readonly key: string
  readonly says: string
  readonly lineId: string | null
  /** Where the step names it; null for what a gathering word takes. */
  readonly span: Span | null
}

const fractions = [
  [1 / 2, 'half of '],
  [1 / 3, 'a third of '],
  [2 / 3, 'two thirds of '],
] as const
const fractionOf = (share: number) =>
  fractions.find(([n]) => Math.abs(share - n) < 0.01)?.[1] ?? `${Math.round(100 * share)} % of `
const gramsOf = (n: number) => `${n >= 10 ? Math.round(n) : Math.round(n * 10) / 10} g `

type Share = Action['takes'][number]['share']
function shareSays(share: Share): string {
  if (share.of === 'amount') return share.grams === null ? 'some of ' : gramsOf(share.grams)
  if (share.of === 'rest') return 'the rest of '
  if (share.of === 'piece') return `the ${share.piece} of `
  return share.of === 'part' ? fractionOf(share.fraction) : ''
}

/** What the actions of a step take of the list, and what no line lists; each once. */
export function takenMarks(
  actions: readonly Action[],
  lines: ReadonlyMap<string, Line>,
): readonly TakenMark[] {
  const marks = actions.flatMap(({ takes }) =>
    takes.flatMap(({ thing, share, span }): TakenMark[] => {
      if (thing.is === 'made') return []
      // Butter for the tin is the butter of the list, though no part of the dessert.
      const line =
        thing.is === 'line'
          ? lines.get(thing.line.replace(/(?:-or)+$/u, ''))
          : [...lines.values()].find(one => one.ingredient === thing.ingredient)
      const name = thing.is === 'aside' ? thing.words.toLowerCase() : (line?.name ?? '')
      if (!name) return []
      const says = `${shareSays(share)}${name}`
      // "The dry ingredients" name none of them by itself.
      const isOne = takes.filter(other => String(other.span) === String(span)).length === 1
      const own = isOne ? span : null
      return [{ key: `${line?.id ?? ''} ${says}`, says, lineId: line?.id ?? null, span: own }]
    }),
  )
  return marks.filter((mark, i) => marks.findIndex(other => other.key === mark.key) === i)
}

const stayNames: Readonly<Partial<Record<Action['verb'], string>>> = {
  'proof': 'rise',
  'set-aside': 'wait',
  'preheat': 'oven',
  'look': '',
}
const minutes = (n: number) => {
  if (n >= 2 * aDay && n % aDay === 0) return `${n / aDay} days`
  if (n >= 60 && n % 30 === 0) return `${n / 60} h`
  return n < 1 ? `${Math.round(n * 60)} s` : `${Math.round(n)} min`
}
const stretchSays = ({ low, high }: Action['phases'][number]) =>
  low === high ? minutes(low) : `${minutes(low).replace(/ (?:min|h|days)$/u, '')}–${minutes(high)}`

/** A stay or a heat of a step, and where the step says it: of each stretch its own place. */
export interface StayMark {
  readonly is: 'time' | 'heat'
  readonly says: string
  readonly said: readonly { readonly says: string; readonly span: Span; readonly is: number }[]
}

const timeMark = ({ verb, phases }: Action): readonly StayMark[] => {
  if (!phases.length) return []
  const says = phases.map(stretchSays).join(' + ')
  return [
    {
      is: 'time',
      says: `${stayNames[verb] ?? verb} ${says}`.trim(),
      said: phases.flatMap(phase =>
        phase.said ? [{ says: stretchSays(phase), span: phase.said, is: phase.high }] : [],
      ),
    },
  ]
}
const heatMark = ({ settings }: Action): readonly StayMark[] => {
  if (!settings.length) return []
  const degrees = settings.map(({ celsius }) => `${Math.round(celsius)}`)
  return [
    {
      is: 'heat',
      says: `${degrees.join(' → ')} °C`,
      said: settings.map(({ said, celsius }, i) => ({
        says: `${degrees[i]} °C`,
        span: said,
        is: celsius,
      })),
    },
  ]
}

/** The stays of a step: "bake 15 min + 20 min", "rise 1 h"; and the oven's settings: "220 → 190 °C". */
export const stayMarks = (actions: readonly Action[]): readonly StayMark[] =>
  // "It keeps for 3 days" is nothing that is done.
  actions
    .filter(action => action.mode !== 'remark')
    .flatMap(action => [...timeMark(action), ...heatMark(action)])

const longestSaid = 34
/** Where a step may be cut: before each of its doings but the first, said by the words that follow. */
export const cutPlaces = (
  text: string,
  actions: readonly Pick<Action, 'span'>[],
): readonly { readonly place: number; readonly says: string }[] =>
  actions.slice(1).flatMap(({ span: [from, to] }) => {
    const words = text.slice(from, to).trim()
    const place = from + text.slice(from).search(/\S/u)
    if (place <= 0 || !words || !text.slice(0, place).trim()) return []
    const said = words.length > longestSaid ? `${words.slice(0, longestSaid).trimEnd()} …` : words
    return [{ place, says: `before “${said}”` }]
  })
