import { adapt, armsFor, diagnose, triangleTest, type Person, type Recipe } from '#core'
import {
  causeRows,
  learnedDoses,
  linkRows,
  rankTest,
  seeded,
  versionsOf,
  type Lesson,
} from '#core/trial'
import { diagnosisScore } from '../diagnosis-cases'

const clock = (work: () => unknown, times: number) => {
  work()
  const t = performance.now()
  for (let i = 0; i < times; i++) work()
  return (performance.now() - t) / times
}
const mixed = ['gummy', 'dense', 'sunk', 'pale', 'dry', 'soapy']

/**
 * How fast trials are set up, judged and learned from, against one adaptation; and how often the
 * invented bakes find their cause.
 */
export function trialRows(recipe: Recipe, people: readonly Person[]) {
  const plan = adapt(recipe, people).plans[0]!
  const one = clock(() => adapt(recipe, people), 5)
  const lessons = Array.from({ length: 1000 }, (_, i): Lesson => ({
    id: `l${i}`,
    on: '2026-11-07',
    trial: `t${i}`,
    bake: 'b',
    title: 'loaf',
    family: 'quick-bread',
    weight: 0.4,
    about: {
      what: 'dose',
      school: i % 2 ? 'flax-gel' : 'chia-gel',
      ingredient: i % 2 ? 'flax' : 'chia',
      factor: 0.6 + (i % 9) / 10,
    },
  }))
  const arms = armsFor(recipe, plan, people)
  return {
    score: diagnosisScore(),
    words: toldByWords(),
    adapt: one,
    arms: { count: arms.length, ms: clock(() => armsFor(recipe, plan, people), 1) },
    diagnosis: clock(() => diagnose(mixed.slice(0, 3), recipe, plan, { people, changes: 0 }), 20),
    change: clock(() => diagnose(['soapy'], recipe, plan, { people, changes: 1 }), 5),
    learn: clock(() => learnedDoses(lessons), 20),
    triangle: clock(() => triangleTest({ tasters: 30, correct: 15 }), 50),
    ranks: clock(
      () =>
        rankTest([
          [1, 2, 3, 4],
          [2, 1, 4, 3],
          [1, 3, 2, 4],
          [1, 2, 4, 3],
          [2, 1, 3, 4],
          [1, 2, 3, 4],
        ]),
      5,
    ),
    tree: clock(() => versionsOf({ recipe, plan, trials: [], created: '2026-11-01' }), 20),
  }
}

/**
 * How far words alone can tell a cause, were the tables true: bakes drawn from them (each symptom
 * of a cause as often as it shows it, the likeliest first), said in one, two or three words without
 * a recipe. What is missing to all of them is what the recipe's own figures and a measurement are
 * for. Shares of bakes in which the cause leads, and is among three.
 */
function toldByWords(
  draws = 40,
  seed = 7,
): readonly {
  readonly words: number
  readonly bakes: number
  readonly leads: number
  readonly three: number
}[] {
  const dice = seeded(seed)
  const bakes = causeRows.flatMap(cause =>
    Array.from({ length: draws }, () => ({
      cause: cause.id,
      shown: linkRows
        .filter(l => l.cause === cause.id && dice() < l.often)
        .sort((a, b) => b.often - a.often)
        .map(l => l.symptom),
    })),
  )
  return [1, 2, 3].map(words => {
    const said = bakes.filter(b => b.shown.length >= words)
    const places = said.map(b =>
      diagnose(b.shown.slice(0, words), null, null, { changes: 0 }).causes.findIndex(
        c => c.id === b.cause,
      ),
    )
    return {
      words,
      bakes: said.length,
      leads: places.filter(at => at === 0).length / said.length,
      three: places.filter(at => at >= 0 && at < 3).length / said.length,
    }
  })
}
