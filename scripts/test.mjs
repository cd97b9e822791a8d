// Everything, from a clean checkout: packages, lint, types, unit tests, build, the real interface.
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { isInstalled, isStale, nodeTooOld } from './preflight.mjs'
import { attempt, npm, npx, run, runTogether, stop } from './run.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
process.chdir(root)
const old = nodeTooOld(process.versions.node)
if (old) stop(old)

/** Chromium drives the interface, `units` is asked for the sizes of cups: both are Debian's. */
const missing = [
  ['chromium-headless-shell', process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell'],
  ['units', '/usr/bin/units'],
]
  .filter(([, path]) => !existsSync(path))
  .map(([name]) => name)
if (missing.length) {
  if (process.getuid?.() !== 0 || spawnSync('apt-get', ['--version']).status !== 0)
    stop(`The tests need ${missing.join(' and ')}: sudo apt-get install ${missing.join(' ')}`)
  run('Fetching the list of Debian’s packages', 'apt-get', ['update', '-qq'])
  run(`Installing ${missing.join(' and ')}`, 'apt-get', ['install', '-y', '-qq', ...missing], {
    DEBIAN_FRONTEND: 'noninteractive',
  })
}
if (!isInstalled(root))
  run('Installing the packages', npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
run('Preparing', npx, ['nuxt', 'prepare', '--logLevel=silent'])

/** Which interface tests failed in the last run; each run writes this file anew. */
const lastRun = 'test-results/.last-run.json'

// Two rows, since two cores are what there is everywhere; both take about as long.
const script = (doing, name) => ({ doing, command: npm, args: ['run', '--silent', name] })
const build = { doing: 'Building', command: npx, args: ['nuxt', 'build', '--logLevel=silent'] }
await runTogether(
  [script('Lint', 'lint'), script('Types', 'typecheck'), ...(isStale(root) ? [build] : [])],
  [script('Unit tests', 'test:unit')],
)
const doing = 'The real interface'
const { isDone, why } = attempt(doing, npm, ['run', '--silent', 'test:e2e'])
if (!isDone) {
  const failed = existsSync(lastRun) ? readFileSync(lastRun, 'utf8') : '{}'
  const count = JSON.parse(failed).failedTests?.length ?? 0
  // Traces cost a quarter of the time, so they are made only of what failed. What fails again has
  // failed; one test or two that then hold three times are unsteady, and are named.
  const holds = time => {
    writeFileSync(lastRun, failed)
    const again = ['playwright', 'test', '--last-failed']
    return attempt(`${doing}, what failed, time ${time}`, npx, again, { TRACE: '1' }).isDone
  }
  if (count === 0 || count > 2 || ![1, 2, 3].every(holds))
    stop(`${why} The traces are in test-results/.`)
  stop(
    `All passed, but ${count} of the interface tests fell once before (above): unsteady, to be mended.`,
    0,
  )
}
console.log('\nAll of it passed.')
