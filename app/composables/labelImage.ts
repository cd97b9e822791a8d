/** Grey values of a picture, 0 black to 255 white, row by row. */
export interface Grey {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray
}

interface Pixels {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray | Uint8Array
}

export function greyOf({ width, height, data }: Pixels): Grey {
  const grey = new Uint8ClampedArray(width * height)
  for (let i = 0; i < grey.length; i++)
    grey[i] = 0.299 * data[4 * i]! + 0.587 * data[4 * i + 1]! + 0.114 * data[4 * i + 2]!
  return { width, height, data: grey }
}

/** Mean of the square around each place, by a table of sums: the same work for any size of square. */
function meansOf({ width, height, data }: Grey, reach: number): Float32Array {
  const sums = new Float64Array((width + 1) * (height + 1))
  for (let y = 0; y < height; y++) {
    let row = 0
    for (let x = 0; x < width; x++) {
      row += data[y * width + x]!
      sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1]! + row
    }
  }
  const means = new Float32Array(width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [x0, x1, y0, y1] = [
        Math.max(0, x - reach),
        Math.min(width, x + reach + 1),
        Math.max(0, y - reach),
        Math.min(height, y + reach + 1),
      ]
      means[y * width + x] =
        (sums[y1 * (width + 1) + x1]! -
          sums[y0 * (width + 1) + x1]! -
          sums[y1 * (width + 1) + x0]! +
          sums[y0 * (width + 1) + x0]!) /
        ((x1 - x0) * (y1 - y0))
    }
  return means
}

/**
 * Takes shadows and grain out: each place against the light around it, paper to white, print dark.
 * White print on a dark packet is turned over.
 */
export function cleaned(grey: Grey): Grey {
  const reach = Math.max(8, Math.round(Math.min(grey.width, grey.height) / 24))
  const around = meansOf(grey, reach)
  // A gentle mean of the nearest places takes the grain out before the print is judged.
  const near = meansOf(grey, 1)
  // Strokes stand out strongly, the paper between them a little: by the cube the strokes decide,
  // though there is more paper.
  const turned = near.reduce((sum, v, i) => sum + ((v - around[i]!) / 64) ** 3, 0) > 0
  const out = new Uint8ClampedArray(near.length)
  for (let i = 0; i < out.length; i++) {
    const [value, light] = turned ? [255 - near[i]!, 255 - around[i]!] : [near[i]!, around[i]!]
    out[i] = Math.max(0, Math.min(255, 255 - 3.2 * Math.max(0, light - value - 6)))
  }
  return { width: grey.width, height: grey.height, data: out }
}

/**
 * By how many degrees the print is turned, clockwise positive, between −15 and 15: the angle at
 * which the dark places fall into the sharpest rows.
 */
export function skewOf(grey: Grey): number {
  const clean = cleaned(grey)
  const dark: number[] = []
  for (let i = 0; i < clean.data.length; i++) if (clean.data[i]! < 120) dark.push(i)
  if (dark.length < 50) return 0
  const every = Math.max(1, Math.ceil(dark.length / 30_000))
  const rows = new Float64Array(4 * (grey.width + grey.height))
  const sharpness = (degrees: number) => {
    rows.fill(0)
    const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)]
    for (let k = 0; k < dark.length; k += every) {
      const at = dark[k]!
      const row = Math.round(
        Math.floor(at / grey.width) * cos - (at % grey.width) * sin + grey.width,
      )
      rows[row] = rows[row]! + 1
    }
    return rows.reduce((sum, n) => sum + n * n, 0)
  }
  const best = (from: number, to: number, step: number) => {
    let [found, most] = [0, -1]
    for (let a = from; a <= to + 1e-9; a += step) {
      const s = sharpness(a)
      if (s > most) [found, most] = [a, s]
    }
    return found
  }
  const rough = best(-15, 15, 1)
  return Math.round(best(Math.max(-15, rough - 1), Math.min(15, rough + 1), 0.1) * 10) / 10
}
