import { spawnSync } from 'node:child_process'
import { join } from 'node:path'

/** The larger run of what the gate does in small: which tests, and with how many of each. */
const rows = [
  ['every write of a day’s work fails, three ways', 'app/db/faults', { INGWER_EVERY: '1' }],
  ['two tabs, random edits in random order', 'app/db/tabs', { INGWER_RUNS: '17' }],
  ['house files spoiled or torn', 'core/share/mutated-files', { INGWER_RUNS: '25' }],
]

/** Runs them, and prints a line each: how many tests held, with what, and how long it took. */
export function durability(root) {
  for (const [says, path, more] of rows) {
    const begun = performance.now()
    const jest = join(root, 'node_modules/jest/bin/jest.js')
    const { status, stderr } = spawnSync(process.execPath, [jest, path, '--silent'], {
      cwd: root,
      encoding: 'utf8',
      env: { ...process.env, ...more, NODE_OPTIONS: '--experimental-vm-modules' },
    })
    const tests = /^Tests:\s+(.*)$/mu.exec(stderr)?.[1] ?? 'did not run'
    const seconds = ((performance.now() - begun) / 1000).toFixed(0)
    const how = Object.entries(more).map(([name, value]) => `${name}=${value}`)
    console.log(`${says}: ${status === 0 ? 'holds' : 'FAILS'} (${tests}; ${how}; ${seconds} s)`)
  }
}
