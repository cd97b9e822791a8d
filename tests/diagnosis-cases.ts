import { readFileSync, readdirSync } from 'node:fs'
import { adapt, diagnose, linesOf, readRecipe, type Person, type Plan, type Recipe } from '#core'
import type { Diagnosis } from '#core/trial'
import {
  diagnosisCases,
  ordinary,
  type DiagnosisCase,
  type Dish,
} from './corpus/tables/spoiled-bakes'

const demo = (n: number) =>
  readFileSync(`demo/recipes/${readdirSync('demo/recipes').sort()[n - 1]!}`, 'utf8')
const texts: Readonly<Record<Dish, () => string>> = {
  ginger: () => demo(1),
  plum: () => demo(2),
  shortbread: () => demo(3),
  nests: () => demo(4),
  ring: () => demo(5),
  slice: () => demo(6),
  snaps: () => ordinary.snaps,
  gingerGf: () => demo(1),
  cream: () => ordinary.cream,
  buns: () => ordinary.buns,
  pancakes: () => ordinary.pancakes,
  cheesecake: () => ordinary.cheesecake,
}

const everyone = () => JSON.parse(readFileSync('demo/people.json', 'utf8')) as Person[]
const named = (...names: string[]) => everyone().filter(p => names.includes(p.name))
const kept = new Map<string, { recipe: Recipe; plan: Plan | null; people: Person[] }>()

/** The dish as it should have been, and the plan where it is adapted. */
export function dishOf(one: Pick<DiagnosisCase, 'dish' | 'adapted'>): {
  recipe: Recipe
  plan: Plan | null
  people: Person[]
} {
  const key = `${one.dish}${one.adapted}`
  const there = kept.get(key)
  if (there) return there
  const recipe = readRecipe(texts[one.dish](), {}).recipe
  const table = one.dish === 'gingerGf' ? named('Philippa') : named('Ottilie', 'Bram')
  const people = one.adapted ? table : []
  const plan = one.adapted ? (adapt(recipe, people).plans[0] ?? null) : null
  const made = { recipe, plan, people }
  kept.set(key, made)
  return made
}

/** The recipe with the fault in it. */
function spoiled(recipe: Recipe, times: Readonly<Record<string, number>>): Recipe {
  const by = (name: string) =>
    Object.entries(times).find(([word]) => name.toLowerCase().includes(word))?.[1] ?? 1
  return {
    ...recipe,
    components: recipe.components.map(c => ({
      ...c,
      lines: c.lines.flatMap(line => {
        const k = by(line.name)
        return k === 0
          ? []
          : [
              {
                ...line,
                grams: line.grams && {
                  low: line.grams.low * k,
                  best: line.grams.best * k,
                  high: line.grams.high * k,
                },
              },
            ]
      }),
    })),
  }
}

export function diagnosed(one: DiagnosisCase, changes = 0): Diagnosis {
  const { recipe, plan, people } = dishOf(one)
  const right = plan?.recipe ?? recipe
  const baked = one.times ? spoiled(right, one.times) : right
  if (
    one.times &&
    linesOf(baked).length === linesOf(right).length &&
    JSON.stringify(baked) === JSON.stringify(right) &&
    Object.values(one.times).some(k => k !== 1)
  )
    throw new Error(`${one.name}: nothing was changed`)
  return diagnose(
    [...one.symptoms, ...(one.absent ?? []).map(id => ({ id, absent: true }))],
    recipe,
    plan,
    { ...one.seen, people, baked, changes },
  )
}

/** How often the cause that was put in leads, or is among the first three. */
export function diagnosisScore(): {
  readonly cases: number
  readonly top1: number
  readonly top3: number
  readonly missed: readonly {
    readonly name: string
    readonly expect: string
    readonly found: readonly string[]
  }[]
} {
  const rows = diagnosisCases.map(one => ({
    one,
    found: diagnosed(one)
      .causes.slice(0, 3)
      .map(c => `${c.id} ${Math.round(100 * c.likelihood)}`),
  }))
  const at = (row: (typeof rows)[number]) =>
    row.found.findIndex(f => f.startsWith(`${row.one.expect} `))
  return {
    cases: rows.length,
    top1: rows.filter(r => at(r) === 0).length,
    top3: rows.filter(r => at(r) >= 0).length,
    missed: rows
      .filter(r => at(r) !== 0)
      .map(r => ({ name: r.one.name, expect: r.one.expect, found: r.found })),
  }
}
