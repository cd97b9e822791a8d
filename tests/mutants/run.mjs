// Changes what decides over safety (core/people, core/packet, core/recipe/things) in some three
// thousand small ways, one at a time, and looks whether the tests notice. Prints the share that is
// noticed and every change that is not.
//   npm run mutants -- [part of a file name]
//   npm run mutants -- --changed [commit]    only files that were changed since, HEAD~1 by itself
//   npm run mutants -- --every 4             every fourth change, for a share in a quarter of the time
import { execFileSync } from 'node:child_process'
import { readdirSync, readFileSync, rmSync } from 'node:fs'
import { cpus } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { Worker } from 'node:worker_threads'
import { Instrumenter } from '@stryker-mutator/instrumenter'
import { build } from 'vite'

// A few tries of each property are enough here; the oracle's hundred thousand cases are left to npm test.
process.env.INGWER_RUNS ??= '0.03'
const root = fileURLToPath(new URL('../..', import.meta.url))
const asked = process.argv.slice(2)
const everyAt = asked.indexOf('--every')
const every = everyAt < 0 ? 1 : Number(asked.splice(everyAt, 2)[1])
const [first = '', since = 'HEAD~1'] = asked
const changed =
  first === '--changed' &&
  execFileSync('git', ['diff', '--name-only', since], { cwd: root, encoding: 'utf8' })
    .split('\n')
    .filter(Boolean)
const isWanted = path =>
  changed ? changed.some(name => path.endsWith(name)) : path.includes(first)
const paths = ['core/people', 'core/packet', 'core/recipe/things']
  .flatMap(dir =>
    readdirSync(join(root, dir))
      .filter(name => name.endsWith('.ts') && !/\.test\.ts$|^index\.ts$/u.test(name))
      .map(name => join(root, dir, name)),
  )
  .filter(isWanted)
if (!paths.length) {
  console.log('Nothing that decides over safety was changed.')
  process.exit(0)
}
const quiet = {
  debug() {},
  info() {},
  warn: console.warn,
  error: console.error,
  trace() {},
  fatal: console.error,
  isDebugEnabled: () => false,
  isTraceEnabled: () => false,
}
// Words for people may change without anything being wrong; what decides may not.
const { files, mutants } = await new Instrumenter(quiet).instrument(
  paths.map(name => ({ name, content: readFileSync(name, 'utf8'), mutate: true })),
  { plugins: null, excludedMutations: ['StringLiteral'], ignorers: [], noHeader: false },
)
const instrumented = new Map(files.map(file => [file.name, file.content]))

const outDir = join(root, 'node_modules', '.cache', 'ingwer-mutants')
await build({
  root,
  logLevel: 'error',
  configFile: false,
  resolve: {
    alias: {
      '#core': join(root, 'core'),
      '@jest/globals': join(root, 'tests/mutants/shim.mjs'),
    },
  },
  plugins: [
    {
      name: 'instrumented',
      enforce: 'pre',
      load: id => instrumented.get(id.split('?')[0]) ?? null,
    },
  ],
  build: {
    ssr: 'tests/mutants/entry.ts',
    outDir,
    emptyOutDir: true,
    minify: false,
    target: 'node20',
  },
})
const bundle = pathToFileURL(join(outDir, 'entry.js')).href

/**
 * A worker that has loaded the tests; `ask` gives its answer, or null when it took longer than
 * `most` milliseconds.
 */
function begin() {
  const worker = new Worker(new URL('./worker.mjs', import.meta.url), { workerData: { bundle } })
  const next = most =>
    new Promise((resolve, reject) => {
      const timer = setTimeout(() => {
        worker.off('error', reject)
        resolve(null)
      }, most)
      worker.once('message', message => {
        clearTimeout(timer)
        worker.off('error', reject)
        resolve(message)
      })
      worker.once('error', reject)
    })
  return {
    ready: next(60_000),
    ask: (message, most) => {
      worker.postMessage(message)
      return next(most)
    },
    end: () => worker.terminate(),
  }
}

const unchanged = begin()
await unchanged.ready
const { failed, took, perTest, atLoad } = await unchanged.ask({ id: null }, 600_000)
await unchanged.end()
if (failed.length) {
  console.error('Without any change these fail already:', failed)
  process.exit(1)
}
const testsOf = new Map()
for (const [test, ids] of Object.entries(perTest))
  for (const id of Object.keys(ids)) testsOf.set(id, [...(testsOf.get(id) ?? []), Number(test)])
// The quickest first: most changes are noticed by one of them.
for (const tests of testsOf.values()) tests.sort((a, b) => took[a] - took[b])
/** What its tests take without a change, many times over: what takes longer does not end. */
const mostFor = id => 10_000 + 8 * testsOf.get(id).reduce((sum, test) => sum + took[test], 0)
// What runs once, while the tables are loaded, cannot be changed in a running process.
const counted = mutants.filter(
  (m, i) =>
    i % every === 0 && m.status !== 'Ignored' && !(atLoad.includes(m.id) && !testsOf.has(m.id)),
)
const found = new Map()
const waiting = counted.filter(m => testsOf.has(m.id))
for (const m of counted) if (!testsOf.has(m.id)) found.set(m.id, 'in no test')

async function work() {
  let worker = begin()
  await worker.ready
  for (let m = waiting.pop(); m; m = waiting.pop()) {
    const answer = await worker.ask({ id: m.id, ids: testsOf.get(m.id) }, mostFor(m.id))
    // A change that never ends is noticed, too; its worker is not to be had back.
    if (answer === null) {
      await worker.end()
      worker = begin()
      await worker.ready
    }
    found.set(m.id, answer === null || answer.killed ? 'noticed' : 'not noticed')
    if (found.size % 200 === 0) console.log(`… ${found.size} of ${counted.length}`)
  }
  await worker.end()
}
await Promise.all(cpus().slice(0, 4).map(work))

for (const path of paths) {
  const here = counted.filter(m => m.fileName === path)
  const noticed = here.filter(m => found.get(m.id) === 'noticed').length
  if (here.length)
    console.log(
      `${path.slice(root.length).padEnd(28)} ${String(noticed).padStart(4)} of ` +
        `${String(here.length).padStart(4)}  ${((100 * noticed) / here.length).toFixed(1)} %`,
    )
}
for (const m of counted.filter(m => found.get(m.id) !== 'noticed')) {
  const lines = readFileSync(m.fileName, 'utf8').split('\n')
  console.log(
    `${m.fileName.slice(root.length)}:${m.location.start.line + 1}:${m.location.start.column + 1} ` +
      `${found.get(m.id)}, ${m.mutatorName}: ` +
      (lines[m.location.start.line] ?? '')
        .slice(m.location.start.column, m.location.start.column + 70)
        .trim() +
      ' ' +
      `→ ${m.replacement.replace(/\s+/gu, ' ').slice(0, 60)}`,
  )
}
const noticed = counted.filter(m => found.get(m.id) === 'noticed').length
console.log(
  `\nnoticed ${noticed} of ${counted.length} changes: ` +
    `${((100 * noticed) / counted.length).toFixed(1)} % (at least 85 % is wanted); ` +
    (every === 1
      ? `${mutants.length - counted.length} more run only while the tables are loaded`
      : `of every ${every} one was tried`),
)
rmSync(outDir, { recursive: true, force: true })
