/** The sentences of a text, a semicolon ends one too; with their blanks they join to the text. */
export const sentencesIn = (text: string): string[] => text.split(/(?<=[.;!?]\s+)(?=\S)/u)
