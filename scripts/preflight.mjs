import { existsSync, readdirSync, statSync, statfsSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'

/** What has to be right before Ingwer can start; every refusal is one sentence. */
export const oldestNode = [20, 12]
const roomNeeded = 1_200_000_000
const sources = ['app', 'core', 'server', 'demo', 'public', 'nuxt.config.ts', 'package-lock.json']

/** The sentence for a Node that is too old; null when it will do. `version` as in process.versions.node. */
export function nodeTooOld(version) {
  const [major = 0, minor = 0] = version.split('.').map(Number)
  const fits = major > oldestNode[0] || (major === oldestNode[0] && minor >= oldestNode[1])
  return fits
    ? null
    : `Ingwer needs Node ${oldestNode.join('.')} or newer; this is ${version}. Install a ` +
        'newer Node and start again.'
}

/** The sentence for a disk without room; null when there is enough, or when this system does not tell. */
export function noRoom(
  folder,
  free = () => {
    const s = statfsSync(folder)
    return s.bavail * s.bsize
  },
) {
  try {
    const bytes = free()
    return bytes >= roomNeeded
      ? null
      : `The disk has ${Math.round(bytes / 1e6)} MB left; installing and building take about ` +
          `${Math.round(roomNeeded / 1e6)} MB. Make room and start again.`
  } catch {
    return null
  }
}

/** The sentence for a port that somebody else uses; null when it is free. */
export function portBusy(port) {
  return new Promise(resolve => {
    const probe = createServer()
    probe.once('error', error =>
      resolve(
        error.code === 'EADDRINUSE'
          ? `Port ${port} is in use. Stop what runs there, or choose another: PORT=${port + 1} npm run demo`
          : `Port ${port} cannot be opened (${error.code}). Choose another: PORT=4444 npm run demo`,
      ),
    )
    probe.once('listening', () => probe.close(() => resolve(null)))
    probe.listen(port, '127.0.0.1')
  })
}

/** A port as a number; a sentence when PORT is no port. */
export function portOf(text, otherwise) {
  if (text === undefined || text === '') return { port: otherwise }
  const port = Number(text)
  return Number.isInteger(port) && port > 0 && port < 65536
    ? { port }
    : { problem: `PORT=${text} is no port; it is a number from 1 to 65535.` }
}

/** The newest change below a file or folder, in ms. */
function newest(path) {
  if (!existsSync(path)) return 0
  const stat = statSync(path)
  return stat.isDirectory()
    ? readdirSync(path).reduce((latest, name) => Math.max(latest, newest(join(path, name))), 0)
    : stat.mtimeMs
}

/** Has anything that goes into the build changed since it was made? */
export function isStale(root) {
  const built = join(root, '.output', 'nitro.json')
  return (
    !existsSync(built) ||
    sources.some(source => newest(join(root, source)) > statSync(built).mtimeMs)
  )
}

/** Are the packages in the tree those of the lock file? */
export function isInstalled(root) {
  const [lock, made] = [
    join(root, 'package-lock.json'),
    join(root, 'node_modules', '.package-lock.json'),
  ]
  return existsSync(made) && statSync(made).mtimeMs >= statSync(lock).mtimeMs - 1000
}
