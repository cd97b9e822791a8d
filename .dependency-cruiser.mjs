/**
 * No file may come back to itself along its imports, types included (the linter's own rule passes
 * over those). A recipe walks the rooms of swap once: none takes from a later one, and each only from
 * another's index.
 */
const rooms = ['leaving', 'ways', 'amounts', 'choose', 'carry-out', 'by-hand']
const onlyForward = rooms.slice(0, -1).map((room, i) => ({
  name: `no-way-back-from-${room}`,
  severity: 'error',
  from: { path: `^core/swap/${room}/` },
  to: { path: `^core/swap/(?:${rooms.slice(i + 1).join('|')})/` },
}))
const throughTheDoor = {
  name: 'through-the-index',
  severity: 'error',
  from: { path: `^core/swap/(${rooms.join('|')})/` },
  to: { path: `^core/swap/(?:${rooms.join('|')})/`, pathNot: ['/index\\.ts$', '^core/swap/$1/'] },
}

export default {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    ...onlyForward,
    throughTheDoor,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.(?:test|spec)\\.ts$' },
    tsPreCompilationDeps: true,
  },
}
