export type CodeReading =
  | { readonly ok: true; readonly code: string }
  | {
      readonly ok: false
      readonly problem: {
        readonly code: 'empty' | 'length' | 'digits' | 'check'
        readonly sentence: string
      }
    }

/**
 * A code as it is printed under the bars, 8, 12 or 13 digits, spaces and hyphens allowed. The last
 * digit is the check digit: from the right the others count 3, 1, 3, 1 …, and the sum with it is a
 * multiple of ten (ISO/IEC 15420). Refuses, with a sentence, whatever does not come out.
 */
export function readCode(text: string): CodeReading {
  const refuse = (
    code: 'empty' | 'length' | 'digits' | 'check',
    sentence: string,
  ): CodeReading => ({ ok: false, problem: { code, sentence } })
  const code = text.replace(/[\s-]+/gu, '')
  if (!code) return refuse('empty', 'Type the digits that stand under the bars.')
  if (!/^\d+$/u.test(code))
    return refuse('digits', `“${text.trim()}” holds something that is no digit.`)
  if (![8, 12, 13].includes(code.length))
    return refuse('length', `${code.length} digits: there should be 8, 12 or 13 under the bars.`)
  const sum = [...code]
    .reverse()
    .reduce((total, digit, i) => total + Number(digit) * (i % 2 ? 3 : 1), 0)
  return sum % 10
    ? refuse('check', 'These digits do not fit together; one of them is probably misread.')
    : { ok: true, code }
}
