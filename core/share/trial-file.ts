import Papa from 'papaparse'
import { readRecipe } from '../pan'
import type { Recipe } from '../recipe'
import {
  changesIn,
  judgedIn,
  lexicon,
  letterOf,
  mostArms,
  trialLimits,
  bakeLossOfArm,
  noRecord,
  profileOf,
  type Arm,
  type ArmRecord,
  type Score,
  type Trial,
} from '../trial'

/**
 * One row an arm. The words of the lexicon stand as means, for spreadsheets; `scores` holds every
 * one, for the way back.
 */
const plain = [
  'dessert',
  'trial',
  'begun',
  'question',
  'arm',
  'says',
  'winner',
  'changed',
  'before_g',
  'after_g',
  'loss_percent',
  'height_cm',
  'spread_cm',
  'minutes',
  'oven_c',
  'tasters',
  'note',
] as const
const tail = [
  'scores',
  'tests',
  'family',
  'recipe_oven_c',
  'ingredients',
  'method',
  'shown',
] as const
export const trialColumns: readonly string[] = [...plain, ...lexicon.map(row => row.id), ...tail]

const say = (n: number | null, digits = 1) =>
  n === null ? '' : String(Math.round(n * 10 ** digits) / 10 ** digits)
const scoreText = (scores: readonly Score[]) =>
  scores.map(s => `${s.taster}: ${s.word} ${s.value}`).join('; ')
/** A cell that a spreadsheet would take for a formula is made text. */
const safe = (text: string) =>
  /^[=+\-@\t\r]/u.test(text) && !/^-?\d+(?:\.\d+)?$/u.test(text) ? `'${text}` : text
