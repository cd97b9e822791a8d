import { spawnSync } from 'node:child_process'

/** Ends with one sentence and no stack. */
export function stop(sentence) {
  console.error(`\n${sentence}\n`)
  process.exit(1)
}

const fullDisk = /ENOSPC|no space left/iu

/**
 * Runs a command in view; when it fails, says what was being done, and the likely reason when the
 * disk is full.
 */
export function run(doing, command, args, env = {}) {
  console.log(`\n${doing} …`)
  const started = Date.now()
  const done = spawnSync(command, args, {
    stdio: ['ignore', 'inherit', 'pipe'],
    encoding: 'utf8',
    env: { ...process.env, ...env },
    maxBuffer: 1e8,
  })
  if (done.status !== 0) {
    if (done.stderr) process.stderr.write(done.stderr)
    stop(
      fullDisk.test(done.stderr ?? '')
        ? `${doing} stopped: the disk is full. Make room and start again.`
        : `${doing} did not work${done.error ? ` (${done.error.message})` : ''}. What it said stands above.`,
    )
  }
  console.log(`${doing}: done in ${Math.round((Date.now() - started) / 1000)} s.`)
}

export const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm'
export const npx = process.platform === 'win32' ? 'npx.cmd' : 'npx'
