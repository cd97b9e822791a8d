import { cautionsFor, checkPeople, packetsToCheck, type Person } from '../people'
import { gateFaults, readMethod } from '../method'
import type { Recipe } from '../recipe'
import type { Table } from './allowed'
import { beyondAtMost } from './at-most'
import type { Wishes } from './candidates'
import { housed, sayHoused, sayingsFor } from './house'
import { houseTold } from './house-steps'
import { judge } from './judge'
import { houseRested } from './rest'
import type { HouseKnowledge } from './known'
import { costOf, type Option } from './option'
import type { DessertPart } from './part'
import type { Plan } from './plan'
import { rewritePart, type Rewritten } from './lines/part'
import { tellRecipe } from './telling/recipe'
import { wayOf } from './search'
import { noteRows } from './tables/consequences'
import { notAdvised } from './tables/limits'
import { unusual } from './tables/priors'

/** What every plan of one question has in common. */
export interface Asked {
  readonly recipe: Recipe
  readonly people: readonly Person[]
  readonly parts: readonly DessertPart[]
  readonly table: Table
  readonly wishes: Wishes
  readonly known: HouseKnowledge
}

export interface Choice {
  readonly title: string
  readonly id: string
  readonly options: ReadonlyMap<number, Option>
}

/** What the first is called: the usual way where bakers take every one of its answers. */
function titleOf({ unusual: isUnusual }: Option, { pin, schools }: Wishes): string {
  if (pin?.length || Object.keys(schools ?? {}).length) return 'What you asked for'
  return isUnusual === 0 ? 'The usual way' : 'Closest'
}

/**
 * Up to three distinct answers for the main part: the closest, the one with fewest new things, and
 * one by the larder or another way. Different means another egg school, or, without eggs, another
 * school somewhere.
 */
export function chooseMain(
  options: readonly Option[],
  wishes: Wishes,
): { option: Option; id: string; title: string }[] {
  const allowed =
    wishes.maxExtra === undefined ? options : options.filter(o => o.news.length <= wishes.maxExtra!)
  const pool = allowed.length ? allowed : options
  const [closest] = pool
  if (!closest) return []
  const chosen = [{ option: closest, id: 'closest', title: titleOf(closest, wishes) }]
  const others = () => pool.filter(o => !chosen.some(c => wayOf(c.option) === wayOf(o)))
  // What hardly anybody would bake is shown only where nothing else is left.
  const isKnown = (o: Option) => o.unusual <= closest.unusual + unusual.mostBeside
  const fresh = () => {
    const near = others().filter(o => o.loss < Math.max(notAdvised, closest.loss * 2))
    return near.some(isKnown) ? near.filter(isKnown) : near
  }
  const fewest = fresh().reduce<Option | null>(
    (best, o) =>
      !best ||
      o.news.length < best.news.length ||
      (o.news.length === best.news.length && costOf(o) < costOf(best))
        ? o
        : best,
    null,
  )
  if (fewest)
    chosen.push(
      fewest.news.length < closest.news.length
        ? { option: fewest, id: 'fewest', title: 'Fewest extras' }
        : { option: fresh()[0]!, id: 'other-way', title: 'Another way' },
    )
  const larder = new Set(wishes.larder ?? [])
  const bought = (o: Option) => o.news.filter(id => !larder.has(id)).length
  const third = larder.size
    ? fresh().reduce<Option | null>(
        (best, o) => (!best || bought(o) < bought(best) ? o : best),
        null,
      )
    : fresh()[0]
  if (third)
    chosen.push(
      larder.size
        ? { option: third, id: 'larder', title: 'From your larder' }
        : {
            option: third,
            id: 'third-way',
            title: chosen.some(c => c.id === 'other-way') ? 'A third way' : 'Another way',
          },
    )
  return chosen
}

