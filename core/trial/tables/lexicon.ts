/** What is tasted and seen, each on a scale from 0 to 9 with its ends in words. `off`: best at 0. Source: words of profile tests as they are taught [M]; the ends ours. */
export interface LexiconRow {
  readonly id: string
  readonly name: string
  readonly low: string
  readonly high: string
  readonly off: boolean
  /** Which symptom a high or a low score is. */ readonly high9?: string
  readonly low0?: string
  readonly source: string
}

export const lexicon: readonly LexiconRow[] = [
  { id: 'tenderness', name: 'tender', low: 'tough', high: 'melts', off: false, low0: 'tough', source: '[M]' },
  { id: 'moistness', name: 'moist', low: 'dry', high: 'wet', off: false, high9: 'wet', low0: 'dry', source: '[M]' },
  { id: 'gumminess', name: 'gummy', low: 'clean', high: 'gluey', off: true, high9: 'gummy', source: '[M]' },
  { id: 'crumbliness', name: 'crumbly', low: 'holds', high: 'falls apart', off: true, high9: 'crumbly', source: '[M]' },
  { id: 'density', name: 'dense', low: 'airy', high: 'heavy', off: false, high9: 'dense', source: '[M]' },
  { id: 'dome', name: 'dome', low: 'sunk', high: 'peaked', off: false, high9: 'peaked', low0: 'sunk', source: '[M]' },
  { id: 'browning', name: 'brown', low: 'pale', high: 'dark', off: false, high9: 'dark', low0: 'pale', source: '[M]' },
  { id: 'sweetness', name: 'sweet', low: 'hardly', high: 'too much', off: false, high9: 'too-sweet', low0: 'not-sweet', source: '[M]' },
  { id: 'beany', name: 'of beans', low: 'not', high: 'strongly', off: true, high9: 'beany', source: '[M] chickpea, soy, aquafaba' },
  { id: 'grassy', name: 'of grass', low: 'not', high: 'strongly', off: true, high9: 'grassy', source: '[M] flax, hemp' },
  { id: 'soapy', name: 'of soap', low: 'not', high: 'strongly', off: true, high9: 'soapy', source: '[M] soda left over' },
  { id: 'metallic', name: 'of metal', low: 'not', high: 'strongly', off: true, high9: 'metallic', source: '[M] powder, treacle' },
  { id: 'egg-like', name: 'of egg', low: 'not', high: 'strongly', off: true, high9: 'eggy', source: '[M] black salt, sulphur' },
]

/** From so much up a score is a symptom where high is wrong; up to so much where low is. [M] */
export const symptomAt = { off: 4, high: 8, low: 1 } as const
