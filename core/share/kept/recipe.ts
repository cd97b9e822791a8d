import Joi from 'joi'
import { longestText, regions } from '../../measure'
import type { Component, Correction, Finding, LeftOver, Line, Recipe } from '../../recipe'
import { amount, fieldsOf, flag, id, list, may, number, oneOf, orNull, pair, text } from './schema'

type Oven = NonNullable<Recipe['oven']>
type Yield = NonNullable<Recipe['yield']>

/** What may be kept of a recipe and its findings. */

/** Whatever stands in a text may be as long as the text. */
const words = text(longestText)
const range = Joi.object({ low: amount, high: amount })
const spread = Joi.object({ low: amount, best: amount, high: amount })
const place = orNull(pair)

const lineSchema = fieldsOf<Line>({
  id,
  text: words,
  amount: orNull(range),
  unit: orNull(id),
  grams: orNull(spread),
  ingredient: orNull(id),
  name: words,
  preparation: words,
  optional: flag,
  purpose: orNull(oneOf(['pan', 'dust', 'brush', 'serve', 'decorate', 'taste'])),
  orElse: list(Joi.link('#line')),
  reads: may(words),
  condition: may(orNull(words)),
  open: may(words),
  component: words,
  unread: list(words),
  from: may(place),
  evidence: Joi.object({
    amount: place,
    name: place,
    how: text(),
    source: text(),
    by: oneOf(['words', 'baker', 'plan']),
  }),
}).id('line')

const componentSchema = fieldsOf<Component>({
  name: words,
  lines: list(lineSchema),
  steps: list(words),
  stepsFrom: may(list(place)),
})

export const recipeSchema = fieldsOf<Recipe>({
  title: words,
  region: oneOf(regions),
  handling: may(oneOf(['sifted', 'spooned', 'scooped', 'packed', 'melted', 'whole'])),
  components: list(componentSchema),
  yield: orNull(fieldsOf<Yield>({ text: words, count: orNull(range) })),
  pan: orNull(Joi.object({ text: words })),
  oven: orNull(
    fieldsOf<Oven>({ celsius: orNull(number), fan: flag, minutes: orNull(range), text: words }),
  ),
  facts: may(list(words)),
  noFood: may(list(words)),
  left: may(list(fieldsOf<LeftOver>({ words, from: place }))),
})

/** Edits are read one by one where they are done: here only that nothing else is in them. */
const edit = Joi.object({ do: id }).pattern(id, Joi.alternatives(words, number, Joi.valid(null)))

export const findingSchema = fieldsOf<Finding>({
  code: id,
  severity: oneOf(['stop', 'ask', 'note']),
  key: text(),
  sentence: words,
  lineId: may(id),
  step: may(Joi.object({ component: words, at: number })),
  text: may(words),
  corrections: list(fieldsOf<Correction>({ label: words, edits: list(edit) })),
})
