/** The name of the draft of a person's form: of somebody who is here, of a guest, of somebody new. */
export const personDraft = (person?: string, guestOf?: string): string =>
  `person/${person ?? (guestOf ? `guest/${guestOf}` : 'new')}`
