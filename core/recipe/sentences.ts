/** The sentences of a text, each with the blank behind it: joined they are the text again. A semicolon ends one too. */
export const sentencesIn = (text: string): string[] => text.split(/(?<=[.;!?]\s+)(?=\S)/u)
