import {
  adapt,
  cardsOf,
  checkPeople,
  planDay,
  readLine,
  readPacket,
  readRecipe,
  usualKitchen,
  type Person,
} from '#core'
import type { Packet } from '#core/packet'
import { allIngredients } from '#core/pantry'
import { cautionsFor, contactPlan } from '#core/people'
import { bakeOf, cardFacts, cardOf, plannedRecipe, sizedBake, type Bake } from '#core/share'
import { desserts, needs } from '../corpus/tables/desserts'
import { corpusLines } from '../corpus/tables/lines'
import { corpusRecipes } from '../corpus/tables/recipes'
import { moreRecipes } from '../corpus/tables/recipes-more'
import { statements } from '../corpus/tables/statements'

export { packetReadings, thingReadings } from '../corpus/readings'

/**
 * Everything that the core says of the demo household and of the corpus, as plain data: readings,
 * checks, plans, sizes, days, cards at the counter, cards to share. A change that should alter
 * nothing is held against it.
 */
export interface DemoHouse {
  readonly people: readonly Person[]
  readonly packets: readonly Packet[]
  readonly texts: readonly string[]
}

const today = '2026-11-28'
const serveAt = Date.parse('2026-11-28T17:00:00Z') / 60_000
const night = [serveAt - 18.5 * 60, serveAt - 10 * 60] as const

/**
 * A day for these bakes, with a budget of steps instead of a clock, so that it comes out the same
 * on any machine.
 */
const dayOf = (bakes: readonly Bake[]) => {
  const dayBakes = bakes.map(bake => {
    const sized = sizedBake(bake, usualKitchen)
    return { id: bake.id, title: bake.title, recipe: sized.recipe, sized }
  })
  const plan = planDay(dayBakes, { serveAt, asleep: [night], budget: 300 })
  return { plan, cards: plan.ok ? cardsOf(dayBakes, plan, usualKitchen) : [] }
}

const tablesOf = (people: readonly Person[]) => [
  ...people.map(person => ({ name: person.name, people: [person] })),
  { name: 'everybody', people },
  { name: 'all but Philippa', people: people.filter(person => person.id !== 'philippa') },
]

/**
 * What becomes of one demo recipe at one table: its check, its plans, and by the first plan its
 * size, day and cards.
 */
function atTable(text: string, name: string, people: readonly Person[], house: DemoHouse) {
  const reading = readRecipe(text)
  const found = adapt(reading.recipe, people)
  const bake: Bake = {
    ...bakeOf(
      'b',
      reading,
      people.map(person => person.id),
      `${today}T08:00:00.000Z`,
    ),
    plan: found.plans[0] ?? null,
  }
  const cardHouse = { packets: house.packets, today }
  return {
    table: name,
    check: checkPeople(reading.recipe, people),
    found,
    cautions: cautionsFor(plannedRecipe(bake), people),
    contact: contactPlan(plannedRecipe(bake), people),
    sized: sizedBake(bake, usualKitchen),
    day: dayOf([bake]),
    card: cardOf(bake, people, cardHouse),
    facts: cardFacts(bake, people, cardHouse),
  }
}

const demoRecords = (house: DemoHouse) =>
  house.texts.map(text => {
    const reading = readRecipe(text)
    return {
      title: reading.recipe.title,
      reading,
      tables: tablesOf(house.people).map(({ name, people }) => atTable(text, name, people, house)),
    }
  })

/** All of the demo's desserts on one day, by their first plans for everybody where there is one. */
function demoDay(house: DemoHouse) {
  const bakes = house.texts.map((text, i): Bake => {
    const reading = readRecipe(text)
    const ids = house.people.map(person => person.id)
    return {
      ...bakeOf(`b${i}`, reading, ids, `${today}T08:00:00.000Z`),
      plan: adapt(reading.recipe, house.people).plans[0] ?? null,
    }
  })
  return dayOf(bakes)
}

const corpusReadings = () => [...corpusRecipes, ...moreRecipes].map(({ text }) => readRecipe(text))

const corpusPlans = () =>
  desserts.flatMap(({ text }) => {
    const { recipe } = readRecipe(text)
    return needs.map(need => {
      const avoids = need.avoids.map(allergen => ({ allergen, strictness: 'choice' as const }))
      const person: Person = { id: 'p', name: 'Ada', avoids, diets: need.diets }
      return { title: recipe.title, need: need.name, found: adapt(recipe, [person]) }
    })
  })

/** One entry a kind of thing; each is written to a file of its own. */
export const recordOf = (house: DemoHouse): Readonly<Record<string, unknown>> => ({
  'demo': demoRecords(house),
  'demo-day': demoDay(house),
  'lines': corpusLines.map(({ text, region }) => readLine(text, { region })),
  'readings': corpusReadings(),
  'statements': statements.map(statement => readPacket(statement)),
  'plans': corpusPlans(),
  'pantry': allIngredients(),
})
