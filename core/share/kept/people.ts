import {
  beadColours,
  beadShapes,
  strictnesses,
  type Avoid,
  type AvoidedThing,
  type Bead,
  type PeopleGroup,
  type Person,
  type PacketLink,
  peopleLimits,
} from '../../people'
import { fieldsOf, id, list, may, name, oneOf, orNull, text, yes } from './schema'

/** What may be kept of people. */
const avoidSchema = fieldsOf<Avoid>({
  allergen: id,
  except: may(list(id)),
  strictness: oneOf(strictnesses),
  onlyRaw: may(yes),
  unasked: may(yes),
})

export const personSchema = fieldsOf<Person>({
  id,
  name: name(peopleLimits.name),
  avoids: list(avoidSchema),
  diets: list(id),
  bead: may(
    fieldsOf<Bead>({
      letter: name(2),
      shape: oneOf(beadShapes),
      colour: oneOf(beadColours),
    }),
  ),
  things: may(
    list(
      fieldsOf<AvoidedThing>({ words: name(peopleLimits.thing), ingredient: orNull(id) }),
      peopleLimits.things,
    ),
  ),
  note: may(text(peopleLimits.note)),
  carries: may(yes),
  guestOf: may(id),
})

export const groupSchema = fieldsOf<PeopleGroup>({
  id,
  name: name(peopleLimits.name),
  people: list(id),
})

export const tieSchema = fieldsOf<PacketLink>({
  ingredient: orNull(id),
  lineId: orNull(id),
  packets: list(id),
})
