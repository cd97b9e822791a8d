import Joi from 'joi'
import { regions } from '../measure'
import { kindNames } from '../pantry'
import { materialRows } from '../pan'
import { packetFields, packetFigures } from '../packet'
import { beadColours, beadShapes, strictnesses, unknownNeeds } from '../people'
import type { House } from './bake'
import { madeSchema, makingSchema } from './making-file'
import { id, number, recipe, span, text } from './schema'
import { lessonSchema, trialSchema } from './trial-schema'
import { upToDate } from './upgrade'

/**
 * The backup file: one JSON object with these first keys. A new version gets a new number and a way
 * up from the old.
 */
export const backupFormat = 'ingwer-house'
/** A file of one bake with whatever belongs to it, to go on with on another device. */
export const bakeFormat = 'ingwer-bake'
export const backupVersion = 4

export type BackupReading =
  | { readonly ok: true; readonly house: House }
  | {
      readonly ok: false
      readonly problem: {
        readonly code: 'not-json' | 'foreign' | 'newer' | 'broken'
        readonly sentence: string
        readonly at: string
      }
    }

const avoid = Joi.object({
  allergen: id.required(),
  except: Joi.array().items(id),
  strictness: Joi.valid(...strictnesses).required(),
  onlyRaw: Joi.valid(true),
  unasked: Joi.valid(true),
})
export const personSchema = Joi.object({
  id: id.required(),
  name: Joi.string().trim().min(1).max(60).required(),
  avoids: Joi.array().items(avoid).required(),
  diets: Joi.array().items(id).required(),
  things: Joi.array()
    .items(
      Joi.object({
        words: Joi.string().trim().min(1).max(60).required(),
        ingredient: id.allow(null).required(),
      }),
    )
    .max(40),
  note: text(600),
  carries: Joi.valid(true),
  guestOf: id,
  bead: Joi.object({
    letter: Joi.string().min(1).max(2).required(),
    shape: Joi.valid(...beadShapes).required(),
    colour: Joi.valid(...beadColours).required(),
  }),
})

