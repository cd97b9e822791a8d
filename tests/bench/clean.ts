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
  [was, is]: readonly [was: number, is: number],
  [low, high]: readonly [low: number, high: number],
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

type Weights = ReturnType<typeof weightsOf>
const gramsOf = (weights: Weights, test: (w: Weights[number]) => boolean) =>
  weights.filter(test).reduce((sum, w) => sum + w.grams, 0)
const eggsIn = (weights: Weights) => gramsOf(weights, w => w.ingredient.kind.startsWith('egg')) / 50

/** A part before and after: its batter, weighed, and what the two come to. */
interface Part {
  readonly family: string
  readonly was: Weights
  readonly is: Weights
  readonly a: ReturnType<typeof balanceOf>
  readonly b: ReturnType<typeof balanceOf>
  readonly mass: number
  /** A hundredth of the batch, the unit of what is let pass. */
  readonly per: number
  readonly flour: number
  readonly eggs: number
  readonly eggsLeft: number
}
const batterOf = (lines: Recipe['components'][number]['lines']) =>
  weightsOf(lines).filter(w => !inert.includes(w.ingredient.kind))
function partsOf(original: Recipe, plan: Plan): Part[] {
  return original.components.flatMap((component, i) => {
    const part = plan.parts.find(p => p.component === component.name)
    if (!part) return []
    const [was, is] = [batterOf(component.lines), batterOf(plan.recipe.components[i]!.lines)]
    const mass = gramsOf(was, () => true)
    if (mass < 5) return []
    return [
      {
        family: part.family,
        was,
        is,
        a: balanceOf(was),
        b: balanceOf(is),
        mass,
        per: mass / 100,
        flour: ratiosOf(was).flour,
        eggs: eggsIn(was),
        eggsLeft: eggsIn(is),
      },
    ]
  })
}

/** Water, fat, sugar, starch, protein, firm fat and salt. */
function balanceFaults({ family, a, b, per }: Part): string[] {
  if (formulas.includes(family) || family === 'egg-wash') return []
  const loose = family === 'whipped-cream' || family === 'glaze' ? 2 : 1
  const side = 0.07 * loose
  // Milk sugar is hardly sweet: where there is much of it, sweetness counts.
  const isMilky = a.sugar - a.sweetness > 0.1 * a.sugar
  const sweet = isMilky ? ('sweetness' as const) : ('sugar' as const)
  const isCooked = cooked.includes(family)
  const hasStarch = !isCooked && !['cheesecake', 'cream-cheese-frosting'].includes(family)
  // Where starch sets a cream in the yolk’s stead, less protein is no fault.
  const hasProtein = !isCooked && family !== 'mousse'
  const isFirm = standsOnFirmFat.includes(family)
  return [
    ...near('water', [a.water, b.water], [1 - side, 1 + side], per),
    ...near('fat', [a.fat, b.fat], [1 - side, 1 + side], 0.8 * per),
    ...near(sweet, [a[sweet], b[sweet]], [0.92, 1.08], 1.2 * per),
    ...(hasStarch ? near('starch', [a.starch, b.starch], [0.9, 1.18], 1.2 * per) : []),
    ...(hasProtein ? near('protein', [a.protein, b.protein], [0.55, 9], 0.6 * per) : []),
    ...(isFirm ? near('firm fat', [a.solidFat, b.solidFat], [0.6, 1.5], 0.5 * per) : []),
    ...near('salt', [a.salt, b.salt], [0, 2], 0.35 * per),
  ]
}
/** What the eggs held together and set. */
function eggFaults({ family, a, b, per, flour, eggs, eggsLeft }: Part): string[] {
  if (eggs <= eggsLeft || formulas.includes(family)) return []
  if (flour <= 0 || a.bind <= 0.3 * per * 0.2) return []
  return [
    ...near('bind', [a.bind, b.bind], [0.5, 2], 0.1 * per),
    ...near('set', [a.set, b.set], [0.3, 2], 0.1 * per),
  ]
}
/** Lift, what is left of acid or soda, and what holds the crumb. */
function crumbFaults({ a, b, flour, eggs, eggsLeft }: Part): string[] {
  if (flour <= 0) return []
  // An egg's air stands for up to 2.1 g of powder in a crumb that powder lifts.
  const air = a.lift > 3 ? 6.3 * (eggs - eggsLeft) : 0
  const cap = (24 * flour) / 100
  const spared = Math.min(air, Math.max(0, b.lift - a.lift))
  const lifts = [Math.min(a.lift, cap), Math.min(b.lift, cap * 1.2) - spared] as const
  const residue = (100 * (b.acid - a.acid)) / flour
  const isSour = a.lift > 1 && (residue < -3 || residue > 7)
  return [
    ...(a.lift > 3 ? near('lift', lifts, [0.8, 1.3], 0.03 * cap) : []),
    ...(isSour ? [`acid ${residue.toFixed(1)} meq a 100 g flour`] : []),
    ...(a.gluten > 4 ? near('hold', [a.gluten, b.gluten], [0.6, 9], 0) : []),
  ]
}
/** Doses above their limits; a formula of its own has doses of its own: aquafaba weight for weight. */
function doseFaults({ family, was, is, mass, eggs, eggsLeft }: Part): string[] {
  if (formulas.includes(family)) return []
  return doses.flatMap(([id, of, most]) => {
    const [before, now] = [was, is].map(all => gramsOf(all, w => w.ingredient.id === id)) as [
      number,
      number,
    ]
    const base = { egg: eggs - eggsLeft, flour: ratiosOf(is).flour, batch: mass }[of]
    const more = of === 'egg' ? now - before : now
    const isOver = base > 0.01 && now > before + 0.6 && more > most * base + 0.5
    return isOver ? [`${id} ${(more / base).toFixed(3)} to the ${of}`] : []
  })
}
/** More than anybody buys for one cake. */
function newsFaults(original: Recipe, plan: Plan): string[] {
  const there = new Set(linesOf(original).map(l => l.ingredient))
  const adds = plan.changes.flatMap(c => c.adds.map(a => a.ingredient))
  const news = new Set(adds.filter(id => id !== 'water' && !there.has(id)))
  return news.size > 7 ? [`${news.size} new ingredients`] : []
}

/** Everything wrong with a plan for these people; empty when it is clean. */
export function faults(original: Recipe, plan: Plan, people: readonly Person[]): string[] {
  const isConflict = checkPeople(plan.recipe, people).people.some(p => p.verdict === 'conflict')
  const judges = [balanceFaults, eggFaults, crumbFaults, doseFaults]
  return [
    ...(isConflict ? ['conflict'] : []),
    ...partsOf(original, plan).flatMap(part => judges.flatMap(judge => judge(part))),
    ...newsFaults(original, plan),
    ...stepFaults(original, plan),
  ]
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
