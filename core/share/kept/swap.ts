import Joi from 'joi'
import type {
  Wishes,
  Rests,
  Tried,
  Did,
  Addition,
  Change,
  Plan,
  PlanPart,
  TestPiece,
  Trim,
} from '../../swap'
import { recipeSchema } from './recipe'
import {
  amount,
  byKey,
  fieldsOf,
  flag,
  id,
  list,
  may,
  number,
  oneOf,
  orNull,
  pair,
  text,
} from './schema'

/** What may be kept of wishes and of a plan that was chosen. */

const sentences = list(text())
const balance = byKey(number)

const additionSchema = fieldsOf<Addition>({
  ingredient: id,
  name: text(),
  grams: orNull(amount),
  kitchen: text(),
  exact: may(amount),
  prepare: may(text()),
  restMinutes: may(amount),
  times: may(amount),
})
const trimSchema = fieldsOf<Trim>({
  lineId: id,
  ingredient: id,
  name: text(),
  from: amount,
  to: amount,
  kitchen: text(),
  because: text(),
})
export const changeSchema = fieldsOf<Change>({
  component: text(),
  removes: list(id),
  adds: list(additionSchema),
  trims: list(trimSchema),
  because: text(),
  did: text(),
  jobs: may(
    list(fieldsOf<Did>({ job: text(), word: text(), amount: number, unit: text(), share: number })),
  ),
  school: orNull(id),
  source: text(),
  rest: may(Joi.object({ of: id, from: amount, to: amount })),
  house: may(text()),
})
const partSchema = fieldsOf<PlanPart>({
  component: text(),
  family: id,
  familyName: text(),
  familyBecause: text(),
  before: balance,
  after: balance,
  bands: byKey(pair),
  matters: list(id),
  loss: number,
  mass: amount,
})

export const planSchema = fieldsOf<Plan>({
  id,
  title: text(),
  recipe: recipeSchema,
  changes: list(changeSchema),
  balance: Joi.object({ before: balance, after: balance }),
  parts: list(partSchema),
  risks: sentences,
  differs: sentences,
  notes: sentences,
  cautions: sentences,
  packets: list(Joi.object({ ingredient: id, name: text(), lookFor: sentences })),
  confidence: text(),
  confidenceBecause: text(),
  restsOn: text(),
  rests: may(
    fieldsOf<Rests>({
      how: oneOf(['house', 'practice', 'computed']),
      baked: amount,
      worked: amount,
      failed: amount,
    }),
  ),
  testPiece: may(orNull(fieldsOf<TestPiece>({ factor: number, says: text() }))),
  nudged: may(flag),
  forPeople: list(id),
})

export const wishesSchema = fieldsOf<Wishes>({
  pin: may(list(id)),
  ban: may(list(id)),
  larder: may(list(id)),
  schools: may(byKey(id)),
  maxExtra: may(number),
  measureIn: may(oneOf(['grams', 'spoons'])),
  less: may(Joi.object({ sugar: amount.max(0.6).optional(), fat: amount.max(1).optional() })),
  atMost: may(byKey(amount)),
  family: may(byKey(id)),
  sweeten: may(id),
  factor: may(number.min(1).max(20_000)),
})

/** The fields of a plan that was baked; `share` adds when, and a note. */
export const triedFields = {
  family: id,
  schools: list(id),
  result: oneOf(['worked', 'fair', 'failed']),
} satisfies Record<keyof Tried, Joi.Schema>
