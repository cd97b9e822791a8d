/**
 * No file may come back to itself along its imports, types included (the linter's own rule passes
 * over those).
 */
export default {
  forbidden: [{ name: 'no-circle', severity: 'error', from: {}, to: { circular: true } }],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.(?:test|spec)\\.ts$' },
    tsPreCompilationDeps: true,
  },
}
