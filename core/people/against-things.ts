import { ingredientById, wordsOf } from '../pantry'
import { called } from './against-need'
import type { Conflict, Held } from './conflict'
import type { AvoidedThing, Person } from './person'
import { genusRows, thingGroups, type ThingGroup } from './tables/thing-groups'

const plain = (text: string) =>
  ` ${wordsOf(text)
    .map(w => w.plain)
    .join(' ')} `

const groupOf = (thing: AvoidedThing): ThingGroup | undefined =>
  thingGroups.find(row => row.words.some(words => plain(words) === plain(thing.words)))

const isAmong = (ingredient: Held['ingredient'], ids: readonly string[]) =>
  ingredient !== null && (ids.includes(ingredient.id) || ids.includes(`kind:${ingredient.kind}`))

/** Is it a thing that may be any of its kind ("mixed berries"), this one or one of this group among them? */
function mayBe(thing: AvoidedThing, group: ThingGroup | undefined, held: Held): boolean {
  if (group && isAmong(held.ingredient, group.perhaps)) return true
  const own = thing.ingredient === null ? undefined : ingredientById(thing.ingredient)
  const genus = genusRows.filter(row => row.ingredient === held.ingredient?.id)
  return genus.some(row => own !== undefined && own.id !== row.ingredient && isAmong(own, row.of))
}

/**
 * Is what a person does not eat by name in this: by the pantry, by a name for many ("berries"), by
 * the words, or by its packet? A thing that may be any of its kind is not known.
 */
export function againstThings(person: Person, held: Held): Conflict[] {
  return (person.things ?? []).flatMap((thing): Conflict[] => {
    const words = plain(thing.words)
    const group = groupOf(thing)
    const packet = words.trim()
      ? held.packets.find(p => plain(p.statement ?? '').includes(words))
      : undefined
    const isNamed = words.trim() !== '' && plain(held.place.words).includes(words)
    const isIt =
      (thing.ingredient !== null && held.ingredient?.id === thing.ingredient) ||
      (group !== undefined && isAmong(held.ingredient, group.of))
    const found = (state: 'contains' | 'unknown', because: string): Conflict[] => [
      {
        ...held.place,
        personId: person.id,
        state,
        allergen: null,
        ingredient: held.ingredient?.id ?? null,
        because,
        rule: 'thing',
        source: `what ${person.name} does not eat`,
      },
    ]
    if (isIt || isNamed) return found('contains', `this is, or names, ${thing.words}`)
    if (packet) return found('contains', `${called(packet)} names ${thing.words}`)
    const isRead = held.packets.some(p => !p.notRead)
    return mayBe(thing, group, held) && !isRead
      ? found('unknown', `this may be, or hold, ${thing.words}; only the packet tells`)
      : []
  })
}
