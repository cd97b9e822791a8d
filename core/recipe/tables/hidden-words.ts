/** Words in steps that bring an ingredient without naming it as one, and which. [P] */
export const hiddenWords: readonly { readonly sign: RegExp, readonly brings: string }[] = [
  { sign: /\b(?:well-?)?buttered\b/giu, brings: 'butter' },
  { sign: /\b(?:lightly\s+)?floured\b/giu, brings: 'plain-flour' },
  { sign: /\begg-?washed\b/giu, brings: 'egg' },
]
