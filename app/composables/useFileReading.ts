import { proxy } from 'comlink'

/** Reads a house file in a worker of its own, which can be stopped. */
export function useFileReading() {
  /** How far the file is read, 0 to 1; null: none is. */
  const share = ref<number | null>(null)
  let stopReading: (() => void) | null = null
  /** What is in the file; null when it was stopped. */
  async function read(file: File) {
    const { core, end } = useOwnCore()
    share.value = 0
    const heard = proxy((done: number) => {
      if (share.value !== null) share.value = done
    })
    const stopped = new Promise<null>(resolve => {
      stopReading = () => resolve(null)
    })
    try {
      return await Promise.race([core.readBackup(file, heard), stopped])
    } finally {
      end()
      share.value = null
      stopReading = null
    }
  }
  return { share, read, stop: () => stopReading?.() }
}
