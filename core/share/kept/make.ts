import Joi from 'joi'
import {
  type Card,
  type WeighItem,
  type Mark,
  type Warmth,
  type Weighing,
  type MakingEvent,
  type Making,
  type Made,
  type MadeTime,
  type MadeWeight,
  makeLimits,
} from '../../make'
import { longestText } from '../../measure'
import { amount, fieldsOf, flag, id, list, may, number, oneOf, orNull, pair, text } from './schema'

/** What may be kept of a making and of its record. */
const bakeId = id.allow('')

const cardSchema = fieldsOf<Card>({
  id,
  task: id,
  bake: bakeId,
  title: text(),
  kind: oneOf(['heat', 'weigh', 'do', 'wait', 'bake', 'measure', 'serve']),
  short: text(longestText),
  says: text(longestText),
  minutes: amount,
  celsius: orNull(number),
  starts: number,
  after: list(id),
  within: list(Joi.object({ task: id, minutes: number, because: text() })),
  cautions: list(text()),
  also: may(list(id)),
  marks: list(fieldsOf<Mark>({ at: number, says: text() })),
  step: orNull(Joi.object({ component: text(longestText), at: number })),
  item: may(
    fieldsOf<WeighItem>({
      lineId: id,
      name: text(longestText),
      says: text(longestText),
      grams: orNull(amount),
      spoons: text(),
      for: text(longestText),
      counted: flag,
      inside: flag,
    }),
  ),
  weighing: may(fieldsOf<Weighing>({ row: id, when: oneOf(['before', 'after']), other: id })),
  loses: may(Joi.object({ grams: number.greater(0), share: pair })),
  warming: may(fieldsOf<Warmth>({ minutes: list(number), coldest: list(number), finish: number })),
})

/** The fields of each kind of happening, beside what it is and when. */
const happenings: Readonly<Record<MakingEvent['do'], Joi.PartialSchemaMap>> = {
  'done': { card: bakeId },
  'left-out': { card: bakeId },
  'begun': { card: bakeId },
  'go': { card: bakeId },
  'weighed': { card: bakeId, grams: amount.max(makeLimits.grams), by: oneOf(['scale', 'hand']) },
  'measured': { card: bakeId, grams: amount.max(makeLimits.grams) },
  'felt': { card: bakeId, celsius: number },
  'timer': {
    timer: id,
    says: text(makeLimits.timerName),
    minutes: amount.max(makeLimits.minutes),
  },
  'more': { timer: id, minutes: number },
  'heard': { timer: id, mark: number },
  'stop': { timer: id },
  'note': { card: bakeId, text: text(makeLimits.note) },
  'photo': { card: bakeId, photo: id },
  'scale': { bake: id, factor: number.greater(0).max(10) },
  'clock': { minutes: number },
  'finished': {},
}
const happeningSchema = Joi.alternatives(
  ...Object.entries(happenings).map(([kind, fields]) =>
    Joi.object({ do: Joi.valid(kind), at: number, ...fields }),
  ),
)

export const makingSchema = fieldsOf<Making>({
  id,
  begun: number,
  serveAt: orNull(number),
  cards: list(cardSchema),
  log: list(happeningSchema),
})

export const madeSchema = fieldsOf<Made>({
  making: id,
  bake: id,
  begun: number,
  finished: number,
  warmest: orNull(number),
  photos: list(id),
  differs: list(text()),
  weights: list(
    fieldsOf<MadeWeight>({
      lineId: id,
      name: text(longestText),
      wanted: orNull(amount),
      got: orNull(amount),
      leftOut: flag,
    }),
  ),
  times: list(
    fieldsOf<MadeTime>({
      task: id,
      says: text(longestText),
      planned: number,
      took: number,
      celsius: orNull(number),
    }),
  ),
  losses: list(
    Joi.object({ of: text(), share: orNull(number), per100: orNull(number), usual: pair }),
  ),
  notes: list(Joi.object({ at: number, beside: text(longestText), text: text(makeLimits.note) })),
})
