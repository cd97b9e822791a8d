import type { Block } from 'tesseract.js'
import type { BoxedLine } from './labelText'
import { photoText, type FractionAsked, type SeenText } from './photoText'

/**
 * The words of a photo of a recipe card, read in this browser by files that come with the app:
 * nothing is sent anywhere. The recogniser is loaded when the first photo is read.
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

const boxedLines = (blocks: readonly Block[]): BoxedLine[] =>
  blocks
    .flatMap(block => block.paragraphs.flatMap(paragraph => paragraph.lines))
    .map(line => ({
      top: line.bbox.y0,
      bottom: line.bbox.y1,
      right: line.bbox.x1,
      words: line.words.map(word => ({
        text: word.text,
        sure: word.confidence,
        box: { x0: word.bbox.x0, y0: word.bbox.y0, x1: word.bbox.x1, y1: word.bbox.y1 },
      })),
    }))

/** An amount that may have been a fraction, with its own place on the photo. */
export type FractionShown = FractionAsked & { readonly picture: string }
/** The first words of a line as they look on the photo, with some room around them. */
function cutOut(from: HTMLCanvasElement, line: BoxedLine, words: number): string {
  const boxes = line.words.slice(0, words).map(word => word.box)
  const [x0, x1] = [Math.min(...boxes.map(b => b.x0)), Math.max(...boxes.map(b => b.x1))]
  const room = 0.4 * (line.bottom - line.top)
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(x1 - x0 + 2 * room)
  canvas.height = Math.round(line.bottom - line.top + 2 * room)
  canvas.getContext('2d')!.drawImage(from, room - x0, room - line.top)
  return canvas.toDataURL('image/png')
}

export interface PhotoText extends Omit<SeenText, 'fractions'> {
  readonly fractions: readonly FractionShown[]
  readonly picture: string
  readonly sure: number
}

/** What went wrong with a photo, in a sentence. */
export const photoTrouble = (error: unknown): string =>
  error instanceof Error && /picture/u.test(error.message)
    ? error.message
    : photoReaderAway() ||
      'The photo could not be read. Load the page once more and try again; your text is still here.'

export function usePhotoText() {
  /** How far the reading is, 0–1; null when nothing is read. */
  const progress = ref<number | null>(null)

  /** The words of a picture with their places and how sure they are, and how sure the whole is, 0–1. */
  async function recognise(
    canvas: HTMLCanvasElement,
  ): Promise<{ lines: readonly BoxedLine[]; sure: number }> {
    progress.value ??= 0
    try {
      const { createWorker, OEM } = await import('tesseract.js')
      const worker = await createWorker('eng', OEM.LSTM_ONLY, {
        workerPath: '/ocr/worker.min.js',
        corePath: '/ocr',
        langPath: '/ocr',
        workerBlobURL: false,
        gzip: true,
        cacheMethod: 'none',
        logger: ({ status, progress: done }) => {
          progress.value =
            status === 'recognizing text'
              ? 0.2 + 0.8 * done
              : Math.max(progress.value ?? 0, 0.2 * done)
        },
      })
      try {
        const { data } = await worker.recognize(canvas, {}, { text: false, blocks: true })
        return { lines: boxedLines(data.blocks ?? []), sure: data.confidence / 100 }
      } finally {
        await worker.terminate()
      }
    } finally {
      progress.value = null
    }
  }

  /** Refuses, by throwing a sentence, what is no picture. */
  async function open(file: Blob, width = widest): Promise<HTMLCanvasElement> {
    return drawn(file, width).catch(() => {
      throw new Error('This picture cannot be opened. A photo as JPEG, PNG or WebP can be read.')
    })
  }

  async function read(file: Blob): Promise<PhotoText> {
    progress.value = 0
    try {
      const canvas = await open(file)
      const { lines, sure } = await recognise(canvas)
      const kept = await drawn(file, keptWidth)
      const seen = photoText(lines)
      const fractions = seen.fractions.map(asked => ({
        ...asked,
        picture: cutOut(canvas, lines[asked.seen]!, asked.words + 1),
      }))
      return { ...seen, fractions, picture: kept.toDataURL('image/jpeg', 0.78), sure }
    } finally {
      progress.value = null
    }
  }
  return { progress, open, recognise, read }
}
