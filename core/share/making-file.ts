import Joi from 'joi'

/** How a making and its record must look in a file. */
const text = (most = 2000) => Joi.string().allow('').max(most)
const number = Joi.number()
const id = Joi.string().max(300)
const pair = Joi.array().items(number).length(2)
const place = Joi.object({ component: text(300).required(), at: number.required() })

const card = Joi.object({
  id: id.required(),
  task: id.required(),
  bake: id.allow('').required(),
  title: text(300).required(),
  kind: Joi.valid('heat', 'weigh', 'do', 'wait', 'bake', 'measure', 'serve').required(),
  short: text(300).required(),
  says: text(20_000).required(),
  minutes: number.min(0).required(),
  celsius: number.allow(null).required(),
  starts: number.required(),
  after: Joi.array().items(id).required(),
  within: Joi.array()
    .items(
      Joi.object({ task: id.required(), minutes: number.required(), because: text().required() }),
    )
    .required(),
  cautions: Joi.array().items(text(3000)).required(),
  also: Joi.array().items(id),
  marks: Joi.array()
    .items(Joi.object({ at: number.required(), says: text(200).required() }))
    .required(),
  step: place.allow(null).required(),
  item: Joi.object({
    lineId: id.required(),
    name: text(300).required(),
    says: text().required(),
    grams: number.min(0).allow(null).required(),
    spoons: text(200).required(),
    for: text().required(),
    counted: Joi.boolean().required(),
    inside: Joi.boolean().required(),
  }),
  weighing: Joi.object({
    row: id.required(),
    when: Joi.valid('before', 'after').required(),
    other: id.required(),
  }),
  loses: Joi.object({ grams: number.greater(0).required(), share: pair.required() }),
  warming: Joi.object({
    minutes: Joi.array().items(number).max(200).required(),
    coldest: Joi.array().items(number).max(200).required(),
    finish: number.required(),
  }),
})

const at = number.required()
const ofCard = id.allow('').required()
const happenings: Readonly<Record<string, Joi.PartialSchemaMap>> = {
  'done': { card: ofCard },
  'left-out': { card: ofCard },
  'begun': { card: ofCard },
  'go': { card: ofCard },
  'weighed': {
    card: ofCard,
    grams: number.min(0).max(100_000).required(),
    by: Joi.valid('scale', 'hand').required(),
  },
  'measured': { card: ofCard, grams: number.min(0).max(100_000).required() },
  'felt': { card: ofCard, celsius: number.required() },
  'timer': {
    timer: id.required(),
    says: text(200).required(),
    minutes: number.min(0).max(20_160).required(),
  },
  'more': { timer: id.required(), minutes: number.required() },
  'heard': { timer: id.required(), mark: number.required() },
  'stop': { timer: id.required() },
  'note': { card: ofCard, text: text(4000).required() },
  'photo': { card: ofCard, photo: id.required() },
  'scale': { bake: id.required(), factor: number.greater(0).max(10).required() },
  'clock': { minutes: number.required() },
  'finished': {},
}
const happening = Joi.alternatives(
  ...Object.entries(happenings).map(([name, fields]) =>
    Joi.object({ do: Joi.valid(name).required(), at, ...fields }),
  ),
)

export const makingSchema = Joi.object({
  id: id.required(),
  begun: at,
  serveAt: number.allow(null).required(),
  cards: Joi.array().items(card).max(2000).required(),
  log: Joi.array().items(happening).max(20_000).required(),
})

export const madeSchema = Joi.object({
  making: id.required(),
  bake: id.required(),
  begun: at,
  finished: at,
  warmest: number.allow(null).required(),
  photos: Joi.array().items(id).required(),
  differs: Joi.array().items(text()).required(),
  weights: Joi.array()
    .items(
      Joi.object({
        lineId: id.required(),
        name: text(300).required(),
        wanted: number.allow(null).required(),
        got: number.allow(null).required(),
        leftOut: Joi.boolean().required(),
      }),
    )
    .required(),
  times: Joi.array()
    .items(
      Joi.object({
        task: id.required(),
        says: text(300).required(),
        planned: number.required(),
        took: number.required(),
        celsius: number.allow(null).required(),
      }),
    )
    .required(),
  losses: Joi.array()
    .items(
      Joi.object({
        of: text(100).required(),
        share: number.allow(null).required(),
        per100: number.allow(null).required(),
        usual: pair.required(),
      }),
    )
    .required(),
  notes: Joi.array()
    .items(
      Joi.object({
        at: number.required(),
        beside: text(300).required(),
        text: text(4000).required(),
      }),
    )
    .required(),
})
