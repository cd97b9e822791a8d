import { each } from '../../../tests/each'
import { describe, expect, test } from '@jest/globals'
import { readRecipe } from '#core'
import { readMethods, readSentences } from '../../../tests/corpus/tables/read-methods'
import { readSteps, type PlacedStep, type StepUse } from './steps'

function shareOf({ share }: StepUse): string {
  if (share.of === 'all') return ''
  if (share.of === 'rest') return ' : the rest'
  if (share.of === 'part') return ` × ${Number(share.fraction.toFixed(2))}`
  return ` : ${share.grams === null ? '?' : Number(share.grams.toFixed(1))} g`
}
const takes = (use: StepUse): string =>
  `${use.mention.words}${use.mention.verb ? ' (done to it)' : ''} → ` +
  `${use.line?.text ?? `[${use.mention.ingredient.id}]`}${shareOf(use)}`
const said = ({ text, gathers, times, oven, cues, uses }: PlacedStep) => ({
  takes: uses.map(takes),
  also: [
    ...gathers.map(({ span }) => `together: ${text.slice(...span)}`),
    ...times.map(({ kind, low, high, span }) => `${kind} ${low}–${high}: ${text.slice(...span)}`),
    ...(oven ? [`oven ${oven.celsius}`] : []),
    ...cues.map(cue => cue.text),
  ],
})

describe('whole methods, step by step: what is taken of which line, and what else is said', () => {
  test.each(readMethods.map(method => [method.text.split('\n')[0]!, method] as const))(
    '%s',
    (_, { text, steps }) => expect(readSteps(readRecipe(text).recipe).map(said)).toEqual(steps),
  )
  test.each(readSentences.map(row => [row.method, row] as const))(
    '%s',
    (_, { lines, method, takes: expected }) => {
      const { recipe } = readRecipe(`Test\n\n${lines}\n\nMethod\n${method}`)
      expect(readSteps(recipe).flatMap(step => step.uses.map(takes))).toEqual(expected)
    },
  )
  test('places: each word stands where its step has it, in order', () => {
    const steps = readMethods.flatMap(({ text }) => readSteps(readRecipe(text).recipe))
    const uses = steps.flatMap(({ text, uses }) => uses.map(({ mention }) => ({ text, mention })))
    expect(uses.map(({ text, mention }) => text.slice(mention.start, mention.end))).toEqual(
      uses.map(({ mention }) => mention.words),
    )
    for (const { uses: own } of each(steps))
      expect(own.map(use => use.mention.start)).toEqual(
        own.map(use => use.mention.start).toSorted((a, b) => a - b),
      )
  })
})
