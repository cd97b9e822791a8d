import { wrap, type Remote } from 'comlink'
import type { CoreWorker } from '~/workers/core.worker'

let worker: Remote<CoreWorker> | null = null

/** The core, running in its worker. Hand it plain data: what the stores hold is never reactive inside. */
export function useCore(): Remote<CoreWorker> {
  worker ??= wrap<CoreWorker>(
    new Worker(new URL('../workers/core.worker.ts', import.meta.url), { type: 'module' }),
  )
  return worker
}
