import { spawn, spawnSync } from 'node:child_process'

/** Ends with one sentence and no stack. */
export function stop(sentence, code = 1) {
  console.error(`\n${sentence}\n`)
  process.exit(code)
}

const fullDisk = /ENOSPC|no space left/iu

/** The sentence for a command that failed, and the likely reason when the disk is full. */
const whyItFailed = (doing, said, error) =>
  fullDisk.test(said)
    ? `${doing} stopped: the disk is full. Make room and start again.`
    : `${doing} did not work${error ? ` (${error.message})` : ''}. What it said stands above.`

const seconds = since => Math.round((Date.now() - since) / 1000)

/** Runs a command in view; false when it fails, with what it said to standard error. */
export function attempt(doing, command, args, env = {}) {
  console.log(`\n${doing} …`)
  const started = Date.now()
  const done = spawnSync(command, args, {
    stdio: ['ignore', 'inherit', 'pipe'],
    encoding: 'utf8',
    env: { ...process.env, ...env },
    maxBuffer: 1e8,
  })
  const isDone = done.status === 0
  if (!isDone && done.stderr) process.stderr.write(done.stderr)
  if (isDone) console.log(`${doing}: done in ${seconds(started)} s.`)
  return { isDone, why: whyItFailed(doing, done.stderr ?? '', done.error) }
}

/** The same; when it fails, it says what was being done and ends everything. */
export function run(doing, command, args, env = {}) {
  const { isDone, why } = attempt(doing, command, args, env)
  if (!isDone) stop(why)
}

/** Runs one command beside others; what it says is shown when it is done. */
function runQuietly({ doing, command, args, env = {} }, running) {
  console.log(`${doing} …`)
  const started = Date.now()
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, ...env },
      detached: true,
    })
    running.add(child)
    const said = []
    child.stdout.on('data', text => said.push(text))
    child.stderr.on('data', text => said.push(text))
    child.once('error', error => reject(new Error(whyItFailed(doing, '', error))))
    child.once('close', code => {
      running.delete(child)
      const text = Buffer.concat(said).toString()
      if (text.trim()) console.log(`\n${text.trim()}`)
      if (code !== 0) return reject(new Error(whyItFailed(doing, text)))
      console.log(`${doing}: done in ${seconds(started)} s.`)
      resolve()
    })
  })
}

/**
 * Runs several rows of commands beside each other, each row in its order. The first command that
 * fails ends all of it with a sentence.
 */
export async function runTogether(...rows) {
  const running = new Set()
  const endAll = () => {
    for (const child of running) {
      try {
        process.kill(-child.pid)
      } catch {
        /* it has ended by itself */
      }
    }
  }
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.once(signal, () => {
      endAll()
      process.exit(1)
    })
  const inOrder = async row => {
    for (const step of row) await runQuietly(step, running)
  }
  try {
    await Promise.all(rows.map(inOrder))
  } catch (error) {
    endAll()
    stop(error.message)
  }
}

export const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'
export const npx = process.platform === 'win32' ? 'npx.cmd' : 'npx'
