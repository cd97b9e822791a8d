import Joi from 'joi'
import {
  type packetFields,
  type MakerAnswer,
  type Packet,
  type PacketPast,
  type PacketWords,
  packetFigures,
  packetLimits,
} from '../../packet'
import { amount, day, fieldsOf, id, list, may, name, number, orNull, text } from './schema'

/** What may be kept of a packet. */
/** A day, or '' where nobody has looked. */
const looked = day.allow('')
const wordsSchema = fieldsOf<PacketWords>({
  statement: text(packetLimits.words),
  containsLine: text(packetLimits.words),
  mayContainLine: text(packetLimits.words),
  facility: text(packetLimits.words),
  marks: text(packetLimits.words),
} satisfies Record<(typeof packetFields)[number], unknown>)
const figures = Object.fromEntries(
  packetFigures.map(figure => [figure, may(amount.max(packetLimits.figure))]),
)

export const packetSchema = fieldsOf<Packet>({
  id,
  name: name(packetLimits.name),
  ingredient: orNull(id),
  where: text(packetLimits.where),
  words: wordsSchema,
  figures: Joi.object(figures),
  code: text(packetLimits.code),
  checkedOn: looked,
  checkedBy: text(packetLimits.by),
  recheckDays: number.integer().min(1).max(3650),
  answer: orNull(
    fieldsOf<MakerAnswer>({ on: looked, text: text(packetLimits.answer), without: list(id) }),
  ),
  price: orNull(amount),
  size: orNull(number.greater(0)),
  unconfirmed: list(text()),
  history: list(
    fieldsOf<PacketPast>({ on: looked, by: text(packetLimits.by), words: wordsSchema }),
  ),
})
