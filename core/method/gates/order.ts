import { wordsOf } from '../../pantry'
import type { Recipe } from '../../recipe'
import { partNamed } from '../manners'
import type { Fault, Gate } from './gate'

/** "Flax gel, 40 g: stir …" */
const headed = /^([\p{L} -]{3,30}), \d[\d.]* (?:g|ml): /u

interface Made {
  readonly name: string
  readonly at: number
}

/** What steps make under a name of their own, and where in their part. */
const madeIn = (steps: readonly string[]): readonly Made[] =>
  steps.flatMap((text, at) => {
    const name = partNamed(text) ?? headed.exec(text)?.[1] ?? null
    return name === null ? [] : [{ name: name.toLowerCase(), at }]
  })

/** Two parts may each make one of the same name: from the first on there is one. */
const firstOf = (made: readonly Made[]): readonly Made[] =>
  made.filter(({ name }, i) => made.findIndex(other => other.name === name) === i)

const said = (text: string): string =>
  ` ${wordsOf(text)
    .map(word => word.plain)
    .join(' ')} `

/** What a part's steps use before they make it. */
function usedTooSoon({ components }: Recipe): Fault[] {
  return components.flatMap(({ name: component, steps }) =>
    firstOf(madeIn(steps)).flatMap(({ name, at }): Fault[] => {
      const sooner = steps.slice(0, at).findIndex(text => said(text).includes(said(name)))
      if (sooner < 0) return []
      const says = `The ${name} is used before it is made.`
      return [{ gate: 'order', says, step: { component, at: sooner } }]
    }),
  )
}

/** Nothing is used before it is made, or before it has rested: its rest stands where it is made. */
export const orderGate: Gate = ({ is }) => usedTooSoon(is)