const bare = (text: string) => text.replace(/^'(?=[=+\-@])/u, '')

const lineText = (line: Recipe['components'][number]['lines'][number]) =>
  line.grams && line.ingredient && !/^\d[\d.,]*\s*g\b/u.test(line.text)
    ? `${say(line.grams.best, line.grams.best < 10 ? 2 : 1)} g ` +
      `${line.name}${line.preparation ? `, ${line.preparation}` : ''}`
    : line.text

/** The trials of a dessert as comma-separated values, one row an arm. */
export function trialsCsv(title: string, trials: readonly Trial[]): string {
  const rows = trials.flatMap(trial =>
    trial.arms.map(arm => {
      const profile = profileOf(arm.record)
      const cells: Record<string, string> = {
        dessert: title,
        trial: trial.id,
        begun: trial.begun,
        question: trial.question,
        arm: arm.letter,
        says: arm.says,
        winner: trial.crowned === arm.id ? 'yes' : '',
        changed:
          changesIn(trial)
            .find(c => c.arm === arm.id)
            ?.changes.map(c => c.says)
            .join('; ') ?? '',
        before_g: say(arm.record.before),
        after_g: say(arm.record.after),
        loss_percent: say(
          bakeLossOfArm(arm.record) === null ? null : 100 * bakeLossOfArm(arm.record)!,
        ),
        height_cm: say(arm.record.height),
        spread_cm: say(arm.record.spread),
        minutes: say(arm.record.minutes),
        oven_c: say(arm.record.celsius, 0),
        tasters: String(new Set(arm.record.scores.map(s => s.taster)).size || ''),
        note: arm.record.note,
        ...Object.fromEntries(lexicon.map(row => [row.id, say(profile.get(row.id)?.mean ?? null)])),
        scores: scoreText(arm.record.scores),
        tests: say(trial.tests),
        family: trial.family,
        recipe_oven_c: say(arm.recipe.oven?.celsius ?? null, 0),
        ingredients: arm.recipe.components
          .map(c => `${c.name ? `${c.name}: ` : ''}${c.lines.map(lineText).join(' | ')}`)
          .join(' || '),
        method: arm.recipe.components.flatMap(c => c.steps).join(' | '),
        shown: arm === trial.arms[0] ? judgedIn(trial).join(' ') : '',
      }
      return Object.fromEntries(trialColumns.map(column => [column, safe(cells[column] ?? '')]))
    }),
  )
  return Papa.unparse(rows, { columns: [...trialColumns] })
}

export type TrialsReading =
  | { readonly ok: true; readonly trials: readonly Trial[]; readonly notes: readonly string[] }
  | { readonly ok: false; readonly sentence: string }

function numberIn(text: string, least: number, most: number): number | null | undefined {
  const t = text.trim().replace(',', '.')
  if (!t) return null
  const n = Number(t)
  return Number.isFinite(n) && n >= least && n <= most ? n : undefined
}

function scoresIn(text: string): { readonly scores: Score[]; readonly bad: string[] } {
  const bad: string[] = []
  const scores = text
    .split(';')
    .map(t => t.trim())
    .filter(Boolean)
    .flatMap((part): Score[] => {
      const m = /^(.{1,80}): ([a-z-]+) ([0-9](?:\.\d+)?)$/u.exec(part)
      if (!m || !lexicon.some(row => row.id === m[2]) || Number(m[3]) > 9) {
        bad.push(part)
        return []
      }
      return [{ taster: m[1]!, word: m[2]!, value: Number(m[3]) }]
    })
  return { scores, bad }
}

type Row = Readonly<Record<string, string>>
/** A row of the table with its number, as a spreadsheet counts. */
interface PlacedRow {
  readonly row: Row
  readonly at: number
}
const cell = (row: Row, column: string) => bare(row[column] ?? '').trim()
const isRow = (row: Row) =>
  cell(row, 'trial') !== '' &&
  /^[A-F]$/u.test((row.arm ?? '').trim()) &&
  /^\d{4}-\d{2}-\d{2}$/u.test((row.begun ?? '').trim())
/** Rows by their trial; what is none is left out with a note. */
function rowsByTrial(rows: readonly Row[], notes: string[]): ReadonlyMap<string, PlacedRow[]> {
  const groups = new Map<string, PlacedRow[]>()
  for (const [i, row] of rows.entries()) {
    const at = i + 2
    const key = cell(row, 'trial')
    if (isRow(row)) groups.set(key, [...(groups.get(key) ?? []), { row, at }])
    else notes.push(`Row ${at}: no trial, arm (A to F) or day; it is left out.`)
  }
  return groups
}
/** Figures of a record, by column, from and to. */
const figures = [
  ['before', 'before_g', 100_000],
  ['after', 'after_g', 100_000],
  ['height', 'height_cm', 100],
  ['spread', 'spread_cm', 200],
  ['minutes', 'minutes', 2000],
  ['celsius', 'oven_c', 400],
] as const
function recordIn({ row, at }: PlacedRow, was: ArmRecord, notes: string[]): ArmRecord {
  const { scores, bad } = scoresIn(cell(row, 'scores'))
  if (bad.length) notes.push(`Row ${at}: “${bad[0]!}” is no score.`)
  const read = figures.map(([field, column, most]) => {
    const n = numberIn(cell(row, column), 0, most)
    if (n !== undefined) return [field, n] as const
    const what = column.replace('_', ' ')
    notes.push(`Row ${at}: “${cell(row, column)}” is no ${what}; what was there stays.`)
    return [field, was[field]] as const
  })
  const note = cell(row, 'note').slice(0, trialLimits.note)
  return { ...was, ...Object.fromEntries(read), scores, note }
}
/** The recipe of an arm that this house does not know, read from its cells. */
function recipeIn(row: Row, title: string): Recipe {
  const named = /^([^|:]{1,60}): /u
  const lines = cell(row, 'ingredients')
    .split(' || ')
    .flatMap(part => [
      ...(named.test(part) ? [`${named.exec(part)![1]}:`] : []),
      ...part.replace(named, '').split(' | '),
    ])
  const steps = cell(row, 'method')
    .split(' | ')
    .map((step, i) => `${i + 1}. ${step}`)
  return readRecipe([title, '', ...lines, '', 'Method', ...steps].join('\n'), {}).recipe
}
/** A table of trials being read into a house that has some. */
interface Reading {
  readonly title: string
  readonly notes: string[]
}
/** One arm of a row: the known one with what was noted, or a new one. */
function armIn(
  placed: PlacedRow,
  n: number,
  { id, known }: { readonly id: string; readonly known: Trial | undefined },
  { title, notes }: Reading,
): Arm[] {
  const { row, at } = placed
  const letter = cell(row, 'arm')
  const was = known?.arms.find(arm => arm.letter === letter)
  if (was) return [{ ...was, record: recordIn(placed, was.record, notes) }]
  const recipe = recipeIn(row, title)
  if (!recipe.components.some(c => c.lines.length)) {
    notes.push(`Row ${at}: no ingredients; the arm is left out.`)
    return []
  }
  return [
    {
      id: `${id}-${letter.toLowerCase()}`,
      letter: known ? letter : letterOf(n),
      says: cell(row, 'says').slice(0, trialLimits.says) || letter,
      because: '',
      recipe,
      changes: [],
      bake: null,
      record: recordIn(placed, noRecord, notes),
    },
  ]
}
const newTrial = (id: string, first: Row): Trial => ({
  id,
  begun: cell(first, 'begun'),
  question: cell(first, 'question').slice(0, trialLimits.question),
  family: cell(first, 'family') || 'other',
  arms: [],
  tests: numberIn(cell(first, 'tests'), 0.1, 20) ?? 1,
  seed: 1,
  tastings: [],
  crowned: null,
  rematchOf: null,
})
function trialIn(
  id: string,
  placed: readonly PlacedRow[],
  known: Trial | undefined,
  reading: Reading,
): Trial[] {
  const rows = placed.toSorted((a, b) => cell(a.row, 'arm').localeCompare(cell(b.row, 'arm')))
  const arms = rows.flatMap((row, n) => armIn(row, n, { id, known }, reading))
  if (!arms.length) return []
  const base = known ?? newTrial(id, rows[0]!.row)
  const kept = base.arms.map(arm => arms.find(each => each.id === arm.id) ?? arm)
  const fresh = arms.filter(arm => !base.arms.some(each => each.id === arm.id))
  const all = [...kept, ...fresh]
  const winner = placed.find(({ row }) => /^(?:yes|1|x)$/iu.test(cell(row, 'winner')))
  const won = winner && all.find(arm => arm.letter === cell(winner.row, 'arm'))
  return [{ ...base, arms: all.slice(0, mostArms), crowned: won?.id ?? base.crowned }]
}

/**
 * Reads such a file back. Trials that are here already (`have`) keep their recipes, codes and
 * tastings and take the records of the file; others are made of the file's ingredients and method.
 * A cell that is no figure is named with its row and left as it was; a file without the columns is
 * refused.
 */
export function readTrialsCsv(text: string, title: string, have: readonly Trial[]): TrialsReading {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/u, '').trim(), {
    header: true,
    skipEmptyLines: true,
  })
  const missing = ['trial', 'arm', 'begun'].filter(c => !parsed.meta.fields?.includes(c))
  if (missing.length) {
    const columns = missing.map(c => `“${c}”`).join(', ')
    return { ok: false, sentence: `This is no table of trials: the column ${columns} is missing.` }
  }
  const notes: string[] = []
  const trials = [...rowsByTrial(parsed.data, notes)].flatMap(([id, rows]) =>
    trialIn(
      id,
      rows,
      have.find(trial => trial.id === id),
      { title, notes },
    ),
  )
  return trials.length
    ? { ok: true, trials, notes }
    : { ok: false, sentence: notes[0] ?? 'There is no trial in this table.' }
}

