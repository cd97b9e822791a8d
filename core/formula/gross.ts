import { ingredientById, type Kind } from '../pantry'
import {
  finding,
  linesOf,
  type Component,
  type Correction,
  type Finding,
  type Line,
  type Recipe,
} from '../recipe'
import { grossRows, mostLeavenOnFlour } from './tables/gross'
import { isInside } from './weight'

interface Weighed {
  readonly line: Line
  readonly kind: Kind
  readonly grams: number
}

const weighedIn = (component: Component): Weighed[] =>
  component.lines.filter(isInside).flatMap(line => {
    const kind = ingredientById(line.ingredient ?? '')?.kind
    return kind && line.grams ? [{ line, kind, grams: line.grams.best }] : []
  })

const sumOf = (all: readonly Weighed[], kinds: readonly Kind[]) =>
  all.filter(w => kinds.includes(w.kind)).reduce((sum, w) => sum + w.grams, 0)

/** A tenth of it, where the figure ends in a nought; ten times as much where it is too little. */
function shifted(line: Line, by: number): Correction[] {
  const at = line.evidence.amount
  const figure = at ? /\d+/u.exec(line.text.slice(...at)) : null
  if (!figure || !at) return []
  const value = Number(figure[0]) * by
  if (!Number.isInteger(value) || value < 1) return []
  const start = at[0] + figure.index
  const text = line.text.slice(0, start) + String(value) + line.text.slice(start + figure[0].length)
  return [{ label: `“${text.slice(0, 40)}”`, edits: [{ do: 'retype', lineId: line.id, text }] }]
}

const slip = (line: Line, sentence: string, by: number): Finding =>
  finding({
    code: 'gross',
    severity: 'ask',
    lineId: line.id,
    text: line.text,
    sentence,
    corrections: shifted(line, by),
  })

const flours: readonly Kind[] = [
  'flour',
  'gluten-free-flour',
  'flour-mix',
  'starch',
  'flakes',
  'nut-flour',
  'ready-made',
  'cocoa',
  'coconut',
  'nut',
]

function grossIn(component: Component): Finding[] {
  const all = weighedIn(component)
  const mass = all.reduce((sum, w) => sum + w.grams, 0)
  if (all.length < 3 || mass <= 0) return []
  const found = grossRows.flatMap(row => {
    const sum = sumOf(all, row.kinds)
    const among = row.among
      ? sumOf(all, row.among.kinds) / (mass - sum) >= row.among.from &&
        sumOf(all, row.among.without) === 0
      : true
    const [most] = all.filter(w => row.kinds.includes(w.kind)).sort((a, b) => b.grams - a.grams)
    if (!most || !among || sum / mass <= row.most) return []
    return [
      slip(
        most.line,
        `${Math.round((100 * sum) / mass)} % of this would be ${row.called}; hardly any dessert ` +
          `has more than ${Math.round(100 * row.most)} %. Is “${most.line.text}” right?`,
        0.1,
      ),
    ]
  })
  const leaven = sumOf(all, ['leaven'])
  const flour = sumOf(all, flours)
  const thin = all.filter(w => w.kind === 'flour' || w.kind === 'gluten-free-flour')
  if (!found.length && thin.length === 1 && leaven / flour > mostLeavenOnFlour)
    found.push(
      slip(
        thin[0]!.line,
        `So little flour for ${Math.round(leaven)} g of leavening: is “${thin[0]!.line.text}” right?`,
        10,
      ),
    )
  return found
}

/** Amounts five times and more from what any such dessert takes, in small batches too. */
export const grossSlips = (recipe: Recipe): Finding[] =>
  linesOf(recipe).length < 3 ? [] : recipe.components.flatMap(grossIn)
