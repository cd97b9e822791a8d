import type { Packet } from '#core/packet'
import type { PeopleGroup, Person } from '#core/people'
import { linesOf } from '#core/recipe'
import { bakeOf, type Bake } from '#core/share'

/** The demo household as this server hands it out: open files, as somebody would import them. */
interface DemoFiles {
  readonly people: readonly Person[]
  readonly recipes: readonly string[]
  readonly groups: readonly PeopleGroup[]
  readonly packets: readonly (Packet & { readonly daysAgo: number })[]
}

/** Does the demo household move in by itself, where nobody lives yet? */
export async function isDemoServer(): Promise<boolean> {
  try {
    return (await $fetch<{ demo: boolean }>('/api/house')).demo
  } catch {
    return false
  }
}

const day = 86_400_000
const daysBefore = (now: number, days: number) =>
  new Date(now - days * day).toISOString().slice(0, 10)

/** Every line of a kind that a packet is of comes out of the first such packet. */
function tiesOf(bake: Bake, packets: readonly Packet[]): Bake['ties'] {
  const used = new Set(linesOf(bake.recipe).map(line => line.ingredient))
  return packets
    .filter(packet => used.has(packet.ingredient))
    .map(({ id, ingredient }) => ({ ingredient, lineId: null, packets: [id] }))
    .filter((tie, at, all) => all.findIndex(t => t.ingredient === tie.ingredient) === at)
}

/** Reads the demo household's files as a user's own would be. */
export async function readDemoHouse() {
  const files = await $fetch<DemoFiles>('/api/demo')
  const now = Date.now()
  const packets = files.packets.map(({ daysAgo, ...packet }): Packet => ({
    ...packet,
    checkedOn: daysBefore(now, daysAgo),
  }))
  const seated = files.people.map(person => person.id)
  const bakes = await Promise.all(
    files.recipes.map(async (source, i): Promise<Bake> => {
      const read = await useCore().readRecipe(source, {})
      const bake = bakeOf(`demo-${i + 1}`, read, seated, new Date(now - i * 1000).toISOString())
      return { ...bake, ties: tiesOf(bake, packets) }
    }),
  )
  return { people: files.people, groups: files.groups, packets, bakes }
}