const edit = Joi.object({ do: id.required() }).pattern(
  id,
  Joi.alternatives(Joi.string().allow('').max(20_000), number, Joi.valid(null)),
)
const finding = Joi.object({
  code: id.required(),
  severity: Joi.valid('stop', 'ask', 'note').required(),
  key: text(400).required(),
  sentence: text(3000).required(),
  lineId: id,
  text: text(20_000),
  step: Joi.object({ component: text(300).required(), at: number.required() }),
  corrections: Joi.array()
    .items(Joi.object({ label: text(300).required(), edits: Joi.array().items(edit).required() }))
    .required(),
})
const strings = Joi.array().items(text(3000)).required()
const balance = Joi.object().pattern(id, number)
const addition = Joi.object({
  ingredient: id.required(),
  name: text(300).required(),
  grams: number.allow(null).required(),
  kitchen: text(300).required(),
  exact: number,
  prepare: text(),
  restMinutes: number,
  times: number,
})
const trim = Joi.object({
  lineId: id.required(),
  ingredient: id.required(),
  name: text(300).required(),
  from: number.required(),
  to: number.required(),
  kitchen: text(300).required(),
  because: text().required(),
})
const change = Joi.object({
  component: text(300).required(),
  removes: Joi.array().items(id).required(),
  adds: Joi.array().items(addition).required(),
  trims: Joi.array().items(trim).required(),
  because: text(3000).required(),
  did: text(3000).required(),
  jobs: Joi.array().items(
    Joi.object({
      job: text(60).required(),
      word: text(100).required(),
      amount: number.required(),
      unit: text(20).required(),
      share: number.required(),
    }),
  ),
  school: id.allow(null).required(),
  source: text().required(),
  rest: Joi.object({ of: id.required(), from: number.required(), to: number.required() }),
  house: text(),
})
const part = Joi.object({
  component: text(300).required(),
  family: id.required(),
  familyName: text(300).required(),
  familyBecause: text().required(),
  before: balance.required(),
  after: balance.required(),
  bands: Joi.object().pattern(id, span).required(),
  matters: Joi.array().items(id).required(),
  loss: number.required(),
  mass: number.required(),
})
const plan = Joi.object({
  id: id.required(),
  title: text(300).required(),
  recipe: recipe.required(),
  changes: Joi.array().items(change).required(),
  balance: Joi.object({ before: balance.required(), after: balance.required() }).required(),
  parts: Joi.array().items(part).required(),
  risks: strings,
  differs: strings,
  notes: strings,
  cautions: strings,
  packets: Joi.array()
    .items(Joi.object({ ingredient: id.required(), name: text(300).required(), lookFor: strings }))
    .required(),
  confidence: text(60).required(),
  confidenceBecause: text().required(),
  restsOn: text().required(),
  forPeople: Joi.array().items(id).required(),
  rests: Joi.object({
    how: Joi.valid('house', 'practice', 'computed').required(),
    baked: number.required(),
    worked: number.required(),
    failed: number.required(),
  }),
  testPiece: Joi.object({ factor: number.required(), says: text().required() }).allow(null),
  nudged: Joi.boolean(),
})
const wishes = Joi.object({
  pin: Joi.array().items(id),
  ban: Joi.array().items(id),
  larder: Joi.array().items(id),
  schools: Joi.object().pattern(id, id),
  maxExtra: number,
  measureIn: Joi.valid('grams', 'spoons'),
  less: Joi.object({ sugar: number.min(0).max(0.6), fat: number.min(0).max(1) }),
  atMost: Joi.object().pattern(id, number.min(0)),
  family: Joi.object().pattern(text(300), id),
  sweeten: id,
  factor: number.min(1).max(20_000),
})
const baked = Joi.object({
  on: Joi.string()
    .pattern(/^\d{4}-\d{2}-\d{2}$/u)
    .required(),
  result: Joi.valid('worked', 'fair', 'failed').required(),
  family: id.required(),
  schools: Joi.array().items(id).required(),
  note: text(2000).required(),
})

const sides = Joi.array().items(number).length(2)
const tin = Joi.object({
  id: id.required(),
  name: Joi.string().trim().min(1).max(80).required(),
  source: text(200).required(),
  shape: Joi.valid('round', 'box', 'ring', 'cups', 'tray', 'log').required(),
  top: sides.required(),
  bottom: sides.required(),
  height: number.required(),
  tube: sides,
  count: number.integer().min(1).max(96).required(),
  material: Joi.valid(...materialRows.map(row => row.id)).required(),
  measured: number.greater(0),
})
const target = Joi.object({
  by: Joi.valid('times', 'people', 'pieces', 'line', 'eggs', 'test', 'tin').required(),
  times: number,
  people: number,
  pieces: number,
  grams: number,
  lineId: id,
  eggs: number,
  tests: number,
  keep: Joi.valid('depth', 'fill', 'all'),
  fill: number,
})
const size = Joi.object({
  target: target.required(),
  tins: Joi.array().items(tin).max(12).required(),
  stated: tin,
  statedMinutes: sides,
  celsius: number,
  start: number,
  pieceGrams: number,
  traysAtOnce: number.integer().min(1).max(6),
  said: Joi.object({
    density: number.greater(0),
    beside: Joi.object().pattern(Joi.string().allow('').max(300), Joi.boolean()),
    families: Joi.object().pattern(Joi.string().allow('').max(300), id),
  }),
  cut: Joi.object({ by: Joi.valid('count', 'side').required(), n: number.greater(0).required() }),
})
const byTask = Joi.object().pattern(Joi.string().max(200), number)
const bakeDay = Joi.object({
  serveAt: Joi.string().isoDate().allow(null).required(),
  with: Joi.array().items(id).max(20).required(),
  wishes: Joi.object({
    minutes: byTask,
    notBefore: byTask,
    outBy: byTask,
    ahead: Joi.object().pattern(
      id,
      Joi.object({
        days: number.integer().min(0).max(90).required(),
        how: Joi.valid('kept', 'frozen').required(),
      }),
    ),
    own: Joi.array()
      .max(60)
      .items(
        Joi.object({
          id: id.required(),
          says: text(200).required(),
          minutes: number.min(0).max(2880).required(),
          hands: Joi.boolean().required(),
          after: Joi.string().max(200),
          before: Joi.string().max(200),
        }),
      ),
  }).required(),
})
const kitchen = Joi.object({
  tins: Joi.array().items(tin).unique('id').max(200).required(),
  altitude: number.min(-400).max(5000).required(),
  oven: Joi.object({
    fan: Joi.boolean().required(),
    scale: Joi.valid('C', 'F', 'gas').required(),
    offset: number.min(-100).max(100).allow(null).required(),
    log: Joi.array()
      .items(
        Joi.object({
          on: text(40).required(),
          bake: id.required(),
          title: text(300).required(),
          celsius: number.required(),
          expected: number.greater(0).required(),
          took: number.greater(0).required(),
        }),
      )
      .max(1000)
      .required(),
  }).required(),
  pace: Joi.object().pattern(
    text(100),
    Joi.object({ n: number.integer().min(0).required(), log: number.required() }),
  ),
  tray: Joi.object({
    length: number.greater(0).required(),
    breadth: number.greater(0).required(),
    atOnce: number.integer().min(1).max(6).required(),
  }).required(),
})

