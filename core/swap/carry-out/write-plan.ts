import { judge, beyondAtMost, type Option } from '../choose'
import { cautionsFor, checkPeople, packetsToCheck, type Person } from '../../people'
import { gateFaults, readMethod } from '../../method'
import type { Recipe } from '../../recipe'
import type { Table } from '../leaving'
import type { Wishes, HouseKnowledge, DessertPart } from '../ways'
import { sayingsFor, housed, sayHoused } from './house'
import { houseTold } from './house-steps'
import { houseRested } from './rest'
import type { Plan } from '../plan'
import { rewritePart, type Rewritten } from './lines/part'
import { tellRecipe } from './telling/recipe'
import { noteRows } from '../tables/consequences'

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
