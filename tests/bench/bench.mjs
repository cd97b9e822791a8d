// Prints how fast the core is, as ratios to something everybody knows, and how much the first page loads.
//   npm run bench
import { readFileSync, readdirSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { gzipSync } from 'node:zlib'
import { build } from 'vite'

const root = fileURLToPath(new URL('../..', import.meta.url))
const outDir = join(root, 'node_modules', '.cache', 'ingwer-bench')
await build({ root, logLevel: 'error', configFile: false, build: { ssr: 'core/index.ts', outDir, emptyOutDir: true, minify: false } })
const { adapt, checkPeople, readLine, readRecipe } = await import(pathToFileURL(join(outDir, 'index.js')).href)

const people = JSON.parse(readFileSync(join(root, 'demo/people.json'), 'utf8'))
const texts = readdirSync(join(root, 'demo/recipes')).sort().map(name => readFileSync(join(root, 'demo/recipes', name), 'utf8'))
const recipes = texts.map(text => readRecipe(text).recipe)
const median = values => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

/** Median milliseconds of one call, after a warm-up. */
function time(work, runs = 15) {
  for (let i = 0; i < 3; i++) work()
  return median(Array.from({ length: runs }, () => { const t = performance.now(); work(); return performance.now() - t }))
}

const lines = recipes.flatMap(r => r.components.flatMap(c => c.lines.map(l => l.text)))
const many = Array.from({ length: 20 }, () => lines).flat()
const reading = time(() => { for (const line of many) readLine(line, { region: 'uk' }) })
const splitter = /^\s*([\d\s/½¼¾.,-]+)?\s*(cups?|g|ml|tbsp|tsp|oz)?\s+(.*)$/iu
const splitting = time(() => { for (const line of many) splitter.exec(line) })
console.log(`\nlines read a second             ${Math.round(1000 * many.length / reading).toLocaleString('en')}`)
console.log(`  against one regular expression  × ${(reading / splitting).toFixed(0)} its time`)
const [small, large] = [texts.join('\n'), Array.from({ length: 10 }, () => texts.join('\n')).join('\n')]
const [one, ten] = [time(() => readRecipe(small)), time(() => readRecipe(large), 7)]
console.log(`ten times the text              × ${(ten / one).toFixed(1)} the time (linear is 10; lines beyond 400 are left out)`)

console.log('\nrecipe                          checkPeople      adapt   adapt ÷ check   first plan')
for (const [i, recipe] of recipes.entries()) {
  const [checking, adapting] = [time(() => checkPeople(recipe, people)), time(() => adapt(recipe, people), 7)]
  const found = adapt(recipe, people)
  console.log(`${recipe.title.padEnd(32)}${checking.toFixed(2).padStart(8)} ms ${adapting.toFixed(1).padStart(8)} ms ${(adapting / checking).toFixed(0).padStart(11)}      ${found.plans[0]?.confidence ?? found.verdict}`)
  if (i === recipes.length - 1) console.log()
}

try {
  const folder = join(root, '.output/public')
  const html = readFileSync(join(folder, 'index.html'), 'utf8')
  const first = new Set([...html.matchAll(/(?:src|href)="(\/_nuxt\/[^"]+\.js)"/gu)].map(m => m[1]))
  // What the entry imports statically comes with it.
  for (const file of first) for (const [, name] of readFileSync(join(folder, file), 'utf8').matchAll(/(?:import|from)\s*"(\.\/[^"]+\.js)"/gu)) first.add(join(dirname(file), name))
  const size = [...first].reduce((sum, file) => sum + gzipSync(readFileSync(join(folder, file))).length, 0)
  const worker = readdirSync(join(folder, '_nuxt')).filter(name => name.startsWith('core.worker') && name.endsWith('.js')).reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, '_nuxt', name))).length, 0)
  console.log(`first-load JavaScript           ${(size / 1000).toFixed(0)} kB gzip in ${first.size} files; the worker ${(worker / 1000).toFixed(0)} kB more`)
}
catch { console.log('first-load JavaScript           no build here; run npm run build first') }
rmSync(outDir, { recursive: true, force: true })
