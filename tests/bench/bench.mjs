// Prints how right the reading is, how fast the core is, as ratios to something everybody knows,
// and how much the first page loads.
//   npm run bench
import { readFileSync, readdirSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { gzipSync } from 'node:zlib'
import { build } from 'vite'
import { durability } from './durability.mjs'

const root = fileURLToPath(new URL('../..', import.meta.url))
const outDir = join(root, 'node_modules', '.cache', 'ingwer-bench')
await build({
  root,
  logLevel: 'error',
  configFile: false,
  resolve: { alias: { '#core': join(root, 'core') } },
  build: { ssr: 'tests/bench/entry.ts', outDir, emptyOutDir: true, minify: false },
})
const {
  adapt,
  bakeOf,
  checkPeople,
  corpusSize,
  newPacket,
  noWords,
  packetsFor,
  panSpeed,
  counterSpeed,
  daySpeed,
  trialRows,
  probeRows,
  timesOff,
  readLine,
  readPacket,
  readPage,
  readRecipe,
  methodSpeed,
  gateRows,
  methodRows,
  packetRows,
  safetyRows,
  readingRows,
  expertRows,
  gradedRows,
  scoreMethods,
  scoreStatements,
  shelfIndex,
  shelfRowOf,
  speed,
  statements,
  steadiness,
} = await import(pathToFileURL(join(outDir, 'entry.js')).href)

const people = JSON.parse(readFileSync(join(root, 'demo/people.json'), 'utf8'))
const texts = readdirSync(join(root, 'demo/recipes'))
  .sort()
  .map(name => readFileSync(join(root, 'demo/recipes', name), 'utf8'))
const recipes = texts.map(text => readRecipe(text).recipe)
const median = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

/** Median milliseconds of one call, after a warm-up. */
function time(work, runs = 15) {
  for (let i = 0; i < 3; i++) work()
  return median(
    Array.from({ length: runs }, () => {
      const t = performance.now()
      work()
      return performance.now() - t
    }),
  )
}

const share = (part, whole) => `${((100 * part) / whole).toFixed(1)} %`
for (const row of [...readingRows(), ...methodRows(), ...gateRows(), ...packetRows()])
  console.log(row)
const said = scoreStatements(statements, readPacket)
console.log(
  `packet statements               precision ${share(said.precision, 1)}, recall ` +
    `${share(said.recall, 1)} of ${said.expected} places in ${said.of} statements; ` +
    `${share(said.exact, 1)} with both ends exact; allergens missed altogether: ` +
    `${said.missed.length}`,
)
const wrong = said.wrong.map(({ text, says }) => `  ${text}: ${says.join('; ')}`)
for (const row of [...wrong, ...said.missed.map(one => `  MISSED ${one}`)]) console.log(row)
for (const row of [...safetyRows(texts), ...expertRows(), ...gradedRows()]) console.log(row)

const packet = {
  ...newPacket('p', 'Some block', 'plant-block'),
  words: {
    ...noWords,
    statement: statements[10].replace(/[~?!]?\{(?:[a-z,-]+:)?([^}]+)\}/gu, '$1'),
  },
  checkedOn: '2026-01-01',
}
const [one, ten] = [
  time(() => readPacket(packet.words.statement)),
  time(() => readPacket(Array.from({ length: 10 }, () => packet.words.statement).join(', '))),
]
const tied = packetsFor(
  ['plant-block', 'plain-flour', 'sugar'].map(ingredient => ({
    ingredient,
    lineId: null,
    packets: ['p'],
  })),
  [packet],
  '2026-01-02',
)
const [bare, withPackets] = [
  time(() => checkPeople(recipes[1], people)),
  time(() => checkPeople(recipes[1], people, { packets: tied })),
]
console.log(
  `one statement                   ${one.toFixed(2)} ms; ten times the text × ` +
    `${(ten / one).toFixed(1)} the time`,
)
console.log(`a check with packets            × ${(withPackets / bare).toFixed(2)} of one without`)

