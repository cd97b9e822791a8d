import Joi from 'joi'
import { noWords, packetFigures, withWords, type Packet, type PacketWords } from '#core/packet'

export type PacketFigure = (typeof packetFigures)[number]

export const figureNames: Record<PacketFigure, string> = {
  fat: 'fat, g',
  saturates: 'of it saturated, g',
  sugars: 'sugars, g',
  protein: 'protein, g',
  salt: 'salt, g',
  fibre: 'fibre, g',
  factor: 'sweetens like … times sugar',
}

/** A packet as it stands in the fields of its sheet. */
export const packetForm = (packet: Packet) => ({
  name: packet.name,
  ingredient: packet.ingredient ?? '',
  where: packet.where,
  words: { ...packet.words } as { -readonly [K in keyof PacketWords]: string },
  code: packet.code,
  figures: Object.fromEntries(
    packetFigures.map(f => [f, packet.figures[f] === undefined ? '' : String(packet.figures[f])]),
  ) as Record<PacketFigure, string>,
  price: packet.price === null ? '' : String(packet.price),
  size: packet.size === null ? '' : String(packet.size),
  recheckDays: String(packet.recheckDays),
  by: packet.checkedBy,
  answer: packet.answer?.text ?? '',
  answerOn: packet.answer?.on ?? '',
  without: [...(packet.answer?.without ?? [])],
  unconfirmed: [...packet.unconfirmed],
})
export type PacketForm = ReturnType<typeof packetForm>

const figure = (what: string, most: number) =>
  Joi.string()
    .allow('')
    .custom((text: string, helpers) => {
      const n = readDecimal(text) ?? 0
      return Number.isFinite(n) && n >= 0 && n <= most
        ? text
        : helpers.message({ custom: `${what}: a number from 0 to ${most}.` })
    })
export const packetFormSchema = Joi.object({
  name: Joi.string()
    .trim()
    .min(1)
    .max(100)
    .required()
    .messages({ 'string.empty': 'A packet needs a name: what stands large on its front.' }),
  price: figure('Price', 1000),
  size: figure('Size', 100_000),
  recheckDays: figure('Read again after', 3650),
  figures: Joi.object(
    Object.fromEntries(packetFigures.map(f => [f, figure(figureNames[f], 1000)])),
  ),
})
  .unknown(true)
  .prefs({ abortEarly: false })

const number = (text: string) => {
  const n = readDecimal(text)
  return text.trim() && Number.isFinite(n) ? n : null
}
/** Why a packet cannot be kept as read in the hand today; '' where it can. */
export function whyNotRead({ words, unconfirmed }: PacketForm): string {
  if (!words.statement.trim())
    return 'There is no ingredient statement yet, so there is nothing that was read.'
  return unconfirmed.length
    ? 'Words of the photo are not confirmed yet; keep it as not read, or confirm them first.'
    : ''
}
/** The maker's answer as it is typed, by the day of `on` where no day is said. */
const answerIn = ({ answer, answerOn, without }: PacketForm, on: string): Packet['answer'] =>
  answer.trim() ? { on: answerOn || on, text: answer.trim(), without: [...without] } : null

/** The packet as its fields say; `isRead` means that it was read in the hand on that day. */
export function packetOf(packet: Packet, form: PacketForm, isRead: boolean, on: string): Packet {
  const days = number(form.recheckDays) ?? packet.recheckDays
  const figures = packetFigures.flatMap(f => {
    const n = number(form.figures[f])
    return n === null ? [] : [[f, n] as const]
  })
  const base: Packet = {
    ...packet,
    name: form.name.trim(),
    ingredient: form.ingredient || null,
    where: form.where.trim(),
    code: form.code.trim(),
    price: number(form.price),
    size: number(form.size) || null,
    recheckDays: Math.max(1, Math.round(days)),
    unconfirmed: [...form.unconfirmed],
    figures: Object.fromEntries(figures),
  }
  const read = isRead ? { on, by: form.by.trim() } : null
  const worded = withWords(base, { ...noWords, ...form.words }, read)
  const answer = answerIn(form, on)
  // An answer that stood there before other words came is about those words; a new one is taken.
  const isSame = JSON.stringify(answer) === JSON.stringify(packet.answer)
  return { ...worded, answer: isSame ? worded.answer : answer }
}