/** The trials of a dessert to read: what was changed, what was held, measured, tasted and shown. */
export function trialsMarkdown(title: string, trials: readonly Trial[]): string {
  const cell = (text: string) => text.replace(/\|/gu, '/').replace(/\n/gu, ' ')
  return [
    `# Trials of ${title}`,
    '',
    ...trials.flatMap(trial => {
      const words = lexicon.filter(row =>
        trial.arms.some(a => a.record.scores.some(s => s.word === row.id)),
      )
      const heads = ['arm', 'what', 'loss', 'min', 'height', ...words.map(w => w.name)]
      const rows = trial.arms.map(arm => {
        const [loss, profile] = [bakeLossOfArm(arm.record), profileOf(arm.record)]
        return [
          `${arm.letter}${trial.crowned === arm.id ? ' ★' : ''}`,
          arm.says,
          loss === null ? '' : `${say(100 * loss)} %`,
          say(arm.record.minutes),
          arm.record.height === null ? '' : `${say(arm.record.height)} cm`,
          ...words.map(w => say(profile.get(w.id)?.mean ?? null)),
        ]
      })
      const notes = trial.arms
        .filter(a => a.record.note)
        .map(a => `- ${a.letter}: ${a.record.note}`)
      return [
        `## ${trial.begun}: ${trial.question || 'a trial'}`,
        '',
        `| ${heads.join(' | ')} |`,
        `|${heads.map(() => '---').join('|')}|`,
        ...rows.map(r => `| ${r.map(cell).join(' | ')} |`),
        '',
        ...changesIn(trial).map(
          c =>
            `- ${trial.arms.find(a => a.id === c.arm)!.letter}: ` +
            `${c.changes.map(x => x.says).join('; ') || 'nothing changed'}` +
            (c.warning ? ` — ${c.warning}` : ''),
        ),
        ...notes,
        ...judgedIn(trial).map(j => `- ${j}`),
        '',
      ]
    }),
  ].join('\n')
}
