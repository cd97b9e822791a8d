// Installs when needed, builds when something changed, starts the server and prints its address.
//   node scripts/start.mjs          an empty house
//   node scripts/start.mjs --demo   the demo household
import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { isInstalled, isStale, nodeTooOld, noRoom, portBusy, portOf } from './preflight.mjs'
import { npm, npx, run, stop } from './run.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
process.chdir(root)
const demo = process.argv.includes('--demo')

const old = nodeTooOld(process.versions.node)
if (old) stop(old)
const { port, problem } = portOf(process.env.PORT, 4321)
if (problem) stop(problem)
const busy = await portBusy(port)
if (busy) stop(busy)

const install = !isInstalled(root)
const build = install || isStale(root)
if (install || build) {
  const full = noRoom(root)
  if (full) stop(full)
}
if (install)
  run('Installing the packages', npm, ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
if (build) run('Building', npx, ['nuxt', 'build', '--logLevel=silent'])

const server = spawn(process.execPath, ['.output/server/index.mjs'], {
  stdio: ['ignore', 'ignore', 'inherit'],
  env: {
    ...process.env,
    HOST: '127.0.0.1',
    PORT: String(port),
    NITRO_HOST: '127.0.0.1',
    NITRO_PORT: String(port),
    INGWER_DEMO: demo ? '1' : '',
  },
})
server.once('exit', code => process.exit(code ?? 0))
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, () => server.kill(signal))

const address = `http://127.0.0.1:${port}/`
for (let i = 0; i < 100; i++) {
  const ready = await fetch(`${address}api/health`).then(
    r => r.ok,
    () => false,
  )
  if (ready) break
  await new Promise(resolve => setTimeout(resolve, 100))
}
console.log(
  `\nIngwer is at ${address}  (${demo ? 'with the Brackwater house' : 'an empty house'}; Ctrl + C ends it)\n`,
)
