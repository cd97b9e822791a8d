import Joi from 'joi'
import { longestText, regions } from '../../measure'
import type { Bake, BakeDay, Baked, Label, Photo, Picture } from '../bake'
import { bakeLimits } from '../limits'
import { dayWishesSchema } from './day'
import { madeSchema, makingSchema } from './make'
import { packetSchema } from './packet'
import { kitchenSchema, sizingSchema } from './pan'
import { stockSchema } from './pantry'
import { groupSchema, personSchema, tieSchema } from './people'
import { findingSchema, recipeSchema } from './recipe'
import {
  day,
  fieldsOf,
  flag,
  id,
  list,
  may,
  moment,
  oneOf,
  orNull,
  pictureData,
  problemIn,
  text,
  type KeptProblem,
} from './schema'
import { planSchema, triedFields, wishesSchema } from './swap'
import { lessonSchema, trialSchema } from './trial'

/** What may be kept of a bake, of pictures, and so of a whole house; and how much a bake's form takes. */
const bakedSchema = fieldsOf<Baked>({ on: day, note: text(bakeLimits.note), ...triedFields })

const bakeSchema = fieldsOf<Bake>({
  id,
  title: text(longestText),
  source: text(longestText),
  region: oneOf(regions),
  recipe: recipeSchema,
  findings: list(findingSchema),
  settled: list(text()),
  tags: list(text(bakeLimits.tag)),
  archived: flag,
  people: list(id),
  ties: list(tieSchema),
  ticked: list(id),
  wishes: wishesSchema,
  plan: orNull(planSchema),
  size: may(sizingSchema),
  day: may(
    fieldsOf<BakeDay>({ serveAt: orNull(moment), with: list(id, 20), wishes: dayWishesSchema }),
  ),
  making: may(orNull(makingSchema)),
  made: may(list(madeSchema)),
  baked: may(list(bakedSchema)),
  trials: may(list(trialSchema)),
  favourites: may(list(id)),
  arm: may(Joi.object({ bake: id, trial: id, letter: Joi.string().max(1) })),
  created: moment,
  updated: moment,
})

/** Everything that a house keeps, by what it is. */
export const keptSchemas = {
  bake: bakeSchema,
  person: personSchema,
  group: groupSchema,
  packet: packetSchema,
  stock: stockSchema,
  kitchen: kitchenSchema,
  lesson: lessonSchema,
  picture: fieldsOf<Picture>({ bake: id, data: pictureData }),
  label: fieldsOf<Label>({ packet: id, data: pictureData }),
  photo: fieldsOf<Photo>({ id, bake: id, data: pictureData }),
} as const
export type KeptKind = keyof typeof keptSchemas

/** What is wrong with something that is to be kept, or was; null when it holds together. */
export const keptProblem = (kind: KeptKind, value: unknown): KeptProblem | null =>
  problemIn(keptSchemas[kind], value)