const lines = recipes.flatMap(r => r.components.flatMap(c => c.lines.map(l => l.text)))
const many = Array.from({ length: 20 }, () => lines).flat()
const reading = time(() => {
  for (const line of many) readLine(line, { region: 'uk' })
})
const splitter = /^\s*([\d\s/½¼¾.,-]+)?\s*(cups?|g|ml|tbsp|tsp|oz)?\s+(.*)$/iu
const splitting = time(() => {
  for (const line of many) splitter.exec(line)
})
console.log(
  `\nlines read a second             ${Math.round((1000 * many.length) / reading).toLocaleString('en')}`,
)
console.log(`  against one regular expression  × ${(reading / splitting).toFixed(0)} its time`)

console.log(methodSpeed(time, reading / many.length))

// Texts of ordinary words as well as of lines: what is beyond the limits of a recipe is left out,
// so the long one stays below them.
const asPage = text =>
  `<html><body>${text
    .split('\n')
    .map(line => `<div class="x"><p>${line}</p></div>`)
    .join('\n')}</body></html>`
const story =
  `${texts[0]}\n` +
  'A word about the lantern walk, the harbour and the wind that blows there in November.\n'.repeat(
    20,
  )
for (const [name, read, small, large] of [
  ['recipe', readRecipe, texts[0], Array.from({ length: 10 }, () => texts[0]).join('\n')],
  ['story around a recipe', readRecipe, story, Array.from({ length: 10 }, () => story).join('\n')],
  ['page', readPage, asPage(story), asPage(Array.from({ length: 10 }, () => story).join('\n'))],
  ['one line without end', readRecipe, 'flour '.repeat(2000), 'flour '.repeat(20_000)],
]) {
  const [one, ten] = [time(() => read(small), 9), time(() => read(large), 5)]
  console.log(
    `ten times the ${name}`.padEnd(36) +
      `× ${(ten / one).toFixed(1)} the time (linear is 10; at most 12 is wanted)`,
  )
}

const shelf = 5000
const words = [
  'lantern',
  'harbour',
  'ginger',
  'plum',
  'cardamom',
  'rye',
  'marble',
  'custard',
  'hazelnut',
  'lemon',
  'tile',
  'slice',
  'crown',
  'loaf',
  'bars',
]
const bakes = Array.from({ length: shelf }, (_, i) => ({
  ...bakeOf(
    `b${i}`,
    { recipe: recipes[i % recipes.length], findings: [], text: '', keywords: [words[i % 7]] },
    [],
    '2026-01-15T12:00:00.000Z',
  ),
  title: `${words[i % 15]} ${words[(i * 7 + 3) % 15]} ${i}`,
}))
const rows = bakes.map(shelfRowOf)
const listing = time(() => bakes.map(shelfRowOf), 5)
const sorted = time(
  () =>
    [...rows]
      .sort((a, b) => b.updated.localeCompare(a.updated))
      .filter(r => !r.archived)
      .slice(0, 40),
  9,
)
const building = time(() => shelfIndex(rows), 3)
const look = shelfIndex(rows)
const looking = Math.max(
  ...['ginger', 'gin', 'hazlenut loaf', 'lantern 42', 'buttermilk', 'x'].map(query =>
    time(() => look(query), 9),
  ),
)
console.log(
  `\nshelf of ${shelf.toLocaleString('en')} bakes             rows ${listing.toFixed(0)} ` +
    `ms, list ${sorted.toFixed(1)} ms, slowest search ${looking.toFixed(1)} ms (× ` +
    `${(looking / 100).toFixed(2)} of 100 ms), index ${building.toFixed(0)} ms once`,
)