const tie = Joi.object({
  ingredient: id.allow(null).required(),
  lineId: id.allow(null).required(),
  packets: Joi.array().items(id).required(),
})
const day = Joi.string()
  .pattern(/^(?:\d{4}-\d{2}-\d{2})?$/u)
  .allow('')
  .required()
const packetWords = Joi.object(
  Object.fromEntries(packetFields.map(field => [field, text(8000).required()])),
).required()
export const packetSchema = Joi.object({
  id: id.required(),
  name: Joi.string().trim().min(1).max(100).required(),
  ingredient: id.allow(null).required(),
  where: text(200).required(),
  words: packetWords,
  figures: Joi.object(
    Object.fromEntries(packetFigures.map(f => [f, number.min(0).max(1000)])),
  ).required(),
  code: text(20).required(),
  checkedOn: day,
  checkedBy: text(60).required(),
  recheckDays: number.integer().min(1).max(3650).required(),
  price: number.min(0).allow(null).required(),
  size: number.greater(0).allow(null).required(),
  answer: Joi.object({
    on: day,
    text: text(2000).required(),
    without: Joi.array().items(id).required(),
  })
    .allow(null)
    .required(),
  unconfirmed: Joi.array().items(text(200)).required(),
  history: Joi.array()
    .items(Joi.object({ on: day, by: text(60).required(), words: packetWords }))
    .required(),
})
const bake = Joi.object({
  id: id.required(),
  title: text(300).required(),
  source: text(400_000).required(),
  region: Joi.valid(...regions).required(),
  recipe: recipe.required(),
  findings: Joi.array().items(finding).required(),
  settled: Joi.array().items(text(400)).required(),
  tags: Joi.array().items(text(60)).required(),
  archived: Joi.boolean().required(),
  people: Joi.array().items(id).required(),
  ties: Joi.array().items(tie).required(),
  ticked: Joi.array().items(id).required(),
  wishes: wishes.required(),
  plan: plan.allow(null).required(),
  size,
  day: bakeDay,
  making: makingSchema.allow(null),
  made: Joi.array().items(madeSchema).max(1000),
  baked: Joi.array().items(baked),
  trials: Joi.array().items(trialSchema(recipe, change)).max(500),
  favourites: Joi.array().items(Joi.string().max(160)).max(500),
  arm: Joi.object({
    bake: id.required(),
    trial: Joi.string().max(160).required(),
    letter: Joi.string().max(1).required(),
  }),
  created: Joi.string().isoDate().required(),
  updated: Joi.string().isoDate().required(),
})

