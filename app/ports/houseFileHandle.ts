/** A file of the device that this browser may write to again and again, where it has such files. */
export interface KeptFile {
  readonly name: string
  readonly createWritable: () => Promise<{
    readonly write: (text: string) => Promise<void>
    readonly close: () => Promise<void>
  }>
  readonly queryPermission?: (of: { mode: 'readwrite' }) => Promise<PermissionState>
  readonly requestPermission?: (of: { mode: 'readwrite' }) => Promise<PermissionState>
}

type Picker = (options: {
  suggestedName: string
  types: { description: string; accept: Record<string, string[]> }[]
}) => Promise<KeptFile>
const picker = () =>
  (globalThis as { showSaveFilePicker?: Picker }).showSaveFilePicker?.bind(globalThis)

/** Can this browser keep a file current? */
export const canKeepFile = (): boolean => picker() !== undefined

/** Asks which file is to be kept current; null when nobody chose one. */
export async function pickFile(suggestedName: string): Promise<KeptFile | null> {
  try {
    return (
      (await picker()?.({
        suggestedName,
        types: [{ description: 'House file', accept: { 'application/json': ['.json'] } }],
      })) ?? null
    )
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return null
    throw error
  }
}

/** May it be written to now? `ask`: the browser may ask whoever sits there, which needs a touch. */
export async function mayWrite(file: KeptFile, ask = false): Promise<boolean> {
  const mode = { mode: 'readwrite' } as const
  if ((await file.queryPermission?.(mode)) === 'granted') return true
  if (!file.queryPermission) return true
  return ask && (await file.requestPermission?.(mode)) === 'granted'
}

/** Writes all of it: the old content stays until the new one is whole. */
export async function writeFile(file: KeptFile, text: string): Promise<void> {
  const writing = await file.createWritable()
  await writing.write(text)
  await writing.close()
}
