import { describe, expect, test } from '@jest/globals'
import { decodeText } from './decode'

const bytes = (...all: number[]) => new Uint8Array(all).buffer
const utf16 = (text: string, mark: boolean, big = false) => {
  const units = [...(mark ? [0xfeff] : []), ...[...text].map(c => c.charCodeAt(0))]
  return bytes(...units.flatMap(u => (big ? [u >> 8, u & 255] : [u & 255, u >> 8])))
}

describe('the text of a file in any encoding', () => {
  const line = '½ tsp crème, 200 g flour'
  test('UTF-8, with and without a mark', () => {
    const plain = new TextEncoder().encode(line)
    expect(decodeText(plain.buffer)).toBe(line)
    expect(decodeText(bytes(0xef, 0xbb, 0xbf, ...plain))).toBe(line)
  })
  test('UTF-16 both ways round, and without its mark', () => {
    expect(decodeText(utf16(line, true))).toBe(line)
    expect(decodeText(utf16(line, true, true))).toBe(line)
    expect(decodeText(utf16('200 g flour and 100 g sugar', false))).toBe(
      '200 g flour and 100 g sugar',
    )
  })
  // ½ is BD and è is E8 in Windows-1252 (the code page's own table).
  test('Windows-1252, where it is no UTF-8', () =>
    expect(decodeText(bytes(0xbd, 0x20, 0x63, 0x72, 0xe8, 0x6d, 0x65))).toBe('½ crème'))
  test('the encoding that a page names', () => {
    const head = new TextEncoder().encode('<meta charset="iso-8859-2"><p>')
    // š is B9 in ISO 8859-2.
    expect(decodeText(bytes(...head, 0xb9))).toContain('š')
    expect(
      decodeText(bytes(...new TextEncoder().encode('<meta charset="nonsense">'), 0xbd)),
    ).toContain('½')
  })
})
