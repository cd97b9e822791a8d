import Joi from 'joi'
import { regions } from '../measure'

/** What files of a house may hold of a recipe: checked before anything of them is believed. */

export const text = (most = 2000) => Joi.string().allow('').max(most)
export const number = Joi.number()
const spread = Joi.object({
  low: number.required(),
  best: number.required(),
  high: number.required(),
})
const amount = Joi.object({ low: number.required(), high: number.required() })
export const id = Joi.string().max(100)
export const span = Joi.array().items(number).length(2)

const line = Joi.object({
  id: id.required(),
  text: text().required(),
  amount: amount.allow(null).required(),
  unit: id.allow(null).required(),
  grams: spread.allow(null).required(),
  ingredient: id.allow(null).required(),
  name: text().required(),
  preparation: text().required(),
  optional: Joi.boolean().required(),
  purpose: id.allow(null).required(),
  orElse: Joi.array().items(Joi.link('#line')).required(),
  component: text().required(),
  unread: Joi.array().items(text()).required(),
  from: span.allow(null),
  reads: text(),
  condition: text().allow(null),
  open: text(),
  evidence: Joi.object({
    amount: span.allow(null).required(),
    name: span.allow(null).required(),
    how: text().required(),
    source: text().required(),
    by: Joi.valid('words', 'baker', 'plan').required(),
  }).required(),
}).id('line')

export const recipe = Joi.object({
  title: text(300).required(),
  region: Joi.valid(...regions).required(),
  handling: Joi.valid('sifted', 'spooned', 'scooped', 'packed', 'melted'),
  components: Joi.array()
    .items(
      Joi.object({
        name: text(300).required(),
        lines: Joi.array().items(line).required(),
        steps: Joi.array().items(text(20_000)).required(),
        stepsFrom: Joi.array().items(span.allow(null)),
      }),
    )
    .required(),
  yield: Joi.object({ text: text().required(), count: amount.allow(null).required() })
    .allow(null)
    .required(),
  pan: Joi.object({ text: text().required() }).allow(null).required(),
  oven: Joi.object({
    celsius: number.allow(null).required(),
    fan: Joi.boolean().required(),
    minutes: amount.allow(null).required(),
    text: text().required(),
  })
    .allow(null)
    .required(),
  facts: Joi.array().items(text(400)),
  noFood: Joi.array().items(text()),
  left: Joi.array().items(
    Joi.object({ words: text().required(), from: span.allow(null).required() }),
  ),
})