const { scores, refusals, faulty } = scoreMethods()
console.log(
  `\nplans on ${corpusSize.recipes} desserts × ${corpusSize.needs} needs ` +
    `(${corpusSize.held} desserts held back from tuning); clean by tests/bench/clean.ts`,
)
const called = {
  'one-for-one': 'one for one by weight',
  'table': 'a careful table',
  'table-arithmetic': 'the table, then arithmetic',
  'arithmetic': 'a search by arithmetic',
  'composition': 'the solver by composition only',
  'solver': 'the solver with functions',
}
for (const s of scores)
  console.log(
    `  ${called[s.method].padEnd(34)}${String(s.clean).padStart(4)} of ${s.of} ` +
      `(${share(s.clean, s.of)}), held back ${s.heldClean} of ${s.heldOf} ` +
      `(${share(s.heldClean, s.heldOf)})`,
  )
for (const text of faulty) console.log(`    ${text}`)
const wrongly = refusals.wrong.length ? `: ${refusals.wrong.join('; ')}` : ''
console.log(`refused where it must be        ${refusals.right} of ${refusals.of}${wrongly}`)
const steady = steadiness(6)
console.log(
  'with composition ±6 % and functions ±30 %: the winner stays first in ' +
    `${share(steady.first, steady.of)}, and is among those shown in ` +
    `${share(steady.shown, steady.of)} of ${steady.of}`,
)
const quick = speed()
console.log(
  `one adaptation                  median ${quick.median.toFixed(0)} ms (× ` +
    `${(quick.median / quick.quadprog).toFixed(0)} of one quadprog solve of the usual size, ` +
    `${quick.quadprog.toFixed(2)} ms); egg, milk and gluten at most ` +
    `${quick.hardest.toFixed(0)} ms (× ${(quick.hardest / quick.quadprog).toFixed(0)})`,
)
console.log(
  `the first plan                  after ${share(quick.firstPlan, quick.whole)} of all three`,
)
console.log(
  `heap over a thousand            ${quick.heap.map(mb => mb.toFixed(0)).join(' → ')} ` +
    `MB${globalThis.gc ? '' : ' (not collected; run with --expose-gc)'}`,
)

console.log('\nbake time in another tin, 28 changes of 8 ordinary recipes; mean error')
for (const off of timesOff())
  console.log(`  ${off.name.padEnd(30)}${off.percent.toFixed(1).padStart(6)} %`)
const pan = panSpeed()
console.log(
  `the rule of thumb               ${(1000 * pan.rule).toFixed(1)} µs; a calibrated ` +
    `prediction, box to box ${pan.predicted.toFixed(1)} ms (at most ` +
    `${pan.slowest.toFixed(1)})`,
)
console.log(
  `one run of the heat model       ${pan.run.toFixed(2)} ms, × ` +
    `${(pan.run / pan.plain).toFixed(1)} of a plain loop over its ${pan.cells} cells and ` +
    `${pan.steps} steps`,
)

console.log(
  '\na day placed                              tasks   first plan    again      all    ' +
    'above what nothing can beat   first plan ÷ the rules alone',
)
for (const row of await daySpeed(recipes))
  console.log(
    `${row.name.padEnd(42)}${String(row.tasks).padStart(4)} ` +
      `${row.first.toFixed(1).padStart(9)} ms ` +
      `${(Number.isNaN(row.again) ? '' : `${row.again.toFixed(1)} ms`).padStart(9)} ` +
      `${row.all.toFixed(0).padStart(5)} ms ` +
      `${row.proven ? 'proven best'.padStart(16) : `${row.over.toFixed(1)} %`.padStart(16)} ` +
      `${Number.isNaN(row.ratio) ? '' : `× ${row.ratio.toFixed(0)}`.padStart(22)}`,
  )

console.log(
  '\na probe in a simulated bake                beforehand   at 0.3   0.5   0.7  0.85  ' +
    '0.95 of it   in the window',
)
for (const row of probeRows(recipes))
  console.log(
    `${row.name.padEnd(42)}${row.before.toFixed(1).padStart(9)} %   ${Object.values(row.after)
      .map(off => off.toFixed(1).padStart(6))
      .join('')} %   ${row.inside.toFixed(0).padStart(11)} %`,
  )
