import type { Kind } from '../../pantry'
import type { Question } from '../leaving/question'
import type { Dose } from '../ways/school'

/** Which kinds of a house's own things answer a question one for one. [P] */
export const kindAnswers: Readonly<Partial<Record<Question, { readonly kinds: readonly Kind[]; readonly role?: Dose['role'] }>>> = {
  'butter': { kinds: ['plant-block'], role: 'fat' },
  'milk': { kinds: ['plant-drink'], role: 'liquid' },
  'plant-drink': { kinds: ['plant-drink'], role: 'liquid' },
  'sour-milk': { kinds: ['plant-sour'], role: 'liquid' },
  'cream': { kinds: ['plant-cream'], role: 'liquid' },
  'plant-cream': { kinds: ['plant-cream'], role: 'liquid' },
  'plant-sour': { kinds: ['plant-sour'], role: 'liquid' },
  'fresh-cheese': { kinds: ['plant-cheese'] },
  'condensed-milk': { kinds: ['plant-condensed'] },
  'flour': { kinds: ['flour-mix'] },
  'chocolate': { kinds: ['plant-chocolate'] },
  'oil': { kinds: ['oil'], role: 'fat' },
}
