import { unitById } from '#core/measure'

const levelMeasures = ['tsp', 'dsp', 'tbsp', 'cup', 'ladle', 'fl-oz']

/** The level measures that a house may weigh, with their names. */
export const spoonUnits = levelMeasures.flatMap(id => {
  const unit = unitById(id)
  return unit?.kind === 'volume' ? [{ value: unit.id, label: unit.names[0]! }] : []
})
export const spoonName = (id: string) => unitById(id)?.names[0] ?? id
/** Three figures are more than a kitchen scale is right to. */
export const spoonGrams = (grams: number) => Number(grams.toPrecision(3))
