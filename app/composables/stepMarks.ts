import { pattern } from '#core/measure'
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
  if (n >= 60 && n % 30 === 0) return `${n / 60} h`
  return n < 1 ? `${Math.round(n * 60)} s` : `${Math.round(n)} min`
}
const stretchSays = ({ low, high }: Action['phases'][number]) =>
  low === high ? minutes(low) : `${minutes(low).replace(/ (?:min|h)$/u, '')}–${minutes(high)}`

/** The stays of a step: "bake 15 min + 20 min", "rise 1 h"; and the oven's settings: "220 → 190 °C". */
export function stayMarks(actions: readonly Action[]): readonly string[] {
  // "It keeps for 3 days" is nothing that is done.
  const done = actions.filter(action => action.mode !== 'remark')
  return done.flatMap(action => {
    const name = stayNames[action.verb] ?? action.verb
    const times = action.phases.map(stretchSays).join(' + ')
    const heat = action.settings.map(({ celsius }) => Math.round(celsius)).join(' → ')
    return [...(times ? [`${name} ${times}`.trim()] : []), ...(heat ? [`${heat} °C`] : [])]
  })
}

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

/** Words of a share, with the article, right before a name. */
const shareBefore = pattern(
  'iu',
  String.raw`(?:(?:all|half|a third|two thirds|a quarter|the rest|some|a little)\s+(?:of\s+)?)?`,
  String.raw`(?:(?:the|your|an?)\s+)?$`,
)
const shareWords = [
  ['all of it', 'the '],
  ['half of it', 'half the '],
  ['a third of it', 'a third of the '],
  ['the rest of it', 'the rest of the '],
] as const

/**
 * What a mark may be corrected to, each as the step's new words: another thing of the list, or
 * another share of this one. Nothing where the step does not name it by itself.
 */
export function otherWords(
  text: string,
  { span, lineId }: Pick<TakenMark, 'span' | 'lineId'>,
  lines: readonly Pick<Line, 'id' | 'name'>[],
): { readonly things: readonly Choice[]; readonly shares: readonly Choice[] } {
  if (!span) return { things: [], shares: [] }
  const [start, end] = span
  const others = lines.filter(line => line.id !== lineId && line.name)
  const head = text.slice(0, start).replace(shareBefore, '')
  return {
    things: others.map(({ name }) => ({
      label: name,
      text: text.slice(0, start) + name + text.slice(end),
    })),
    shares: lineId
      ? shareWords.map(([label, words]) => ({ label, text: head + words + text.slice(start) }))
      : [],
  }
}
interface Choice {
  readonly label: string
  /** The step as it would be. */
  readonly text: string
}
