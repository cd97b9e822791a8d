import Joi from 'joi'

/**
 * What the schemas of kept things are made of. There is one file for each stage here, one schema for
 * each type that is kept: it reads files and guards every write to the database. Everything is
 * required unless it is `may`. The validator is large: nothing but `backup` and `kept` of the face
 * loads it.
 */

/** The longest of anything that is told of something: notes, reasons, sentences. */
const longestSaying = 20_000

declare const absent: unique symbol
/** A field that may be missing. */
export type May = Joi.Schema & { readonly [absent]: true }
export const may = (schema: Joi.Schema): May => schema.optional() as May

/** A schema for each field of a type: a field that may be missing wants `may`. */
export type Fields<T> = { readonly [K in keyof T]-?: undefined extends T[K] ? May : Joi.Schema }

/** An object with exactly the fields of a type. A field that is forgotten is an error when compiled. */
export const fieldsOf = <T extends object>(fields: Fields<T>): Joi.ObjectSchema<T> =>
  Joi.object<T>(fields as Joi.PartialSchemaMap<T>)

export const number = Joi.number()
/** A weight in grams, a length, a count: nothing of it is below zero. */
export const amount = number.min(0)
export const flag = Joi.boolean()
export const yes = Joi.valid(true)
export const id = Joi.string().max(300)
/** Words that may be empty. */
export const text = (most = longestSaying) => Joi.string().allow('').max(most)
/** Something's name: not empty, no blanks around it. */
export const name = (most: number) => Joi.string().trim().min(1).max(most)
export const list = (of: Joi.Schema, most = 20_000) => Joi.array().items(of).max(most)
export const oneOf = (values: readonly string[]) => Joi.valid(...values)
export const orNull = (schema: Joi.Schema) => schema.allow(null)
export const pair = Joi.array().items(number).length(2)
/** Values by keys that nobody chose beforehand: ids, names of parts. */
export const byKey = (of: Joi.Schema) => Joi.object().pattern(Joi.string().allow('').max(300), of)
/** A day as 2026-01-31; a moment as ISO 8601. */
export const day = Joi.string().pattern(/^\d{4}-\d{2}-\d{2}$/u)
export const moment = Joi.string().isoDate()
/** A picture as a data address. */
export const pictureData = Joi.string()
  .pattern(/^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/u)
  .max(4_000_000)

/** What is wrong with something that is to be kept: where it stands, and what of it, as "is missing". */
export interface KeptProblem {
  readonly at: string
  readonly because: string
}

/** In a house's words; the places are named beside them. */
const messages = {
  'any.required': 'is missing',
  'any.only': 'is none of what it may be',
  'object.unknown': 'is nothing that belongs there',
  'object.base': 'is no record',
  'array.base': 'is no list',
  'array.max': 'has more than {#limit} entries',
  'number.base': 'is no number',
  'number.min': 'is less than {#limit}',
  'number.max': 'is more than {#limit}',
  'number.greater': 'is not above {#limit}',
  'string.base': 'is no text',
  'string.empty': 'is empty',
  'string.max': 'is longer than {#limit} letters',
}

/** The first thing that is wrong with it, or null. Nothing is converted, cut or repaired. */
export function problemIn(schema: Joi.Schema, value: unknown): KeptProblem | null {
  const { error } = schema.validate(value, {
    convert: false,
    presence: 'required',
    abortEarly: true,
    messages,
    errors: { label: false },
  })
  const first = error?.details[0]
  return first ? { at: first.path.join(' › '), because: first.message } : null
}