const shares = Joi.object({
  water: number.required(),
  fat: number.required(),
  solid: number.required(),
  protein: number.required(),
  sugar: number.required(),
  starch: number.required(),
  fibre: number.required(),
})
const ids = Joi.array().items(id).required()
const ingredient = Joi.object({
  id: id.required(),
  name: text(100).required(),
  names: Joi.array().items(text(100)).required(),
  called: Joi.object().pattern(id, text(100)),
  kind: Joi.valid(...Object.keys(kindNames)).required(),
  per100: shares.required(),
  density: Joi.object().pattern(id, number).required(),
  pieces: Joi.object()
    .pattern(Joi.string().allow('').max(100), Joi.array().items(number).length(3))
    .required(),
  holds: ids,
  mayHold: ids,
  traces: ids,
  does: Joi.object({
    bind: number.required(),
    set: number.required(),
    foam: number.required(),
    emulsify: number.required(),
  }).required(),
  acid: number.required(),
  powder: number.required(),
  soda: number.required(),
  sweet: number.required(),
  hold: number,
  salt: number,
  bulk: number,
  madeOf: id,
  usedFor: Joi.valid('pan'),
  unread: Joi.boolean(),
  source: text().required(),
})
const stock = Joi.object({
  ingredients: Joi.array().items(ingredient).unique('id').required(),
  names: Joi.array()
    .items(Joi.object({ words: text(100).required(), ingredient: id.required() }))
    .required(),
  spoons: Joi.array()
    .items(
      Joi.object({
        ingredient: id.required(),
        unit: id.required(),
        grams: number.greater(0).required(),
      }),
    )
    .required(),
})
const picture = Joi.object({
  bake: id.required(),
  data: Joi.string()
    .pattern(/^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/u)
    .max(4_000_000)
    .required(),
})

const label = Joi.object({ packet: id.required(), data: picture.extract('data') })
const group = Joi.object({
  id: id.required(),
  name: Joi.string().trim().min(1).max(60).required(),
  people: Joi.array().items(id).required(),
})

const photo = Joi.object({ id: id.required(), bake: id.required(), data: picture.extract('data') })

const houseFile = Joi.object({
  format: Joi.valid(backupFormat, bakeFormat).required(),
  version: Joi.valid(backupVersion).required(),
  exported: Joi.string().isoDate().required(),
  people: Joi.array().items(personSchema).unique('id').required(),
  bakes: Joi.array().items(bake).unique('id').required(),
  stock: stock.required(),
  pictures: Joi.array().items(picture).required(),
  groups: Joi.array().items(group).unique('id').required(),
  packets: Joi.array().items(packetSchema).unique('id').required(),
  labels: Joi.array().items(label).required(),
  photos: Joi.array().items(photo).unique('id'),
  lessons: Joi.array().items(lessonSchema).unique('id').max(10_000),
  kitchen,
}).prefs({ convert: false })

const written = (format: string, house: House, exported: string): string =>
  JSON.stringify(
    {
      format,
      version: backupVersion,
      exported,
      people: house.people,
      bakes: house.bakes,
      stock: house.stock,
      pictures: house.pictures,
      groups: house.groups,
      packets: house.packets,
      labels: house.labels,
      ...(house.photos?.length ? { photos: house.photos } : {}),
      ...(house.lessons?.length ? { lessons: house.lessons } : {}),
      ...(house.kitchen ? { kitchen: house.kitchen } : {}),
    },
    null,
    1,
  )

/** The house as the text of a backup file. `exported` is the moment, given by the caller, as ISO 8601. */
export const backupOf = (house: House, exported: string): string =>
  written(backupFormat, house, exported)

/**
 * What goes along with one bake: those that share its day, their people and packets, pictures and
 * photos. The pantry's own rows go too: its lines name them.
 */
