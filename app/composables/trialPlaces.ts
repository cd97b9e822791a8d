/** The places of a dessert's trials, in the order in which one goes through them. */
export const trialPlaces = [
  { id: 'trials', says: 'trials' },
  { id: 'wrong', says: 'what went wrong' },
  { id: 'versions', says: 'versions' },
  { id: 'school', says: 'what this house learned' },
] as const
export type TrialPlace = (typeof trialPlaces)[number]['id']
