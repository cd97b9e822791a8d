import Joi from 'joi'
import { isAvoidable, kindNames, type Ingredient, type Kind } from '../pantry'

/**
 * An ingredient of the house's own as a form or a table row has it: per 100 g, g/ml, ids of what it
 * holds.
 */
export interface IngredientForm {
  readonly id: string
  readonly name: string
  readonly names: readonly string[]
  readonly kind: Kind
  readonly water: number
  readonly fat: number
  readonly solid: number
  readonly protein: number
  readonly sugar: number
  readonly starch: number
  readonly fibre: number
  readonly density: number | null
  readonly piece: number | null
  readonly holds: readonly string[]
  readonly mayHold: readonly string[]
  readonly traces: readonly string[]
  /** Has somebody read its packet? Until then it may hold anything. */
  readonly packetRead: boolean
}

const kinds = Object.keys(kindNames) as Kind[]
const share = (what: string) => Joi.number().min(0).max(100).precision(2).required().label(what)
const allergens = (what: string) =>
  Joi.array()
    .items(
      Joi.string().custom((id: string, helpers) =>
        isAvoidable(id)
          ? id
          : helpers.message({ custom: `${what}: “${id}” is nothing that Ingwer knows` }),
      ),
    )
    .max(60)
    .required()
    .label(what)

/** What a row must be. The six shares of 100 g may come to a little over 100, since tables round. */
export const ingredientFormSchema = Joi.object<IngredientForm>({
  id: Joi.string()
    .pattern(/^[a-z0-9-]{1,80}$/u)
    .required()
    .label('Id'),
  name: Joi.string().trim().min(2).max(60).required().label('Name').messages({
    'string.empty': 'Give it a name',
    'string.min': 'Give it a name of two letters or more',
  }),
  names: Joi.array()
    .items(Joi.string().trim().min(2).max(60))
    .max(30)
    .required()
    .label('Other names'),
  kind: Joi.valid(...kinds)
    .required()
    .label('Kind')
    .messages({ 'any.only': 'Kind: choose what it is to a baker' }),
  water: share('Water'),
  fat: share('Fat'),
  solid: share('Firm share of the fat'),
  protein: share('Protein'),
  sugar: share('Sugar'),
  starch: share('Starch'),
  fibre: share('Fibre'),
  density: Joi.number().greater(0.02).max(2).allow(null).required().label('Grams a millilitre'),
  piece: Joi.number().greater(0).max(20_000).allow(null).required().label('One piece'),
  holds: allergens('Holds'),
  mayHold: allergens('May hold'),
  traces: allergens('Traces'),
  packetRead: Joi.boolean().required(),
})
  .custom((form: IngredientForm, helpers) => {
    const sum = form.water + form.fat + form.protein + form.sugar + form.starch + form.fibre
    return sum > 101.5
      ? helpers.message({
          custom: `Water, fat, protein, sugar, starch and fibre come to ${Math.round(sum)} g in 100 g`,
        })
      : form
  })
  .prefs({ abortEarly: false, errors: { wrap: { label: false } } })

/** What a form does not ask: as the table has it, or nothing. */
const unasked = (builtIn: Ingredient | undefined) => ({
  called: builtIn?.called,
  does: builtIn?.does ?? { bind: 0, set: 0, foam: 0, emulsify: 0 },
  acid: builtIn?.acid ?? 0,
  powder: builtIn?.powder ?? 0,
  soda: builtIn?.soda ?? 0,
  usedFor: builtIn?.usedFor,
})
/** What only some rows have: it is not there at all where the table has none. */
const onlySome = ({ hold, salt, bulk, madeOf }: Partial<Ingredient>) => ({
  ...(hold === undefined ? {} : { hold }),
  ...(salt === undefined ? {} : { salt }),
  ...(bulk === undefined ? {} : { bulk }),
  ...(madeOf === undefined ? {} : { madeOf }),
})
/** A weight by hand, with the spread of pieces. */
const aboutSo = (n: number): readonly [number, number, number] => [n * 0.85, n, n * 1.15]
function densityFrom({ density }: IngredientForm, builtIn: Ingredient | undefined) {
  if (density === null) return {}
  const { handling, rest } = densities(builtIn)
  const isAsTable = rest && density === builtIn?.density[handling]
  return { [handling]: density, ...(isAsTable ? rest : {}) }
}
function piecesFrom({ piece }: IngredientForm, builtIn: Ingredient | undefined) {
  if (piece === null) return { ...builtIn?.pieces }
  const known = builtIn?.pieces['']
  return { ...builtIn?.pieces, '': known?.[1] === piece ? known : aboutSo(piece) }
}

/** The row as an ingredient. A corrected built-in row keeps what the form does not ask for. */
export function ingredientFrom(form: IngredientForm, builtIn?: Ingredient): Ingredient {
  const name = form.name.trim()
  const { water, fat, protein, sugar, starch, fibre } = form
  return {
    ...unasked(builtIn),
    id: form.id,
    name,
    names: [...new Set([name, ...form.names.map(n => n.trim()).filter(Boolean)])],
    kind: form.kind,
    per100: { water, fat, solid: form.solid / 100, protein, sugar, starch, fibre },
    density: densityFrom(form, builtIn),
    pieces: piecesFrom(form, builtIn),
    holds: form.holds,
    mayHold: form.mayHold,
    traces: form.traces,
    sweet: builtIn?.per100.sugar === sugar ? builtIn.sweet : sugar,
    ...onlySome(builtIn ?? {}),
    unread: form.packetRead ? undefined : true,
    source: 'entered in this house',
  }
}

function densities(builtIn: Ingredient | undefined) {
  const [first, ...others] = Object.entries(builtIn?.density ?? {})
  return {
    handling: (first?.[0] ?? 'spooned') as 'spooned',
    rest: others.length ? Object.fromEntries(others) : null,
  }
}

/** An ingredient as the form shows it. */
export const formOf = (i: Ingredient): IngredientForm => ({
  id: i.id,
  name: i.name,
  names: i.names.filter(n => n !== i.name),
  kind: i.kind,
  ...i.per100,
  solid: Math.round(i.per100.solid * 100),
  density: Object.values(i.density)[0] ?? null,
  piece: i.pieces['']?.[1] ?? null,
  holds: i.holds,
  mayHold: i.mayHold,
  traces: i.traces,
  packetRead: !i.unread,
})

/** What is wrong with a form, field by field, as sentences; empty when nothing is. */
export function problemsOf(form: unknown): { readonly path: string; readonly message: string }[] {
  const { error } = ingredientFormSchema.validate(form, { convert: false })
  return error?.details.map(d => ({ path: String(d.path[0] ?? ''), message: d.message })) ?? []
}
