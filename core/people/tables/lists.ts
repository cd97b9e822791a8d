import type { AvoidableId } from '../../pantry'

/**
 * The lists of the law, to begin with: what a packet must name there. Sources: [L-EU] Regulation 1169/2011 Annex II; [L-US]
 * FALCPA with FASTER; [L-AU] Food Standards Code, Standard 1.2.3 and Schedule 9.
 */
export interface LawList {
  readonly id: string
  readonly name: string
  readonly entries: readonly AvoidableId[]
  readonly source: string
}

export const lawLists: readonly LawList[] = [
  {
    id: 'eu',
    name: 'European Union and United Kingdom (14)',
    entries: ['gluten', 'crustacean', 'egg', 'fish', 'peanut', 'soy', 'milk', 'tree-nut', 'celery', 'mustard', 'sesame', 'sulphite', 'lupin', 'mollusc'],
    source: '[L-EU]',
  },
  { id: 'us', name: 'United States (9)', entries: ['milk', 'egg', 'fish', 'shellfish', 'tree-nut', 'peanut', 'wheat', 'soy', 'sesame'], source: '[L-US]; shellfish there means crustaceans' },
  {
    id: 'au',
    name: 'Australia and New Zealand',
    entries: [
      'wheat',
      'gluten',
      'crustacean',
      'egg',
      'fish',
      'milk',
      'mollusc',
      'peanut',
      'sesame',
      'soy',
      'lupin',
      'almond',
      'brazil',
      'cashew',
      'hazelnut',
      'macadamia',
      'pecan',
      'pine',
      'pistachio',
      'walnut',
      'sulphite',
    ],
    source: '[L-AU] each nut for itself, wheat apart from gluten',
  },
]
