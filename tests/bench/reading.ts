import { checkPeople, readLine, readPage, readRecipe } from '#core'
import { accounted } from '#core/recipe'
import { cleanRecipes } from '../corpus/tables/clean-recipes'
import { plantedRecipes } from '../corpus/tables/hard-contradictions'
import { hardLayouts, layoutExpected } from '../corpus/tables/hard-layouts'
import { hardLines } from '../corpus/tables/hard-lines'
import { neverClear } from '../corpus/tables/never-clear'
import { corpusRecipes } from '../corpus/tables/recipes'
import { corpusLines } from '../corpus/tables/lines'
import { moreRecipes } from '../corpus/tables/recipes-more'
import { scoreLines, scoreRecipes } from '../corpus/score.mjs'
import {
  linesRead,
  scoreAccounting,
  scoreClean,
  scoreHardLines,
  scoreLayouts,
  scoreNeverClear,
  scorePlanted,
  shares,
} from '../corpus/score-hard.mjs'

interface Wrong {
  readonly text?: string
  readonly title?: string
  readonly says: readonly string[]
}
interface Score {
  readonly of: number
  readonly right: number
  readonly silent?: number
  readonly facts?: number
  readonly alarms?: number
  readonly wrong: readonly Wrong[]
}
interface Both {
  readonly name: string
  readonly open: Score
  readonly aside: Score
}

const both = <T>(
  name: string,
  all: readonly T[],
  nameOf: (row: T) => string,
  score: (rows: readonly T[]) => Score,
): Both => {
  const { open, aside } = shares(all, nameOf)
  return { name, open: score(open), aside: score(aside) }
}

const verdictOf = (text: string, allergen: string) =>
  checkPeople(readRecipe(text).recipe, [
    { id: 'p', name: 'P', avoids: [{ allergen, strictness: 'allergy' }], diets: [] },
  ]).people[0]!.verdict

/** How what is hard to read is read: each corpus with its open part and the third that is set aside. */
const hardReading = (): readonly Both[] => [
  both(
    'hard lines',
    hardLines,
    row => row.text,
    rows => scoreHardLines(rows, linesRead(readRecipe)),
  ),
  both(
    'layouts and pages',
    hardLayouts,
    row => row.name,
    rows => scoreLayouts(rows, { readRecipe, readPage, expected: layoutExpected }),
  ),
  both(
    'clean recipes',
    cleanRecipes,
    row => row.text,
    rows => scoreClean(rows, readRecipe),
  ),
  both(
    'planted contradictions',
    plantedRecipes,
    row => row.name,
    rows => scorePlanted(rows, readRecipe),
  ),
  both(
    'never clear',
    neverClear,
    row => row.text,
    rows => scoreNeverClear(rows, verdictOf),
  ),
]

/** Letters and digits of every text of the corpora that ended in a place. */
const accounting = () =>
  scoreAccounting(
    [
      ...[...corpusRecipes, ...moreRecipes, ...cleanRecipes, ...plantedRecipes].map(r => r.text),
      ...hardLayouts.filter(l => !l.page).map(l => l.source),
    ],
    { readRecipe, accounted },
  )

const took = (work: () => unknown) => {
  const from = performance.now()
  work()
  return performance.now() - from
}
const least = (work: (i: number) => unknown, runs: number) =>
  Math.min(...Array.from({ length: runs }, (_, i) => took(() => work(i))))

/** Texts of `n` letters that a reader could stumble over. */
const hostile: Readonly<Record<string, (n: number) => string>> = {
  'line ends': n => `Cake\n${'\n'.repeat(n)}200 g flour`,
  'blanks': n => `Cake\n${' '.repeat(n)}x`,
  'nested tags': n => `${'<div>'.repeat(n / 5)}200 g flour${'</div>'.repeat(n / 5)}`,
  'open tags': n => `${'<b>'.repeat(n / 3)}200 g flour`,
  'stars': n => '*'.repeat(n),
  'dashes': n => '- '.repeat(n / 2),
  'one word': n => 'a'.repeat(n),
  'numbers': n => '1 '.repeat(n / 2),
  'numbered': n => Array.from({ length: n / 8 }, (_, i) => `${i}. A b `).join(''),
  'amounts alone': n => `Cake\n${'200 g\n'.repeat(n / 6)}`,
  'lines': n => `Cake\n${'200 g flour\n'.repeat(n / 12)}`,
  'choices': n => 'a or b '.repeat(n / 7),
}