export function bakeFileOf(house: House, bakeId: string, exported: string): string {
  const main = house.bakes.find(bake => bake.id === bakeId)
  const ids = new Set([
    bakeId,
    ...(main?.day?.with ?? []),
    ...(main?.making?.cards.map(card => card.bake) ?? []),
    ...(main?.trials?.flatMap(trial => trial.arms.flatMap(arm => arm.bake ?? [])) ?? []),
  ])
  const bakes = house.bakes
    .filter(bake => ids.has(bake.id))
    .sort((a, b) => Number(b.id === bakeId) - Number(a.id === bakeId))
  const people = house.people.filter(person =>
    bakes.some(bake => bake.people.includes(person.id) || person.guestOf === bake.id),
  )
  const tied = new Set(bakes.flatMap(bake => bake.ties.flatMap(tie => tie.packets)))
  return written(
    bakeFormat,
    {
      people,
      groups: [],
      bakes,
      packets: house.packets.filter(packet => tied.has(packet.id)),
      stock: house.stock,
      pictures: house.pictures.filter(p => ids.has(p.bake)),
      labels: house.labels.filter(l => tied.has(l.packet)),
      photos: (house.photos ?? []).filter(p => ids.has(p.bake)),
    },
    exported,
  )
}

const refuse = (
  code: 'not-json' | 'foreign' | 'newer' | 'broken',
  sentence: string,
  at = '',
): BackupReading => ({ ok: false, problem: { code, sentence, at } })

/**
 * Reads a backup file. Refuses, with a sentence and the place, what is no JSON, what another
 * program wrote, a newer version, and any entry that does not hold together; nothing is repaired
 * silently.
 */
export const readBackup = (source: string): BackupReading => readHouse(source, backupFormat)
/** The same of a file of one bake; its first bake is the one. */
export function readBakeFile(source: string): BackupReading {
  const found = readHouse(source, bakeFormat)
  return found.ok && !found.house.bakes.length
    ? refuse('broken', 'There is no bake in this file. Nothing was changed.', 'bakes')
    : found
}

function readHouse(source: string, format: typeof backupFormat | typeof bakeFormat): BackupReading {
  let file: unknown
  try {
    file = JSON.parse(source)
  } catch {
    return refuse(
      'not-json',
      'This file is not a house file: it is broken, or no JSON at all. Nothing was changed.',
    )
  }
  const top = file as { format?: unknown; version?: unknown } | null
  if (top?.format === bakeFormat && format === backupFormat)
    return refuse(
      'foreign',
      'This is the file of one bake, not of a house: drop it on the start page. Nothing was changed.',
    )
  if (typeof top !== 'object' || top === null || top.format !== format)
    return refuse('foreign', 'This file was not written by Ingwer’s backup. Nothing was changed.')
  if (typeof top.version === 'number' && top.version > backupVersion)
    return refuse(
      'newer',
      `This file was written by a newer Ingwer (version ${top.version}; this one reads ` +
        `${backupVersion}). Nothing was changed.`,
    )
  const { error, value } = houseFile.validate(upToDate(top as Record<string, unknown>), {
    abortEarly: true,
  })
  if (error)
    return refuse(
      'broken',
      `This house file is damaged at “${error.details[0]!.path.join(' › ')}”: ` +
        `${error.details[0]!.message}. Nothing was changed.`,
      error.details[0]!.path.join('.'),
    )
  const house = value as House
  const stranger = house.people.find(person => unknownNeeds(person).length)
  if (stranger)
    return refuse(
      'broken',
      `${stranger.name} avoids “${unknownNeeds(stranger)[0]}”, which this Ingwer does not ` +
        'know. Nothing was changed.',
      `people.${stranger.id}`,
    )
  return {
    ok: true,
    house: {
      people: house.people,
      bakes: house.bakes,
      stock: house.stock,
      pictures: house.pictures,
      groups: house.groups,
      packets: house.packets,
      labels: house.labels,
      ...(house.photos ? { photos: house.photos } : {}),
      ...(house.lessons ? { lessons: house.lessons } : {}),
      ...(house.kitchen ? { kitchen: house.kitchen } : {}),
    },
  }
}
