import Joi from 'joi'
import {
  type Composition,
  type Functions,
  type Ingredient,
  kindNames,
  type OwnSpoon,
  type Stock,
} from '../../pantry'
import { amount, byKey, fieldsOf, flag, id, list, may, number, oneOf, text } from './schema'

/** What may be kept of a house's own pantry. */

const per100 = amount.max(100)

const ingredientSchema = fieldsOf<Ingredient>({
  id,
  name: text(100),
  called: may(byKey(text(100))),
  names: list(text(100)),
  kind: oneOf(Object.keys(kindNames)),
  per100: fieldsOf<Composition>({
    water: per100,
    fat: per100,
    solid: amount.max(1),
    protein: per100,
    sugar: per100,
    starch: per100,
    fibre: per100,
  }),
  density: byKey(amount),
  pieces: byKey(Joi.array().items(amount).length(3)),
  holds: list(id),
  mayHold: list(id),
  traces: list(id),
  does: fieldsOf<Functions>({ bind: number, set: number, foam: number, emulsify: number }),
  acid: number,
  powder: number,
  soda: number,
  sweet: number,
  hold: may(number),
  salt: may(number),
  bulk: may(number),
  madeOf: may(id),
  usedFor: may(Joi.valid('pan')),
  unread: may(flag),
  source: text(),
})

const spoonSchema = fieldsOf<OwnSpoon>({ ingredient: id, unit: id, grams: number.greater(0) })

export const stockSchema = fieldsOf<Stock>({
  ingredients: list(ingredientSchema).unique('id'),
  names: list(Joi.object({ words: text(), ingredient: id })),
  spoons: list(spoonSchema),
})