/**
 * Reading's speed as ratios: an ordinary recipe in ms, four times the text over one times (4 is
 * linear) for the worst hostile text, and an unknown word over five known lines.
 */
function readingSpeed() {
  const texts = [...corpusRecipes, ...moreRecipes].map(r => r.text)
  for (const text of texts) readRecipe(text)
  const each = texts.map(text => took(() => readRecipe(`${text}\n`))).sort((a, b) => a - b)
  const growth = Object.entries(hostile).map(([name, make]) => {
    const [one, four] = [20_000, 80_000].map(n => least(i => readRecipe(make(n + i)), 2))
    return { name, ratio: four! / Math.max(one!, 2) }
  })
  const worst = growth.reduce((a, b) => (b.ratio > a.ratio ? b : a))
  const known = [
    '200 g plain flour',
    '100 g butter',
    '3 eggs',
    '150 g sugar',
    '2 tsp baking powder',
  ]
  const five = least(i => known.map(text => readLine(text + ' '.repeat(i % 9))), 40)
  const unknown = least(i => readLine(`100 g flibberti${String.fromCharCode(97 + (i % 26))}q`), 40)
  return {
    median: each[Math.floor(each.length / 2)]!,
    slow: each[Math.floor(each.length * 0.95)]!,
    worst,
    unknown: unknown / five,
  }
}

const share = (part: number, whole: number) => `${((100 * part) / whole).toFixed(1)} %`
const saysScore = ({ of, right, silent, facts, alarms }: Score) =>
  facts
    ? `${share(right, facts)} of ${facts} facts, ${alarms} of ${of} with a false alarm`
    : `${share(right, of)} of ${of}` +
      (silent === undefined ? '' : `, wrong and silent ${share(silent, of)}`)

/** What the bench prints of reading: each corpus with both shares, accounting, and the speed. */
export function readingRows(): string[] {
  const placed = accounting()
  const pace = readingSpeed()
  const lines = scoreLines(corpusLines, readLine)
  const recipes = scoreRecipes([...corpusRecipes, ...moreRecipes], readRecipe)
  const listed = (rows: readonly Wrong[]) =>
    rows.map(
      ({ text, title, says }) => `  ${(text ?? title ?? '').slice(0, 60)}: ${says.join('; ')}`,
    )
  return [
    `lines all right                 ${share(lines.right, lines.of)} of ${lines.of} ` +
      '(quantity, unit, ingredient and grams)',
    ...listed(lines.wrong),
    `findings, in ${recipes.of} recipes         precision ${share(recipes.precision, 1)}, ` +
      `recall ${share(recipes.recall, 1)} (${recipes.expected} expected, ${recipes.raised} raised)`,
    ...listed(recipes.wrong),
    ...hardReading().flatMap(({ name, open, aside }) => [
      `${name.padEnd(31)} ${saysScore(open)}; set aside ${saysScore(aside)}`,
      ...listed(open.wrong),
    ]),
    `letters that ended in a place   ${share(placed.placed, placed.of)} of ${placed.of}; ` +
      `understood ${share(placed.understood, placed.of)}, the rest is asked about`,
    `reading an ordinary recipe      ${pace.median.toFixed(1)} ms, slow ones ${pace.slow.toFixed(1)} ms; ` +
      `four times a hostile text takes × ${pace.worst.ratio.toFixed(1)} at worst ` +
      `(${pace.worst.name}); an unknown word × ${pace.unknown.toFixed(2)} of five known lines`,
  ]
}
