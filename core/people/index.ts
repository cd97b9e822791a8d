/** Who eats, what each must avoid, and what can be said of a dessert for them. */

/* People and what they avoid. */
export { avoidSays } from './person'
export { beadColours } from './person'
export { beadShapes } from './person'
export { isStrict } from './person'
export { needsOf } from './person'
export { unknownNeeds } from './person'
export { dietRows } from './tables/diets'
export { lawLists } from './tables/lists'
export type { Avoid } from './person'
export type { AvoidedThing } from './person'
export type { Bead } from './person'
export type { PeopleGroup } from './person'
export type { Person } from './person'
export type { Strictness } from './person'

/* The safety check. */
export { checkPeople } from './check'
export type { CheckedPacket } from './conflict'
export type { Conflict } from './conflict'
export type { PeopleCheck } from './conflict'
export type { PersonCheck } from './conflict'
export type { State } from './conflict'
export type { Verdict } from './conflict'
export { safetyOf } from './safety'
export { boughtIn } from './safety'
export { makeBefore } from './safety'

/* Packets that stand for lines. */
export { packetsFor } from './tie'
export { packetsToCheck } from './claim'
export { whoMayEat } from './tie'
export { coverageOf } from './claim'
export type { PacketLink } from './tie'
export type { PacketCoverage } from './claim'

/* What a card, a label and a screen may claim. */
export { claims } from './claim'
export { saidOf } from './claim'
export type { Claims } from './claim'

/* Cautions, traces by contact, and what a change does to the verdicts. */
export { cautionsAt } from './cautions'
export { cautionsFor } from './cautions'
export { contactPlan } from './contact'
export { recheck } from './recheck'
export type { Caution } from './cautions'
export type { ContactPlan } from './contact'
export { joinedChanges } from './recheck'
export type { VerdictChange } from './recheck'

/* How much their forms take. */
export { peopleLimits } from './limits'
export { strictnesses } from './person'
