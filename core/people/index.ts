export { checkPeople } from './check'
export type { CheckedPacket, Conflict, PeopleCheck, PersonCheck, State, Verdict } from './conflict'
export {
  avoidSays,
  beadColours,
  beadShapes,
  isStrict,
  needsOf,
  strictnesses,
  unknownNeeds,
  type Avoid,
  type Bead,
  type Need,
  type PeopleGroup,
  type Person,
  type Strictness,
  type AvoidedThing,
} from './person'
export { dietRows } from './tables/diets'
export { lawLists } from './tables/lists'
export { cautionsAt, cautionsFor, type Caution } from './cautions'
export {
  claimFor,
  claims,
  packetsToCheck,
  restingOn,
  saidOf,
  type Claim,
  type Claims,
  type Resting,
} from './claim'
export { contactPlan, type ContactPlan, type ContactStep } from './contact'
export { recheck, type Standing, type VerdictChange } from './recheck'
export { packetsFor, whoMayEat, type Tie } from './tie'
