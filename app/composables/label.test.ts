import { describe, expect, test } from '@jest/globals'
import { cleaned, greyOf, skewOf, type Grey } from './labelImage'
import { labelText, labelWords, type BoxedLine } from './labelText'

/** Rows of short strokes on paper, turned by some degrees, with a shadow over it. */
function page(degrees: number, { light = 230, dark = 40, shadow = 0 } = {}): Grey {
  const [width, height] = [320, 240]
  const data = new Uint8ClampedArray(width * height)
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)]
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [(x - 160) * cos + (y - 120) * sin, -(x - 160) * sin + (y - 120) * cos]
      const ink =
        Math.abs(u) < 120 && Math.abs(v) < 80 && ((v % 16) + 16) % 16 < 5 && ((u % 9) + 9) % 9 < 6
      data[y * width + x] = (ink ? dark : light) - (shadow * x) / width
    }
  return { width, height, data }
}

describe('the picture of a label', () => {
  test.each([-12, -5, -0.6, 0, 3.3, 9, 14])(
    'print turned by %p degrees is found to half a degree',
    degrees => expect(Math.abs(skewOf(page(degrees)) - degrees)).toBeLessThanOrEqual(0.5),
  )
  test('a shadow changes nothing, an empty page is straight', () => {
    expect(Math.abs(skewOf(page(6, { shadow: 120 })) - 6)).toBeLessThanOrEqual(0.5)
    expect(skewOf(page(6, { dark: 230 }))).toBe(0)
  })
  test(
    'cleaned, paper is white and print dark, in the shadow too, and white print on dark is ' +
      'turned over',
    () => {
      for (const grey of [page(0, { shadow: 150 }), page(0, { light: 40, dark: 230 })]) {
        const clean = cleaned(grey)
        const at = (x: number, y: number) => clean.data[y * clean.width + x]!
        expect(at(163, 122)).toBeLessThan(90)
        expect([at(20, 20), at(300, 220)]).toEqual([255, 255])
      }
    },
  )
  test('colours become grey as eyes weigh them', () =>
    expect([
      ...greyOf({
        width: 3,
        height: 1,
        data: new Uint8ClampedArray([255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255]),
      }).data,
    ]).toEqual([76, 150, 29]))
})

describe('the words of a label', () => {
  const line = (words: readonly (readonly [string, number])[], y = 0): BoxedLine => ({
    top: y,
    bottom: y + 10,
    right: 100,
    words: words.map(([text, sure], i) => ({
      text,
      sure,
      box: { x0: i * 10, y0: y, x1: i * 10 + 9, y1: y + 10 },
    })),
  })
  test('words in order, clauses on lines of their own, places that fit', () => {
    const words = labelWords([
      line([
        ['Sugar,', 95],
        ['whey', 94],
        ['powder.', 96],
      ]),
      line(
        [
          ['MAY', 95],
          ['CONTAIN', 95],
          ['nuts.', 95],
        ],
        20,
      ),
    ])
    const { text, places } = labelText(words)
    expect(text).toBe('Sugar, whey powder.\nMAY CONTAIN nuts.')
    expect(places.map(([a, b]) => text.slice(a, b))).toEqual(words.map(w => w.text))
  })
  test('what is unsure is doubtful; a word that a line parted is put together', () => {
    const words = labelWords([
      line([
        ['Sugar,', 95],
        ['sun-', 95],
      ]),
      line(
        [
          ['flower', 60],
          ['oil', 99],
        ],
        20,
      ),
    ])
    expect(words.map(w => [w.text, w.doubtful])).toEqual([
      ['Sugar,', false],
      ['sunflower', true],
      ['oil', false],
    ])
  })
  test('a line that hardly a word of is believed is asked about as one, never left out; specks are', () => {
    const words = labelWords([
      line([
        ['qx', 45],
        ['lorv', 52],
        ['zz', 55],
      ]),
      line(
        [
          ['milk', 96],
          ['~', 20],
          ['a', 12],
        ],
        20,
      ),
    ])
    expect(words.map(w => [w.text, w.doubtful])).toEqual([
      ['qx lorv zz', true],
      ['milk', false],
    ])
    expect(words[0]!.box).toEqual({ x0: 0, y0: 0, x1: 29, y1: 10 })
  })
})
