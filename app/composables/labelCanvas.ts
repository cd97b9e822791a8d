import { cleaned, greyOf, skewOf, type Grey } from './labelImage'

/** How a label's photo is set: turned by quarters, straightened in degrees, cut in %, cleaned. */
export interface LabelSetting {
  readonly turn: number
  readonly tilt: number
  readonly clean: boolean
  readonly cut: Readonly<Record<'left' | 'right' | 'top' | 'bottom', number>>
}

const pixels = (canvas: HTMLCanvasElement) =>
  canvas
    .getContext('2d', { willReadFrequently: true })!
    .getImageData(0, 0, canvas.width, canvas.height)
function blank(width: number, height: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  return canvas
}
const scaled = (canvas: HTMLCanvasElement, by: number) => {
  const out = blank(
    Math.max(1, Math.round(canvas.width * by)),
    Math.max(1, Math.round(canvas.height * by)),
  )
  const ctx = out.getContext('2d')!
  ctx.imageSmoothingQuality = 'high'
  ctx.drawImage(canvas, 0, 0, out.width, out.height)
  return out
}
/** By so many pixels the lean of a label is found well enough. */
const leanWidth = 700
const smaller = (canvas: HTMLCanvasElement): Grey =>
  greyOf(pixels(scaled(canvas, Math.min(1, leanWidth / Math.max(canvas.width, canvas.height)))))

/** By how many degrees the print of a photo leans. */
export const leanOf = (photo: HTMLCanvasElement) => skewOf(smaller(photo))

/** The picture as it is set: turned, straightened, cut. */
function prepared(from: HTMLCanvasElement, { turn, tilt, cut }: LabelSetting): HTMLCanvasElement {
  const isQuarter = turn % 180 !== 0
  const [w, h] = isQuarter ? [from.height, from.width] : [from.width, from.height]
  const whole = blank(w, h)
  const ctx = whole.getContext('2d')!
  ctx.fillStyle = '#fff'
  ctx.fillRect(0, 0, w, h)
  ctx.translate(w / 2, h / 2)
  ctx.rotate(((turn - tilt) * Math.PI) / 180)
  ctx.drawImage(from, -from.width / 2, -from.height / 2)
  const out = blank(
    Math.max(20, Math.round(w * (1 - (cut.left + cut.right) / 100))),
    Math.max(20, Math.round(h * (1 - (cut.top + cut.bottom) / 100))),
  )
  out.getContext('2d')!.drawImage(whole, (-w * cut.left) / 100, (-h * cut.top) / 100)
  return out
}
function tidied(canvas: HTMLCanvasElement): HTMLCanvasElement {
  const grey = cleaned(greyOf(pixels(canvas)))
  const image = new ImageData(grey.width, grey.height)
  grey.data.forEach((v, i) => {
    image.data.set([v, v, v, 255], 4 * i)
  })
  const out = blank(grey.width, grey.height)
  out.getContext('2d')!.putImageData(image, 0, 0)
  return out
}
/** Small print is read better when it is drawn larger: up to this width, and not more than so many times. */
const readable = { width: 1700, most: 2.5 }
function enlarged(canvas: HTMLCanvasElement): HTMLCanvasElement {
  const by = Math.min(readable.most, Math.max(1, readable.width / canvas.width))
  return by === 1 ? canvas : scaled(canvas, by)
}

/** A photo as it will be read. */
export function labelCanvas(photo: HTMLCanvasElement, setting: LabelSetting): HTMLCanvasElement {
  const set = prepared(photo, setting)
  return enlarged(setting.clean ? tidied(set) : set)
}

/** A picture of it that is small enough to keep with the packet. */
const keptWidth = 1200
export const keptPicture = (canvas: HTMLCanvasElement) =>
  scaled(canvas, Math.min(1, keptWidth / canvas.width)).toDataURL('image/jpeg', 0.7)

interface Box {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}
const margin = 12
/** One word cut out of the picture, with a margin. */
export function cutOut(from: HTMLCanvasElement, { x0, y0, x1, y1 }: Box): string {
  const out = blank(Math.max(1, x1 - x0 + 2 * margin), Math.max(1, y1 - y0 + 2 * margin))
  out.getContext('2d')!.drawImage(from, -x0 + margin, -y0 + margin)
  return out.toDataURL('image/png')
}

export type WordMark = 'doubt' | 'contains' | 'maybe' | 'unknown'
const colours = { doubt: '#4f5f74', contains: '#98274a', maybe: '#b97a12', unknown: '#4f5f74' }
const dashes = { doubt: [4, 5], contains: [], maybe: [14, 6], unknown: [4, 5] }
const pad = 4

/** Marks a word by what it brings: by colour, by the dash of its frame, filled where it matters most. */
export function markWord(
  ctx: CanvasRenderingContext2D,
  { x0, y0, x1, y1 }: Box,
  mark: WordMark,
): void {
  const frame = [x0 - pad, y0 - pad, x1 - x0 + 2 * pad, y1 - y0 + 2 * pad] as const
  ctx.lineWidth = Math.max(2, ctx.canvas.width / 400)
  ctx.strokeStyle = colours[mark]
  ctx.setLineDash(dashes[mark])
  ctx.strokeRect(...frame)
  if (mark !== 'contains' && mark !== 'maybe') return
  ctx.globalAlpha = 0.18
  ctx.fillStyle = colours[mark]
  ctx.fillRect(...frame)
  ctx.globalAlpha = 1
}
