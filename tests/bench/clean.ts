import { checkPeople, linesOf, type Person, type Plan, type Recipe } from '#core'
import { balanceOf, ratiosOf, weightsOf } from '#core/formula'
import { rereadAll } from '#core/pan'
import { mentionsInStep } from '#core/recipe'

/**
 * When a plan counts as clean: by measures of our own, written before the engine was tuned and
 * sharing nothing with its loss. A case is clean when nothing is found. Limits from the engine
 * study and check-values.md [M] [P]; the widths here are what a home baker would not send back.
 */
const near = (
  name: string,
  was: number,
  is: number,
  low: number,
  high: number,
  room: number,
): string[] =>
  is < was * low - room || is > was * high + room
    ? [`${name} ${was.toFixed(1)} → ${is.toFixed(1)}`]
    : []

const inert = ['fruit', 'dried-fruit', 'nut', 'seed', 'decoration']
const standsOnFirmFat = [
  'creamed',
  'shortbread',
  'pastry',
  'scone',
  'streusel',
  'buttercream',
  'cream-cheese-frosting',
]
const cooked = ['pastry-cream', 'egg-custard', 'ice-cream']
const formulas = ['meringue', 'macaron']

/** Limits on doses: to an egg that left, to the flour, or to the batch. */
const doses: readonly (readonly [string, 'egg' | 'flour' | 'batch', number])[] = [
  ['flax', 'egg', 8.5],
  ['chia', 'egg', 13],
  ['aquafaba', 'egg', 46],
  ['chickpea-flour', 'egg', 20.5],
  ['soy-flour', 'egg', 15.5],
  ['silken-tofu', 'egg', 66],
  ['apple-puree', 'egg', 61],
  ['banana', 'egg', 61],
  ['psyllium', 'flour', 0.036],
  ['xanthan', 'flour', 0.02],
  ['baking-powder', 'flour', 0.067],
  ['agar', 'batch', 0.0082],
]

