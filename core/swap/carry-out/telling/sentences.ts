import { pattern } from '../../../measure'
/** A step as its sentences, each with what follows it, so that it can be put together again as it was. */
export const sentencesOf = (step: string): string[] =>
  step.match(/[^.!?]+(?:[.!?](?!\s|$)[^.!?]*)*[.!?]*\s*/gu) ?? [step]

const opener = (text: string) => text.replace(/^\s*\p{Ll}/u, c => c.toUpperCase())
const describing = pattern(
  'iu',
  String.raw`(?:\b(?:the|a|an|some|your|all|any|more|extra|remaining|rest of the|chopped|`,
  String.raw`toasted|crushed|melted|softened|cold|warm|hot|beaten|grated|ground|whole|`,
  String.raw`finely|roughly|of|plenty of|whipped|vanilla|\d+\s*(?:g|ml|tsp|tbsp|`,
  String.raw`Tbsp)?)\s+)*$`,
)

/**
 * A step without the thing at [start, end): out of a list with its comma or "and"; and where the
 * clause was about nothing else, without the clause. '' when nothing of the step is left.
 */
export function withoutThing(step: string, start: number, end: number): string {
  let from = 0
  const kept: string[] = []
  for (const sentence of sentencesOf(step)) {
    const [s, e] = [start - from, end - from]
    from += sentence.length
    kept.push(s >= 0 && e <= sentence.length ? shortened(sentence, s, e) : sentence)
  }
  return kept
    .map(k => k.trim())
    .filter(Boolean)
    .map(opener)
    .join(' ')
}

/** Does what is left begin so that it can stand right behind what goes before? */
const joinsOn = (right: string, joint: string) =>
  (/^\s*(?:,|and\b)/u.test(right) && joint.includes('and')) ||
  right.startsWith(' ') ||
  /^[.,;!?]/u.test(right)

function shortened(sentence: string, start: number, end: number): string {
  const before = sentence.slice(0, start)
  const left = before.replace(describing, '')
  const article = /\b(?:the|your)\s/iu.exec(before.slice(left.length))?.[0] ?? ''
  const right = sentence.slice(end).replace(/^\s*\([^)]*\)/u, '')
  const inList = /^\s*(?:,|and\b|or\b)/u.test(right)
  // "X, Y and Z" at its head or after a verb: what follows takes its place.
  if (inList && !/(?:,|\band)\s*$/u.test(left)) {
    const next = right.replace(/^\s*(?:,\s*(?:and\s+)?|and\s+|or\s+)/u, '')
    // After the list's last "and" a new doing may begin: then the clause was about X alone.
    if (!startsDoing.test(next))
      return `${left}${/^(?:the|a|an|some|your)\s/iu.test(next) ? '' : article}${next}`
  }
  const joined = /(?:,\s*(?:and\s+)?|\s+and\s+|\s+or\s+)$/u.exec(left)
  if (joined && !startsDoing.test(left.slice(left.lastIndexOf(joined[0]) + joined[0].length)))
    return left.slice(0, joined.index) + (joinsOn(right, joined[0]) ? right : ` ${right}`)
  return withoutClause(left, right)
}

/** The clause is about this alone: it goes, from the last joint before it to the next after it. */
function withoutClause(left: string, right: string): string {
  // "Toast them, chop them and stir them in": all of it was about this.
  if (!/\w/u.test(left.replace(/^\s*\w+\s*$/u, '')) && /\b(?:them|they)\b/iu.test(right)) return ''
  const joint = Math.max(
    ...[...left.matchAll(/(?:,\s*(?:then\s+)?|\s+and\s+(?:then\s+)?|;\s*)/gu)].map(m => m.index),
    -1,
  )
  const after = /[,;.!?]|\s+and\s+/u.exec(right)
  const rest = after ? right.slice(after.index) : ''
  const head = joint > 0 ? left.slice(0, joint) : ''
  if (!head)
    return opener(
      rest.replace(/^(?:[,;]\s*(?:and\s+|then\s+)?|\s+and\s+(?:then\s+)?|[.!?]\s*)/u, ''),
    )
  return `${head}${/^[.!?]/u.test(rest) ? rest : rest || '.'}`
}
const startsDoing = pattern(
  'iu',
  String.raw`^(?:then\s+)?(?:whisk|beat|stir|fold|mix|add|pour|bake|cook|chill|leave|`,
  String.raw`spread|scatter|sprinkle|serve|cool|cream|rub|press|bring|simmer|boil|cut|dust|`,
  String.raw`top|set|chop|grind|toast|melt|warm|heat|drain|soak|line|grease|roll|shape|`,
  String.raw`press|push|arrange|decorate|finish|garnish|dip|brush|turn|remove|let|allow|`,
  String.raw`once|when|until|before|after)\b`,
)

/** The sentence, without its mark, from before a place on. */
export const sentenceAt = (step: string, at: number) => {
  const from = Math.max(...['.', ';', '!'].map(mark => step.lastIndexOf(mark, at) + 1))
  return step.slice(from).split(/[.;!]/u)[0]!
}
