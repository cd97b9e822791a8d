// Writes down what the core says of the demo household and of the corpus, and holds two such
// records against each other.
//   npm run record -- FOLDER            writes a record
//   npm run record -- readings          writes tests/corpus/readings.json (a test sees what changed)
//   npm run record -- compare OLD NEW   names every place at which they differ; exit 1 where they do
import { mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { differences } from './differences.mjs'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** The core and the entry beside this file, as one module for Node. */
async function builtCore() {
  const { build } = await import('vite')
  const outDir = join(root, 'node_modules', '.cache', 'ingwer-record')
  await build({
    root,
    logLevel: 'error',
    configFile: false,
    resolve: { alias: { '#core': join(root, 'core') } },
    build: { ssr: 'tests/record/entry.ts', outDir, emptyOutDir: true, minify: false },
  })
  const made = await import(pathToFileURL(join(outDir, 'entry.js')).href)
  rmSync(outDir, { recursive: true, force: true })
  return made
}

const text = name => readFileSync(join(root, 'demo', name), 'utf8')

async function write(folder) {
  const { recordOf } = await builtCore()
  const texts = readdirSync(join(root, 'demo/recipes'))
    .sort()
    .map(name => text(`recipes/${name}`))
  const house = {
    people: JSON.parse(text('people.json')),
    packets: JSON.parse(text('packets.json')),
    texts,
  }
  mkdirSync(folder, { recursive: true })
  for (const [name, value] of Object.entries(recordOf(house))) {
    writeFileSync(join(folder, `${name}.json`), `${JSON.stringify(value, null, 1)}\n`)
  }
  console.log(`Recorded in ${folder}.`)
}

async function writeReadings() {
  const { packetReadings, thingReadings } = await builtCore()
  const is = { packets: packetReadings(), things: thingReadings() }
  writeFileSync(join(root, 'tests/corpus/readings.json'), `${JSON.stringify(is, null, 1)}\n`)
  console.log('Written: tests/corpus/readings.json.')
}

const mostShown = 60

function compare(before, after) {
  const names = [...new Set([...readdirSync(before), ...readdirSync(after)])].sort()
  let found = 0
  for (const name of names) {
    const [old, made] = [before, after].map(folder =>
      JSON.parse(readFileSync(join(folder, name), 'utf8')),
    )
    for (const { path, was, is } of differences(old, made)) {
      found += 1
      if (found <= mostShown) console.log(`${name} ${path}\n  - ${was}\n  + ${is}`)
    }
  }
  if (found > mostShown) console.log(`… and ${found - mostShown} more`)
  console.log(found ? `${found} places differ.` : 'No difference.')
  return found === 0
}

const [first, ...rest] = process.argv.slice(2)
if (first === 'compare' && rest.length === 2) process.exitCode = compare(...rest) ? 0 : 1
else if (first === 'readings' && !rest.length) await writeReadings()
else if (first && !rest.length) await write(resolve(first))
else {
  console.error('npm run record -- FOLDER, or npm run record -- compare OLD NEW')
  process.exitCode = 1
}
