// How the code reads: ESLint with the limits as a ratchet, Prettier, circles of imports, exports that
// nobody uses.
//   npm run lint               fails where something is wrong, or grew beyond docs/beyond-limits.json
//   npm run lint -- --tighten  takes what shrank off that list
import { spawn } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { figuresOf, grown, listText, shrunk, withoutLimits } from './ratchet.mjs'
import { npx } from './run.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
const listFile = fileURLToPath(new URL('../docs/beyond-limits.json', import.meta.url))
process.chdir(root)

/** Runs a checker beside the others; what it says is shown only when it fails. */
const check = (name, ...args) =>
  new Promise(resolve => {
    const child = spawn(npx, args, { stdio: ['ignore', 'pipe', 'pipe'] })
    const said = []
    child.stdout.on('data', text => said.push(text))
    child.stderr.on('data', text => said.push(text))
    child.once('close', code => {
      if (code !== 0) console.error(`${name}:\n${Buffer.concat(said).toString()}`)
      resolve(code === 0)
    })
  })

/** ESLint's own complaints, and the limits against the list. */
async function lint() {
  const { ESLint } = await import('eslint')
  const eslint = new ESLint()
  const results = await eslint.lintFiles(['.'])
  const rest = withoutLimits(results)
  const said = await (await eslint.loadFormatter('stylish')).format(rest)
  if (said) console.error(said)

  const list = JSON.parse(readFileSync(listFile, 'utf8'))
  const now = figuresOf(results, path => relative(root, path))
  const worse = grown(list, now)
  if (worse.length)
    console.error(
      `Beyond the limits, and not so in docs/beyond-limits.json:\n  ${worse.join('\n  ')}`,
    )
  const less = shrunk(list, now)
  const tighten = process.argv.includes('--tighten')
  if (tighten && !worse.length) writeFileSync(listFile, listText(now))
  else if (less) console.log(`${less} figures shrank: npm run lint -- --tighten`)
  return rest.every(result => !result.errorCount && !result.warningCount) && !worse.length
}

const all = await Promise.all([
  lint(),
  check('Prettier', 'prettier', '--check', '--cache', '--log-level=warn', '.'),
  check(
    'Circles',
    'depcruise',
    'core',
    'app',
    'server',
    'tests',
    '--config',
    '.dependency-cruiser.mjs',
  ),
  check('Unused', 'knip', '--no-config-hints'),
])
process.exitCode = all.every(Boolean) ? 0 : 1
