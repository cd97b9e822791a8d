/**
 * The words of a photo of a recipe card, read in this browser by files that come with the app: nothing is sent anywhere.
 * The recogniser is loaded when the first photo is read.
 */
const widest = 2200
const keptWidth = 1400

async function drawn(file: Blob, width: number): Promise<HTMLCanvasElement> {
  const image = await createImageBitmap(file)
  const scale = Math.min(1, width / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(image.width * scale))
  canvas.height = Math.max(1, Math.round(image.height * scale))
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  image.close()
  return canvas
}

/** Marks that recognisers confuse, where a recipe leaves no doubt: "O.5", "l tsp", "1/z". */
const tidied = (text: string) => text
  .replace(/[|¦]/gu, 'I').replace(/(?<=\d)[oO](?=\d|\s?(?:g|ml)\b)/gu, '0').replace(/(?<![\p{L}\d])[lI](?=\s?(?:\d|tsp|tbsp|cup|egg|g\b|kg\b|x\s))/giu, '1').replace(/(?<=\d\s?)\/z\b/gu, '/2').replace(/°\s?¢|°\s?\(/gu, '°C')
  .replace(/[ \t]+\n/gu, '\n').replace(/\n{3,}/gu, '\n\n').trim()

export interface PhotoText { readonly text: string, readonly picture: string, readonly sure: number }

export function usePhotoText() {
  /** How far the reading is, 0–1; null when nothing is read. */
  const progress = ref<number | null>(null)

  /** Refuses, by throwing a sentence, what is no picture. */
  async function read(file: Blob): Promise<PhotoText> {
    progress.value = 0
    try {
      const canvas = await drawn(file, widest).catch(() => { throw new Error('This picture cannot be opened. A photo as JPEG, PNG or WebP can be read.') })
      const { createWorker, OEM } = await import('tesseract.js')
      const worker = await createWorker('eng', OEM.LSTM_ONLY, {
        workerPath: '/ocr/worker.min.js', corePath: '/ocr', langPath: '/ocr', workerBlobURL: false, gzip: true, cacheMethod: 'none',
        logger: ({ status, progress: done }) => { progress.value = status === 'recognizing text' ? 0.2 + 0.8 * done : Math.max(progress.value ?? 0, 0.2 * done) },
      })
      try {
        const { data } = await worker.recognize(canvas)
        const kept = await drawn(file, keptWidth)
        return { text: tidied(data.text), picture: kept.toDataURL('image/jpeg', 0.78), sure: data.confidence / 100 }
      }
      finally { await worker.terminate() }
    }
    finally { progress.value = null }
  }
  return { progress, read }
}
