import type { DayPlan, Needed } from '#core/day'
import { allIngredients, builtIn, type Stock } from '#core/pantry'
import type { Person } from '#core/people'
import {
  backup,
  calendar,
  cardFacts,
  cardHtml,
  cardOf,
  codeText,
  jsonLdOf,
  pantryFile,
  recipeOf,
  trialFile,
  twoHouses,
  type Bake,
  type CardHouse,
  type Counts,
  type House,
  type SetAside,
} from '#core/share'
import type { Trial } from '#core/trial'
import { decodeText, readInParts } from '../decode'

/** So many times at most it is told how far a file is read. */
const tellings = 50

/** The card, and everything that goes out as a file or comes in as one. */
export const files = {
  cardFacts: (bake: Bake, people: readonly Person[], house: CardHouse) => {
    const facts = cardFacts(bake, people, house)
    return { facts, code: codeText(facts) }
  },
  recipeOf,
  cardOf,
  cardHtml,
  jsonLdOf,
  trialsCsv: async (title: string, trials: readonly Trial[]) =>
    (await trialFile()).trialsCsv(title, trials),
  trialsMarkdown: async (title: string, trials: readonly Trial[]) =>
    (await trialFile()).trialsMarkdown(title, trials),
  readTrialsCsv: async (bytes: ArrayBuffer, title: string, have: readonly Trial[]) =>
    (await trialFile()).readTrialsCsv(decodeText(bytes), title, have),
  calendarOf: async (
    plan: Extract<DayPlan, { ok: true }>,
    titles: Readonly<Record<string, string>>,
    stamp: string,
    shopping: readonly Needed[],
  ) => (await calendar()).calendarOf(plan, titles, stamp, shopping),
  pantryCsv: async (which: 'all' | 'own', stock: Stock) =>
    (await pantryFile()).pantryCsv(which === 'all' ? allIngredients() : stock.ingredients),
  readPantryCsv: async (bytes: ArrayBuffer) =>
    (await pantryFile()).readPantryCsv(decodeText(bytes), builtIn),
  writeBakeFile: async (house: House, bake: string, exported: string) =>
    (await backup()).bakeFileOf(house, bake, exported),
  readBakeFile: async (text: string) => (await backup()).readBakeFile(text),
  writeBackup: async (house: House, exported: string, aside: readonly SetAside[]) =>
    (await backup()).backupOf(house, exported, aside),
  /** A file's house with the ids of this one, and what of it is new, the same or otherwise. */
  meetHouses: async (here: House, file: House) => {
    const { knownHere, meetHouses } = await twoHouses()
    const known = knownHere(here, file)
    return { file: known, met: meetHouses(here, known) }
  },
  houseOfBoth: async (here: House, file: House, said: Readonly<Record<string, Counts>>) =>
    (await twoHouses()).houseOfBoth(here, file, said, () => crypto.randomUUID()),
  /** Reads a house file of any size; `heard` is told how far it is, as a share of the whole. */
  readBackup: async (file: Blob, heard: (share: number) => void) => {
    const { readBackup } = await backup()
    const text = await readInParts(file, done => heard(done / 2))
    let told = 0
    return readBackup(text, (done, of) => {
      if (done < told) return
      told = done + of / tellings
      heard(0.5 + done / of / 2)
    })
  },
}
