import Joi from 'joi'
import { lexicon } from '../trial'

const id = Joi.string().max(160)
const text = (most = 4000) => Joi.string().allow('').max(most)
const number = Joi.number()
const maybe = number.allow(null).required()
const day = Joi.string().pattern(/^\d{4}-\d{2}-\d{2}$/u)

const score = Joi.object({
  taster: text(80).required(),
  word: Joi.valid(...lexicon.map(row => row.id)).required(),
  value: number.min(0).max(9).required(),
})
const record = Joi.object({
  before: maybe,
  after: maybe,
  height: maybe,
  spread: maybe,
  minutes: maybe,
  celsius: maybe,
  note: text().required(),
  photos: Joi.array().items(id).required(),
  scores: Joi.array().max(2000).items(score).required(),
})
const tasting = Joi.object({
  id: id.required(),
  kind: Joi.valid('triangle', 'pair', 'preference', 'ranking').required(),
  question: text(300).required(),
  arms: Joi.array().items(id).min(2).max(6).required(),
  seed: number.integer().required(),
  opened: Joi.boolean().required(),
  servings: Joi.array()
    .max(60)
    .items(
      Joi.object({
        taster: text(80).required(),
        cups: Joi.array()
          .items(
            Joi.object({
              code: Joi.string()
                .pattern(/^\d{3}$/u)
                .required(),
              arm: id.required(),
            }),
          )
          .required(),
      }),
    )
    .required(),
  scores: Joi.array()
    .max(4000)
    .items(
      score.keys({
        code: Joi.string()
          .pattern(/^\d{3}$/u)
          .required(),
      }),
    ),
  answers: Joi.array()
    .max(60)
    .items(
      Joi.object({
        taster: text(80).required(),
        choice: number.integer().min(0).allow(null).required(),
        ranks: Joi.array().items(number.min(1)).allow(null).required(),
      }),
    )
    .required(),
})

/** What a trial looks like in a file; recipe and changes are those of the house file. */
export const trialSchema = (recipe: Joi.Schema, change: Joi.Schema) =>
  Joi.object({
    id: id.required(),
    begun: day.required(),
    question: text(300).required(),
    family: id.required(),
    tests: number.greater(0).max(20).required(),
    seed: number.integer().required(),
    crowned: id.allow(null).required(),
    rematchOf: id.allow(null).required(),
    arms: Joi.array()
      .min(1)
      .max(6)
      .items(
        Joi.object({
          id: id.required(),
          letter: Joi.string()
            .pattern(/^[A-F]$/u)
            .required(),
          says: text(300).required(),
          because: text().required(),
          recipe: recipe.required(),
          changes: Joi.array().items(change).required(),
          bake: id.allow(null).required(),
          record: record.required(),
        }),
      )
      .required(),
    tastings: Joi.array().max(60).items(tasting).required(),
  })

const about = Joi.alternatives(
  Joi.object({
    what: Joi.valid('dose').required(),
    school: id.required(),
    ingredient: id.required(),
    factor: number.greater(0).required(),
  }),
  Joi.object({
    what: Joi.valid('rest').required(),
    of: id.required(),
    factor: number.greater(0).required(),
  }),
  Joi.object({
    what: Joi.valid('schools').required(),
    schools: Joi.array().items(id).required(),
    result: Joi.valid('worked', 'fair', 'failed').required(),
  }),
  Joi.object({
    what: Joi.valid('method').required(),
    row: id.required(),
    better: Joi.boolean().required(),
  }),
  Joi.object({
    what: Joi.valid('packet').required(),
    packet: id.required(),
    name: text(100).required(),
    ingredient: id.required(),
  }),
)
export const lessonSchema = Joi.object({
  id: id.required(),
  on: day.required(),
  trial: id.required(),
  bake: id.required(),
  title: text(300).required(),
  family: id.required(),
  weight: number.min(0).max(1).required(),
  about: about.required(),
  off: Joi.boolean(),
})
