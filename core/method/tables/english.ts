/** Slips that a plan's words may have and a baker's have not. [P] */
export const slips: readonly { readonly sign: RegExp; readonly says: string }[] = [
  { sign: /\b(\p{L}{2,})\s+\1\b/iu, says: 'a word twice' },
  { sign: /\ba\s+[aeio]\p{L}*/iu, says: '“a” before a vowel' },
  { sign: /\ban\s+[bcdfgjklmnpqrstvwxyz]\p{L}*/iu, says: '“an” before a consonant' },
  { sign: /[,;:]\s*[,;.!?]|\.\.(?!\.)/u, says: 'two marks in a row' },
  { sign: /\s[,;.!?](?=\s|$)/u, says: 'a blank before a mark' },
  { sign: /\p{Ll}[.!?]\p{Lu}/u, says: 'no blank behind a sentence' },
  { sign: /\p{Ll}[,;]\p{L}/u, says: 'no blank behind a mark' },
  { sign: /(?:^|[.!?]\s+)\p{Ll}/u, says: 'a sentence without its capital' },
  { sign: /\b(?:the|a|an|of|with|and|or|into|to)\s*[.,;!?]/iu, says: 'a sentence that breaks off' },
  { sign: /\b(?:the\s+a|a\s+the|the\s+some|an?\s+some)\b/iu, says: 'two articles' },
  { sign: /,?\s+and\s+(?:and|,|then\s+and)\b/iu, says: '“and” twice' },
]
/** "A one-pot", "an hour", "a European": their sounds. [P] */
export const soundsRight = /^(?:a\s+(?:one|once|uni|use|usual|eu|oui)\p{L}*|an\s+(?:hour|honest|heir|x\p{L}*|[fhlmnrsx]\b)\p{L}*)$/iu

/** What is made ready by itself: "For the flax gel: …". */
export const readies = /^For\s+the\s+[^.:]{3,80}:/u
