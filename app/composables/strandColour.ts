import type { Line } from '#core/recipe'

/** The colour of the strand that leaves a line, by what the line is to a baker; the first that fits. */
const colours: readonly { readonly of: RegExp; readonly colour: string }[] = [
  { of: /egg|yolk|white/iu, colour: 'var(--beet)' },
  { of: /butter|fat|oil|lard|ghee/iu, colour: 'var(--ginger)' },
  { of: /milk|cream|yog|cheese/iu, colour: 'var(--slate)' },
]

export const strandColour = (line: Line): string =>
  colours.find(row => row.of.test(line.text))?.colour ?? 'var(--leaf)'
