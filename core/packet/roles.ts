import type { Word } from '../pantry'
import type { PacketClaim, PacketHit, Role, RoleName } from './reading'
import type { ClauseMode } from './tables/clauses'

interface Read {
  readonly text: string
  readonly words: readonly Word[]
  readonly contains: readonly PacketHit[]
  readonly mayContain: readonly PacketHit[]
  readonly claims: readonly PacketClaim[]
  readonly unknown: readonly { readonly start: number; readonly end: number }[]
  readonly modeOf: (at: number) => ClauseMode
}

const roleOfHow: Readonly<Record<PacketHit['how'], RoleName>> = {
  ingredient: 'contains',
  contains: 'contains',
  warning: 'warning',
  trace: 'trace',
  facility: 'facility',
  unsaid: 'open',
}
/** Which of several roles of one word is shown: the graver first. */
const gravest: readonly RoleName[] = ['unknown', 'contains', 'warning', 'open', 'trace', 'facility']

const isIn = (word: Word, place: { readonly start: number; readonly end: number }) =>
  place.start <= word.start && place.end >= word.end

function roleOf(read: Read, word: Word): { readonly role: RoleName; readonly says: string } {
  const hits = [...read.contains, ...read.mayContain].filter(hit => isIn(word, hit))
  const roles = hits.map(hit => ({ role: roleOfHow[hit.how], says: hit.because }))
  if (read.unknown.some(place => isIn(word, place)))
    roles.push({ role: 'unknown', says: roles[0]?.says ?? 'nobody here knows this word' })
  const [found] = roles.sort((a, b) => gravest.indexOf(a.role) - gravest.indexOf(b.role))
  if (found) return found
  if (read.claims.some(claim => claim.name !== 'free from' && isIn(word, claim)))
    return { role: 'claim', says: 'what the packet says of itself; shown, and nothing rests on it' }
  const mode = read.modeOf(word.start)
  if (mode === 'denied') return { role: 'denied', says: 'said not to be in it' }
  if (mode === 'aside') return { role: 'aside', says: 'how to keep it, or what is in 100 g' }
  return { role: 'harmless', says: 'brings nothing that anybody here avoids' }
}

/** What each word of a statement was understood as; neighbours with one role are one stretch. */
export function rolesOf(read: Read): readonly Role[] {
  const roles: Role[] = []
  for (const word of read.words) {
    const { role, says } = roleOf(read, word)
    const last = roles.at(-1)
    const gap = last ? read.text.slice(last.end, word.start) : ''
    if (last && last.role === role && last.says === says && /^[^.;()[\]\n]*$/u.test(gap))
      roles[roles.length - 1] = {
        ...last,
        end: word.end,
        words: read.text.slice(last.start, word.end),
      }
    else
      roles.push({
        start: word.start,
        end: word.end,
        words: read.text.slice(word.start, word.end),
        role,
        says,
      })
  }
  return roles
}
