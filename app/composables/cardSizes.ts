/** The papers that a card is printed on, with their print rule. */
export const cardSizes = [
  { id: 'a5', name: 'A5 card', page: '@page { size: A5; margin: 9mm }' },
  { id: 'label', name: 'Label for a tin', page: '@page { size: 105mm 99mm; margin: 4mm }' },
] as const
export type CardSize = (typeof cardSizes)[number]['id']
