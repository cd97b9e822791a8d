import { readies, slips, soundsRight } from '../tables/english'
import type { Fault, Gate } from './gate'

const sentencesIn = (text: string) => text.split(/(?<=[.!?])\s+/u).map(one => one.trim())

const isSlip = (sign: RegExp, sentence: string): boolean => {
  const hit = sign.exec(sentence)
  return hit !== null && !soundsRight.test(hit[0])
}

/**
 * Every sentence reads as English, and none stands twice in one part; what the recipe itself says so is
 * its own.
 */
export const englishGate: Gate = ({ was, is }) => {
  const own = new Set(was.components.flatMap(c => c.steps.flatMap(sentencesIn)))
  // Whoever writes without capitals is not told to.
  const asked = slips.filter(({ sign }) => ![...own].some(sentence => isSlip(sign, sentence)))
  return is.components.flatMap(c => {
    // Two parts may each be told to whisk their own gel, in one method as well.
    const said = new Set<string>()
    return c.steps.flatMap((text, at): Fault[] => {
      const step = { component: c.name, at }
      return sentencesIn(text).flatMap((sentence): Fault[] => {
        if (own.has(sentence) || !sentence) return []
        const isTwice = said.has(sentence) && sentence.length > 12 && !readies.test(text)
        said.add(sentence)
        const found = asked.flatMap(({ sign, says }) =>
          isSlip(sign, sentence) ? [`${says}: “${sentence}”`] : [],
        )
        return [...found, ...(isTwice ? [`a sentence twice: “${sentence}”`] : [])].map(says => ({
          gate: 'english',
          says,
          step,
        }))
      })
    })
  })
}
