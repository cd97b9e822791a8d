import { ingredientById, type Ingredient } from '../../../pantry'
import type { Line } from '../../../recipe'
import type { Answer } from '../../choose'
import type { DessertPart, Substitution } from '../../ways'
import type { MethodFact } from '../../tables/method-facts'
import { thingOf } from './making'

/** The schools that an answer is made of. */
const schoolsOf = (answer: Substitution): readonly Substitution[] => answer.of ?? [answer]
const comesIn = (answer: Substitution): readonly Ingredient[] =>
  schoolsOf(answer).flatMap(s => s.adds.map(d => ingredientById(d.ingredient)!))

/** A fat that is solid at room warmth by less than this share is whisked, not creamed. [P] */
const soft = 0.2
const solidShare = (answer: Substitution): number => {
  const fats = schoolsOf(answer)
    .flatMap(s => s.adds)
    .flatMap(d => {
      const { per100 } = ingredientById(d.ingredient)!
      return per100.fat > 30 ? [{ fat: d.perGram * per100.fat, solid: per100.solid }] : []
    })
  const fat = fats.reduce((sum, f) => sum + f.fat, 0)
  return fat > 0 ? fats.reduce((sum, f) => sum + f.fat * f.solid, 0) / fat : 1
}

/** What stands in for egg where it has to set: a gel, a starch, or neither. */
function setFact(things: readonly Ingredient[]): readonly MethodFact[] {
  if (things.some(i => i.kind === 'gel')) return ['agar-set']
  return things.some(i => i.kind === 'starch') ? ['starch-set'] : []
}

const eggFacts = (answer: Substitution, part: DessertPart): readonly MethodFact[] => {
  const things = comesIn(answer)
  const isSet = part.route?.how === 'formula' || part.flour <= 0
  return [
    'egg-gone',
    things.some(i => i.does.foam >= 1) ? 'foam-new' : 'foam-gone',
    ...(isSet ? setFact(things) : []),
  ]
}

/** What an answer to each question changes. */
const byQuestion: Readonly<
  Record<string, (answer: Substitution, part: DessertPart) => readonly MethodFact[]>
> = {
  'egg': eggFacts,
  'butter': answer => [...(solidShare(answer) < soft ? ['fat-soft' as const] : []), 'milk-gone'],
  'gel': answer => (comesIn(answer).some(i => i.kind === 'gel') ? ['gel-boiled'] : []),
  'flour': () => ['gluten-gone'],
  'milk': () => ['milk-gone'],
  'sour-milk': answer =>
    schoolsOf(answer).some(s => s.adds.some(d => d.role === 'acid')) ? ['soured'] : [],
}

/** The facts of a part's plan that the rows of its method ask for; `lines` are the new ones. */
export function factsOf(
  part: DessertPart,
  answers: readonly Answer[],
  lines: readonly Line[],
): ReadonlySet<MethodFact> {
  const facts = new Set(
    answers.flatMap(([group, answer]) => byQuestion[group.question]?.(answer, part) ?? []),
  )
  const holds = (test: (i: Ingredient) => boolean) =>
    lines.some(line => {
      const thing = thingOf(line)
      return thing !== undefined && test(thing)
    })
  if (part.flour > 0 && !facts.has('gluten-gone') && holds(i => i.kind === 'flour'))
    facts.add('gluten-stays')
  if (holds(i => i.soda > 0)) facts.add('soda')
  return facts
}
