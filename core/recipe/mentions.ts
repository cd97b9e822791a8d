import { findMentions, ingredientById, type Ingredient } from '../pantry'

/** Where a step names an ingredient. `verb` when the word is a doing ("butter the tin"), which brings it all the same. */
export interface StepMention { readonly start: number, readonly end: number, readonly words: string, readonly ingredient: Ingredient, readonly verb: boolean }

/** Words in steps that bring an ingredient without naming it as one. */
const hidden: readonly (readonly [RegExp, string])[] = [
  [/\b(?:well-?)?buttered\b/giu, 'butter'],
  [/\b(?:lightly\s+)?floured\b/giu, 'plain-flour'],
  [/\begg-?washed\b/giu, 'egg'],
]
const doing = /^\s+(?:(?:and\s+(?:\w+\s+)?)?(?:the|a|an|your|it|both|each|two|one|base|sides)\b|well\b|generously\b|lightly\b)/iu
const beforeDoing = /(?:^|[.;:,]\s*|\b(?:and|then|lightly|generously|first|to)\s+)$/iu
const servedWith = /\b(?:with|alongside|scoop\s+of|dollop\s+of|topped\s+with|drizzled?\s+(?:with|over)|shop-?bought|ready-?made|bought)\s+(?:(?:a|an|some|more|extra|plenty\s+of|vanilla|whipped|cold|warm|little|scoop\s+of|dollop\s+of|ready-?made|bought)\s+)*$/iu

/** Is this "cream the butter", where cream is what the hands do? */
const isCreaming = (step: string, m: { start: number, end: number, words: string }) =>
  /^creams?$/iu.test(m.words) && /^\s+(?:together|the|butter|until|in|sugar|margarine|both|everything|shortening|plant|block|vegan|it|fat)\b/iu.test(step.slice(m.end)) && beforeDoing.test(step.slice(0, m.start))

/** "until it looks like breadcrumbs", "the size of a walnut": a likeness brings nothing. */
const likeness = /\b(?:like|resembl\w+|(?:size|colour|color|consistency|texture|thickness)\s+of|as\s+\w+\s+as)\s+(?:a|an|the|fine|coarse|thick|thin|single|double|soft|runny|small|large|very|\s)*$/iu

/**
 * The ingredients that a step names. "Cream the butter" names butter alone; "butter the tin" brings butter; a word for
 * the thing being made ("pour in the custard", "cool the biscuits") is no ingredient unless it is served with.
 */
export function mentionsInStep(step: string): StepMention[] {
  const found: StepMention[] = []
  for (const m of findMentions(step).mentions) {
    if (isCreaming(step, m) || /^spreads?$/iu.test(m.words) || likeness.test(step.slice(0, m.start))) continue
    if (m.ingredient.kind === 'ready-made' && !servedWith.test(step.slice(0, m.start))) continue
    const verb = /^(?:butter|flour|oil)$/iu.test(m.words) && doing.test(step.slice(m.end)) && beforeDoing.test(step.slice(0, m.start))
    found.push({ start: m.start, end: m.end, words: m.words, ingredient: m.ingredient, verb })
  }
  for (const [pattern, id] of hidden) for (const hit of step.matchAll(pattern)) {
    found.push({ start: hit.index, end: hit.index + hit[0].length, words: hit[0], ingredient: ingredientById(id)!, verb: true })
  }
  return found.sort((a, b) => a.start - b.start)
}
