// Loads the instrumented tests once and runs what is asked: which mutants each test touches, or
// whether a mutant is noticed.
import { parentPort, workerData } from 'node:worker_threads'

// What tests print when they are through is of no use here.
globalThis.afterAll = () => undefined

const space = (globalThis.__stryker__ ??= {})
space.mutantCoverage = { static: {}, perTest: {} }
const { collected, stockPantry, emptyStock } = await import(workerData.bundle)
const tests = collected()

/**
 * Whatever is remembered between readings is forgotten, so that a mutant is not hidden by what the
 * last one left.
 */
const afresh = () => stockPantry(emptyStock)

async function cover() {
  const [failed, took] = [[], []]
  for (const [i, { name, work }] of tests.entries()) {
    space.currentTestId = String(i)
    afresh()
    const begun = performance.now()
    try {
      await work()
    } catch (error) {
      failed.push(`${name}: ${String(error.message).slice(0, 200)}`)
    }
    took[i] = performance.now() - begun
  }
  space.currentTestId = undefined
  return {
    failed,
    took,
    perTest: space.mutantCoverage.perTest,
    atLoad: Object.keys(space.mutantCoverage.static),
  }
}
async function tryMutant(id, ids) {
  space.mutantCoverage = undefined
  space.activeMutant = id
  try {
    for (const i of ids) {
      afresh()
      try {
        await tests[i].work()
      } catch {
        return true
      }
    }
    return false
  } catch {
    return true
  } finally {
    space.activeMutant = undefined
  }
}
parentPort.on('message', async ({ id, ids }) =>
  parentPort.postMessage(id === null ? await cover() : { id, killed: await tryMutant(id, ids) }),
)
parentPort.postMessage({ ready: tests.length })
