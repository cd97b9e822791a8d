import { wrap, type Remote } from 'comlink'
import type { CoreWorker } from '~/workers/core.worker'

const newWorker = () =>
  new Worker(new URL('../workers/core.worker.ts', import.meta.url), { type: 'module' })

let worker: Remote<CoreWorker> | null = null

/** The core, running in its worker. Hand it plain data: what the stores hold is never reactive inside. */
export function useCore(): Remote<CoreWorker> {
  worker ??= wrap<CoreWorker>(newWorker())
  return worker
}

/** A worker for one long piece of work, which ends with it: stopped, its answer never comes. */
export function useOwnCore(): { readonly core: Remote<CoreWorker>; readonly end: () => void } {
  const own = newWorker()
  return { core: wrap<CoreWorker>(own), end: () => own.terminate() }
}
