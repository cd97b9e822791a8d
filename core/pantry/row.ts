import type { Composition, Functions, Handling, Ingredient, Kind } from './ingredient'

/**
 * A row as the tables write it: [water, fat, solid share of fat, protein, sugar, starch, fibre] per
 * 100 g.
 */
export type Per100 = readonly [number, number, number, number, number, number, number]

export interface RowExtras {
  readonly called?: Ingredient['called']
  readonly pieces?: Readonly<Record<string, number | readonly [number, number, number]>>
  readonly holds?: string
  readonly mayHold?: string
  readonly traces?: string
  /** bind, set, foam, emulsify a 100 g */
  readonly does?: readonly [number, number, number, number]
  readonly acid?: number
  readonly powder?: number
  readonly soda?: number
  readonly sweet?: number
  readonly hold?: number
  readonly salt?: number
  readonly bulk?: number
  readonly madeOf?: string
  readonly usedFor?: 'pan'
}

const ids = (text: string | undefined) => (text ? text.split(' ') : [])
const composition = ([water, fat, solid, protein, sugar, starch, fibre]: Per100): Composition => ({
  water,
  fat,
  solid,
  protein,
  sugar,
  starch,
  fibre,
})
const functions = ([bind, set, foam, emulsify]: readonly [
  number,
  number,
  number,
  number,
]): Functions => ({ bind, set, foam, emulsify })

/**
 * Makes a pantry entry of one table row. `names` are the other names, parted by " | ". A bare
 * density is for `spooned`.
 */
export function row(
  id: string,
  kind: Kind,
  name: string,
  names: string,
  per100: Per100,
  density: number | Partial<Record<Handling, number>>,
  extras: RowExtras,
  source: string,
): Ingredient {
  return {
    id,
    name,
    kind,
    source,
    names: [
      name,
      ...names
        .split('|')
        .map(n => n.trim())
        .filter(Boolean),
    ],
    called: extras.called,
    per100: composition(per100),
    density: typeof density === 'number' ? { spooned: density } : density,
    pieces: Object.fromEntries(
      Object.entries(extras.pieces ?? {}).map(([word, g]) => [
        word,
        typeof g === 'number' ? ([g * 0.85, g, g * 1.15] as const) : g,
      ]),
    ),
    holds: ids(extras.holds),
    mayHold: ids(extras.mayHold),
    traces: ids(extras.traces),
    does: functions(extras.does ?? [0, 0, 0, 0]),
    acid: extras.acid ?? 0,
    powder: extras.powder ?? 0,
    soda: extras.soda ?? 0,
    sweet: extras.sweet ?? per100[4],
    usedFor: extras.usedFor,
    ...(extras.hold === undefined ? {} : { hold: extras.hold }),
    ...(extras.salt === undefined ? {} : { salt: extras.salt }),
    ...(extras.bulk === undefined ? {} : { bulk: extras.bulk }),
    ...(extras.madeOf === undefined ? {} : { madeOf: extras.madeOf }),
  }
}
