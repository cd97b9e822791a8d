import Joi from 'joi'
import {
  type BatterSaid,
  type Kitchen,
  type OvenNote,
  type Pace,
  type Sizing,
  materialRows,
  type NamedTin,
  panLimits,
} from '../../pan'
import {
  amount,
  byKey,
  fieldsOf,
  flag,
  id,
  list,
  may,
  name,
  number,
  oneOf,
  orNull,
  pair,
  text,
} from './schema'

/** What may be kept of a kitchen and of a bake's size. */
const tinSchema = fieldsOf<NamedTin>({
  id,
  name: name(panLimits.tinName),
  source: text(),
  shape: oneOf(['round', 'box', 'ring', 'cups', 'tray', 'log']),
  top: pair,
  bottom: pair,
  height: number,
  tube: may(pair),
  count: number.integer().min(1).max(panLimits.count),
  material: oneOf(materialRows.map(row => row.id)),
  measured: may(number.greater(0)),
})

/** Which of these a target has is told by `by`; the arithmetic refuses what does not go together. */
const target = Joi.object({
  by: oneOf(['times', 'people', 'pieces', 'line', 'eggs', 'test', 'tin']),
  times: may(amount),
  people: may(amount),
  pieces: may(amount),
  grams: may(amount),
  lineId: may(id),
  eggs: may(amount),
  tests: may(amount),
  keep: may(oneOf(['depth', 'fill', 'all'])),
  fill: may(amount),
})

export const sizingSchema = fieldsOf<Sizing>({
  target,
  tins: list(tinSchema, panLimits.tinsAtOnce),
  stated: may(tinSchema),
  statedMinutes: may(pair),
  celsius: may(number),
  start: may(number),
  said: may(
    fieldsOf<BatterSaid>({
      density: may(number.greater(0)),
      beside: may(byKey(flag)),
      families: may(byKey(id)),
    }),
  ),
  pieceGrams: may(amount),
  cut: may(Joi.object({ by: oneOf(['count', 'side']), n: number.greater(0) })),
  traysAtOnce: may(number.integer().min(1).max(6)),
})

export const kitchenSchema = fieldsOf<Kitchen>({
  tins: list(tinSchema, panLimits.tins).unique('id'),
  oven: Joi.object({
    fan: flag,
    scale: oneOf(['C', 'F', 'gas']),
    offset: orNull(number.min(-100).max(100)),
    log: list(
      fieldsOf<OvenNote>({
        on: text(40),
        bake: id,
        title: text(),
        celsius: number,
        expected: number.greater(0),
        took: number.greater(0),
      }),
    ),
  }),
  altitude: number.min(-400).max(5000),
  pace: may(byKey(fieldsOf<Pace>({ n: number.integer().min(0), log: number }))),
  tray: Joi.object({
    length: number.greater(0),
    breadth: number.greater(0),
    atOnce: number.integer().min(1).max(6),
  }),
})
