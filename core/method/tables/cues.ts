/**
 * What a thing is done until, by the looks that the words name. One cue may tell several. [P] words of ordinary recipes
 */
export const cueWords = {
  airy: 'pale paler light lighter fluffy creamy frothy foamy voluminous billowy tripled trebled doubled ribbon ribbons mousse moussey white whitened volume',
  peaks: 'peak peaks stiff firm',
  thick: 'thick thicker thickened thickens thickening',
  smooth: 'smooth glossy homogeneous even lump-free lumps',
  combined: 'combined incorporated amalgamated mixed blended',
  curdled: 'scrambled curdled',
  golden: 'golden golden-brown brown browned',
  coats: 'coats coat',
  wobbles: 'wobbles wobble wobbly trembles set',
  crumbs: 'breadcrumbs crumbs crumbly sand sandy',
} as const satisfies Readonly<Record<string, string>>

export type CueKind = keyof typeof cueWords
/** What only a dough with yeast is left for. [P] */
export const toRise = /\buntil\s+(?:(?:it\s+(?:has|is)|they\s+(?:have|are)|well|almost|nearly|about|roughly|just)\s+)*(?:doubled?|risen|puff(?:y|ed)|twice\s+(?:its|the|their)\s+size)\b/iu