const stands = counterSpeed(recipes[0])
console.log(
  `where a making of ${stands.happenings} happenings stands  ${stands.ms.toFixed(2)} ms, × ` +
    `${stands.ratio.toFixed(1)} of reading it as a file`,
)

const trial = trialRows(
  recipes[0],
  people.filter(p => ['Ottilie', 'Bram'].includes(p.name)),
)
console.log(
  `\nwhat went wrong, ${trial.score.cases} invented bakes  the cause that was put in leads ` +
    `in ${share(trial.score.top1, trial.score.cases)}, is among three in ` +
    `${share(trial.score.top3, trial.score.cases)}`,
)
for (const miss of trial.score.missed)
  console.log(`    ${miss.name}: ${miss.expect} looked for, ${miss.found.join(', ')} found`)
console.log(
  '  by words alone, drawn from the tables    ' +
    trial.words
      .map(
        w =>
          `${w.words} ${w.words === 1 ? 'word' : 'words'}: ` +
          `leads in ${(100 * w.leads).toFixed(0)} %, ` +
          `among three in ${(100 * w.three).toFixed(0)} % of ${w.bakes}`,
      )
      .join('; '),
)
console.log(
  `${trial.arms.count} arms proposed                ${trial.arms.ms.toFixed(0)} ms, × ` +
    `${(trial.arms.ms / trial.adapt).toFixed(1)} of one adaptation; a diagnosis ` +
    `${trial.diagnosis.toFixed(1)} ms, its amount ${trial.change.toFixed(0)} ms (× ` +
    `${(trial.change / trial.adapt).toFixed(2)})`,
)
console.log(
  `learning from a thousand trials ${trial.learn.toFixed(2)} ms; a triangle of thirty ` +
    `${trial.triangle.toFixed(2)} ms, an exact ranking of six tasters and four arms ` +
    `${trial.ranks.toFixed(1)} ms`,
)

console.log('\nrecipe                          checkPeople      adapt   adapt ÷ check   first plan')
for (const [i, recipe] of recipes.entries()) {
  const [checking, adapting] = [
    time(() => checkPeople(recipe, people)),
    time(() => adapt(recipe, people), 7),
  ]
  const found = adapt(recipe, people)
  console.log(
    `${recipe.title.padEnd(32)}${checking.toFixed(2).padStart(8)} ms ` +
      `${adapting.toFixed(1).padStart(8)} ms ` +
      `${(adapting / checking).toFixed(0).padStart(11)}      ` +
      `${found.plans[0]?.confidence ?? found.verdict}`,
  )
  if (i === recipes.length - 1) console.log()
}

try {
  const folder = join(root, '.output/public')
  const html = readFileSync(join(folder, 'index.html'), 'utf8')
  const first = new Set([...html.matchAll(/(?:src|href)="(\/_nuxt\/[^"]+\.js)"/gu)].map(m => m[1]))
  // What the entry imports statically comes with it.
  for (const file of first)
    for (const [, name] of readFileSync(join(folder, file), 'utf8').matchAll(
      /(?:import|from)\s*"(\.\/[^"]+\.js)"/gu,
    ))
      first.add(join(dirname(file), name))
  const size = [...first].reduce(
    (sum, file) => sum + gzipSync(readFileSync(join(folder, file))).length,
    0,
  )
  const worker = readdirSync(join(folder, '_nuxt'))
    .filter(name => name.startsWith('core.worker') && name.endsWith('.js'))
    .reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, '_nuxt', name))).length, 0)
  console.log(
    `first-load JavaScript           ${(size / 1000).toFixed(0)} kB gzip in ${first.size} ` +
      `files; the worker ${(worker / 1000).toFixed(0)} kB more`,
  )
} catch {
  console.log('first-load JavaScript           no build here; run npm run build first')
}
rmSync(outDir, { recursive: true, force: true })
durability(root)
