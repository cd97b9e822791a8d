import Joi from 'joi'
import { longestText } from '../../measure'
import {
  type Lesson,
  lexicon,
  mostArms,
  type Arm,
  type ArmRecord,
  type Score,
  type Tasting,
  type Trial,
  trialLimits,
} from '../../trial'
import { recipeSchema } from './recipe'
import { amount, day, fieldsOf, flag, id, list, may, number, oneOf, orNull, text } from './schema'
import { changeSchema } from './swap'

/** What may be kept of a trial and of what it taught. */
type Serving = Tasting['servings'][number]
type Cup = Serving['cups'][number]
type Answer = Tasting['answers'][number]
type CupScore = NonNullable<Tasting['scores']>[number]

const measured = orNull(number)
const code = Joi.string().pattern(/^\d{3}$/u)
const scoreFields = {
  taster: text(trialLimits.taster),
  word: oneOf(lexicon.map(row => row.id)),
  value: amount.max(trialLimits.score),
} satisfies Record<keyof Score, Joi.Schema>

const recordSchema = fieldsOf<ArmRecord>({
  before: orNull(amount),
  after: orNull(amount),
  height: orNull(amount),
  spread: orNull(amount),
  minutes: orNull(amount),
  celsius: measured,
  note: text(trialLimits.note),
  photos: list(id),
  scores: list(fieldsOf<Score>(scoreFields)),
})
const armSchema = fieldsOf<Arm>({
  id,
  letter: Joi.string().pattern(/^[A-F]$/u),
  says: text(longestText),
  because: text(longestText),
  recipe: recipeSchema,
  changes: list(changeSchema),
  bake: orNull(id),
  record: recordSchema,
})
const tastingSchema = fieldsOf<Tasting>({
  id,
  kind: oneOf(['triangle', 'pair', 'preference', 'ranking']),
  question: text(longestText),
  arms: list(id, mostArms).min(2),
  seed: number.integer(),
  opened: flag,
  servings: list(
    fieldsOf<Serving>({
      taster: text(trialLimits.taster),
      cups: list(fieldsOf<Cup>({ code, arm: id })),
    }),
  ),
  scores: may(list(fieldsOf<CupScore>({ ...scoreFields, code }))),
  answers: list(
    fieldsOf<Answer>({
      taster: text(trialLimits.taster),
      choice: orNull(number.integer().min(0)),
      ranks: orNull(list(number.min(1))),
    }),
  ),
})

export const trialSchema = fieldsOf<Trial>({
  id,
  begun: day,
  question: text(longestText),
  family: id,
  tests: number.greater(0).max(20),
  seed: number.integer(),
  crowned: orNull(id),
  rematchOf: orNull(id),
  arms: list(armSchema, mostArms).min(1),
  tastings: list(tastingSchema),
})

/** What each kind of lesson is about. */
const about: Readonly<Record<Lesson['about']['what'], Joi.PartialSchemaMap>> = {
  dose: { school: id, ingredient: id, factor: number.greater(0) },
  rest: { of: id, factor: number.greater(0) },
  schools: { schools: list(id), result: oneOf(['worked', 'fair', 'failed']) },
  method: { row: id, better: flag },
  packet: { packet: id, name: text(), ingredient: id },
}
export const lessonSchema = fieldsOf<Lesson>({
  id,
  on: day,
  trial: id,
  bake: id,
  title: text(longestText),
  family: id,
  weight: amount.max(1),
  about: Joi.alternatives(
    ...Object.entries(about).map(([what, fields]) =>
      Joi.object({ what: Joi.valid(what), ...fields }),
    ),
  ),
  off: may(flag),
})