/** Everything wrong with a plan for these people; empty when it is clean. */
export function faults(original: Recipe, plan: Plan, people: readonly Person[]): string[] {
  const found: string[] = []
  if (checkPeople(plan.recipe, people).people.some(p => p.verdict === 'conflict'))
    found.push('conflict')
  original.components.forEach((component, i) => {
    const part = plan.parts.find(p => p.component === component.name)
    if (!part) return
    const { family } = part
    const batter = (lines: typeof component.lines) =>
      weightsOf(lines).filter(w => !inert.includes(w.ingredient.kind))
    const [was, is] = [batter(component.lines), batter(plan.recipe.components[i]!.lines)]
    const mass = was.reduce((sum, w) => sum + w.grams, 0)
    if (mass < 5) return
    const [a, b] = [balanceOf(was), balanceOf(is)]
    const per = mass / 100
    if (!formulas.includes(family) && family !== 'egg-wash') {
      const loose = family === 'whipped-cream' || family === 'glaze' ? 2 : 1
      // Milk sugar is hardly sweet: where there is much of it, sweetness counts.
      const side = 0.07 * loose
      found.push(
        ...near('water', a.water, b.water, 1 - side, 1 + side, per),
        ...near('fat', a.fat, b.fat, 1 - side, 1 + side, 0.8 * per),
        ...(a.sugar - a.sweetness > 0.1 * a.sugar
          ? near('sweetness', a.sweetness, b.sweetness, 0.92, 1.08, 1.2 * per)
          : near('sugar', a.sugar, b.sugar, 0.92, 1.08, 1.2 * per)),
      )
      if (!cooked.includes(family) && !['cheesecake', 'cream-cheese-frosting'].includes(family))
        found.push(...near('starch', a.starch, b.starch, 0.9, 1.18, 1.2 * per))
      // Where starch sets a cream in the yolk’s stead, less protein is no fault.
      if (!cooked.includes(family) && family !== 'mousse')
        found.push(...near('protein', a.protein, b.protein, 0.55, 9, 0.6 * per))
      if (standsOnFirmFat.includes(family))
        found.push(...near('firm fat', a.solidFat, b.solidFat, 0.6, 1.5, 0.5 * per))
      found.push(...near('salt', a.salt, b.salt, 0, 2, 0.35 * per))
    }
    const eggs =
      was.reduce((sum, w) => sum + (w.ingredient.kind.startsWith('egg') ? w.grams : 0), 0) / 50
    const eggsLeft =
      is.reduce((sum, w) => sum + (w.ingredient.kind.startsWith('egg') ? w.grams : 0), 0) / 50
    const { flour } = ratiosOf(was)
    if (eggs > eggsLeft && !formulas.includes(family) && flour > 0 && a.bind > 0.3 * per * 0.2) {
      found.push(...near('bind', a.bind, b.bind, 0.5, 2, 0.1 * per))
      found.push(...near('set', a.set, b.set, 0.3, 2, 0.1 * per))
    }
    if (flour > 0) {
      // An egg's air stands for up to 2.1 g of powder in a crumb that powder lifts.
      const air = a.lift > 3 ? 6.3 * (eggs - eggsLeft) : 0
      const cap = (24 * flour) / 100
      if (a.lift > 3)
        found.push(
          ...near(
            'lift',
            Math.min(a.lift, cap),
            Math.min(b.lift, cap * 1.2) - Math.min(air, Math.max(0, b.lift - a.lift)),
            0.8,
            1.3,
            0.03 * cap,
          ),
        )
      const residue = (100 * (b.acid - a.acid)) / flour
      if (a.lift > 1 && (residue < -3 || residue > 7))
        found.push(`acid ${residue.toFixed(1)} meq a 100 g flour`)
      if (a.gluten > 4) found.push(...near('hold', a.gluten, b.gluten, 0.6, 9, 0))
    }
    // A formula of its own has doses of its own: aquafaba weight for weight.
    for (const [id, of, most] of formulas.includes(family) ? [] : doses) {
      const grams = (w: typeof was) =>
        w.reduce((sum, x) => sum + (x.ingredient.id === id ? x.grams : 0), 0)
      const base = { egg: eggs - eggsLeft, flour: ratiosOf(is).flour, batch: mass }[of]
      const more = of === 'egg' ? grams(is) - grams(was) : grams(is)
      if (base > 0.01 && grams(is) > grams(was) + 0.6 && more > most * base + 0.5)
        found.push(`${id} ${(more / base).toFixed(3)} to the ${of}`)
    }
  })
  const news = new Set(
    plan.changes
      .flatMap(c => c.adds.map(a => a.ingredient))
      .filter(id => id !== 'water' && !linesOf(original).some(l => l.ingredient === id)),
  )
  if (news.size > 7) found.push(`${news.size} new ingredients`)
  found.push(...stepFaults(original, plan))
  return found
}

/**
 * Steps that name what has left, or leave out what is new; contradictions that the reading finds in
 * the result and not in the original.
 */
function stepFaults(original: Recipe, plan: Plan): string[] {
  const found: string[] = []
  const removed = new Set(plan.changes.flatMap(c => c.removes))
  const gone = new Set(
    linesOf(original)
      .filter(l => removed.has(l.id))
      .flatMap(l => l.ingredient ?? [])
      .filter(id => !linesOf(plan.recipe).some(l => l.ingredient === id)),
  )
  const steps = plan.recipe.components.flatMap(c => c.steps)
  for (const step of steps)
    for (const m of mentionsInStep(step, linesOf(plan.recipe)))
      if (gone.has(m.ingredient.id) && !m.line)
        found.push(`a step still names ${m.ingredient.name}: ${step.slice(0, 80)}`)
  if (!original.components.some(c => c.steps.length)) return found
  const codes = (r: Recipe) =>
    rereadAll({ recipe: r, findings: [] }).findings.filter(f =>
      ['not-listed', 'not-used', 'step-amount', 'twice', 'soda-powder', 'parts-short'].includes(
        f.code,
      ),
    )
  const before = new Set(codes(original).map(f => f.key))
  const lost = new Set(codes(original).map(f => f.code))
  for (const f of codes(plan.recipe))
    if (!before.has(f.key) && !lost.has(f.code)) found.push(`${f.code}: ${f.sentence}`)
  return found
}
