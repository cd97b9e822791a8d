import { readCode } from '#core/packet'

interface Finder {
  detect: (source: ImageBitmapSource) => Promise<readonly { readonly rawValue: string }[]>
}

const formats = ['ean_13', 'ean_8', 'upc_a'] as const
let finder: Promise<Finder> | null = null

/**
 * The browser's own finder of printed bars, else the one that comes with the app as wasm. Loaded
 * when the first code is looked for.
 */
async function finderOf(): Promise<Finder> {
  const own = (
    globalThis as {
      BarcodeDetector?: {
        new (options: { formats: readonly string[] }): Finder
        getSupportedFormats: () => Promise<readonly string[]>
      }
    }
  ).BarcodeDetector
  if (
    own &&
    (await own.getSupportedFormats().catch((): readonly string[] => [])).includes('ean_13')
  )
    return new own({ formats })
  const { BarcodeDetector, prepareZXingModule } = await import('barcode-detector/ponyfill')
  prepareZXingModule({
    overrides: {
      locateFile: (path: string, prefix: string) =>
        path.endsWith('.wasm') ? `/ocr/${path}` : prefix + path,
    },
  })
  return new BarcodeDetector({ formats: [...formats] })
}

/**
 * Finds the code of a packet in a picture or a camera's frame; null where there is none whose
 * digits fit together.
 */
export function useCodeFinder() {
  async function find(source: ImageBitmapSource): Promise<string | null> {
    finder ??= finderOf()
    for (const { rawValue } of await (await finder).detect(source)) {
      const code = readCode(rawValue)
      if (code.ok) return code.code
    }
    return null
  }
  return { find }
}
