/** Encodings that a saved page may name; anything else is read as Windows-1252, which never fails. */
const named = /charset\s*=\s*["']?\s*([\w-]{2,24})/iu

/**
 * The text of a file, whatever it was written in: by its mark, by the encoding a page names, as
 * UTF-8 where that holds, else as Windows-1252. Never fails.
 */
export function decodeText(bytes: ArrayBuffer): string {
  const data = new Uint8Array(bytes)
  if (data[0] === 0xff && data[1] === 0xfe) return new TextDecoder('utf-16le').decode(data)
  if (data[0] === 0xfe && data[1] === 0xff) return new TextDecoder('utf-16be').decode(data)
  const start = data.subarray(0, 400)
  const zeros = start.filter((byte, i) => byte === 0 && i % 2 === 1).length
  if (start.length > 8 && zeros > start.length / 3) return new TextDecoder('utf-16le').decode(data)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(data)
  } catch {
    /* not UTF-8 */
  }
  const said = named.exec(new TextDecoder('windows-1252').decode(data.subarray(0, 2048)))?.[1]
  try {
    return new TextDecoder(said && !/^utf-?8$/iu.test(said) ? said : 'windows-1252').decode(data)
  } catch {
    return new TextDecoder('windows-1252').decode(data)
  }
}

/** The text of a file in UTF-8, read part by part; `heard` is told how far it is, 0 to 1. */
export async function readInParts(file: Blob, heard: (share: number) => void): Promise<string> {
  const decoder = new TextDecoder()
  const reader = file.stream().getReader()
  const parts: string[] = []
  let bytes = 0
  let told = 0
  for (let read = await reader.read(); !read.done; read = await reader.read()) {
    parts.push(decoder.decode(read.value, { stream: true }))
    bytes += read.value.byteLength
    if (bytes - told < file.size / 50) continue
    told = bytes
    heard(bytes / file.size)
  }
  parts.push(decoder.decode())
  return parts.join('')
}