function notesFor(recipe: Recipe, options: readonly Option[]): string[] {
  const warm = readMethod(recipe).actions.some(action => action.manners.has('served-warm'))
  const said = new Set<string>()
  for (const { part, draft } of options) {
    const gone = (question: string) => part.groups.some(g => g.question === question)
    const soda = [...draft.kept, ...draft.added].some(w => w.ingredient.soda > 0)
    const facts = new Set([
      ...(gone('egg') ? ['egg-gone'] : []),
      ...(soda ? ['soda'] : []),
      ...(gone('flour') ? ['gluten-gone'] : []),
      ...(!gone('flour') && part.flour > 0 ? ['gluten-stays'] : []),
    ])
    for (const row of noteRows)
      if (
        facts.has(row.when) &&
        row.families.includes(part.reading.family.id) &&
        !(row.cold && warm)
      )
        said.add(row.says)
  }
  return [...said]
}

/** A choice written into the recipe, part by part, as this house does it. */
function written({ recipe, parts, table, wishes, known }: Asked, choice: Choice) {
  const setting = { region: recipe.region, by: wishes.measureIn ?? 'grams', table, wishes } as const
  const own = new Map<number, Option>()
  const rewritten = new Map<number, Rewritten>()
  for (const [i, option] of choice.options) {
    const housedOption = housed(option, known, { table, wishes, used: new Set() })
    const made = rewritePart(housedOption, i, setting)
    own.set(i, housedOption)
    rewritten.set(i, { ...made, changes: sayHoused(made.changes, housedOption, known) })
  }
  const options = [...own.values()]
  const main = options.reduce<Option | null>(
    (a, b) => (!a || b.part.mass > a.part.mass ? b : a),
    null,
  )
  const family = main?.part.reading.family.id ?? ''
  const whole = tellRecipe(recipe, parts, rewritten, setting)
  const all = [...rewritten.values()].flatMap(r => r.changes)
  const rested = houseRested(whole, all, family, known.rests)
  const component = main?.part.component.name ?? ''
  const told = houseTold({ ...rested, family, component, steps: known.steps })
  return { ...told, options, family }
}

const untold = (fault: string) =>
  'The method could not be rewritten without a mistake, so no plan is shown rather than a wrong ' +
  `one. ${fault.charAt(0).toUpperCase()}${fault.slice(1)} Nothing is wrong with your recipe; ` +
  'other words in that step on the recipe page may help.'

/**
 * Writes a choice as a whole plan; null when the independent check or a gate of its method does not
 * pass it, or it takes more than there is. Why not goes to `faults`, as a baker is told it.
 */
export function planOf(asked: Asked, choice: Choice, faults: string[] = []): Plan | null {
  const { recipe, people, parts, known, wishes } = asked
  const { recipe: adapted, changes, options, family } = written(asked, choice)
  const check = checkPeople(adapted, people, known.packets ? { packets: known.packets } : {})
  // The gate: a plan that the independent check does not pass, with the packets that are tied, is not
  // shown, whoever thought it good.
  if (check.people.some(person => person.verdict === 'conflict')) return null
  const wrong = [
    ...gateFaults(recipe, adapted).map(fault => untold(fault.says)),
    ...beyondAtMost(adapted, wishes),
  ]
  faults.push(...wrong)
  if (wrong.length) return null
  const schools = [...new Set(changes.flatMap(change => change.school ?? []))]
  const touched = new Set(choice.options.keys())
  const answers = options.flatMap(option => option.answers.map(([, answer]) => answer))
  return {
    id: choice.id,
    title: choice.title,
    recipe: adapted,
    changes,
    ...judge({ adapted, parts, touched, schools, tried: known.tried }),
    differs: [...new Set(answers.flatMap(({ differs }) => (differs ? [differs] : [])))],
    notes: [...notesFor(recipe, options), ...sayingsFor(known, family, schools)],
    cautions: cautionsFor(adapted, people),
    packets: packetsToCheck(adapted, people, check),
    forPeople: people.map(person => person.id),
  }
}
