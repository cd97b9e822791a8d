import type { Person } from '#core'
import { asWrittenPlan, evaluatePlan, type Plan } from '#core/swap'
import { recipeOf } from '../arbitraries'
import { gradedDesserts, type Grade, type GradedDessert } from '../corpus/tables/graded'

/** How far the words of confidence keep their promise on formulas that a baker has graded. */

const linesOf = (text: string): [string, number][] =>
  text.split(', ').map(one => {
    const [, id, grams] = /^(\S+) ([\d.]+)$/u.exec(one)!
    return [id!, Number(grams)]
  })
const avoids = { vegan: ['egg', 'milk'], all: ['egg', 'milk', 'gluten'] } as const
const tableFor = ({ for: who }: GradedDessert): Person[] => [
  {
    id: 'p',
    name: 'Ada',
    diets: [],
    avoids: avoids[who].map(allergen => ({ allergen, strictness: 'choice' as const })),
  },
]
const recipeFor = (title: string, lines: string) => recipeOf(title, [['', linesOf(lines), []]])

interface Said {
  readonly dessert: string
  readonly grade: Grade
  readonly word: Plan['confidence']
  readonly loss: number
  readonly held: boolean
  readonly because: string
}

/** Every graded formula with the word that the engine has for it, were it shown as a plan. */
export function gradedWords(): Said[] {
  return gradedDesserts.flatMap(dessert => {
    const was = recipeFor(dessert.title, dessert.was)
    const people = tableFor(dessert)
    const bare = asWrittenPlan(was, people)
    return dessert.formulas.map(({ grade, lines, because }, i): Said => {
      const recipe = recipeFor(dessert.title, lines)
      const { plan } = evaluatePlan(was, { ...bare, recipe }, { people, wishes: {}, known: {} })
      const loss = plan.parts[0]?.loss ?? 0
      const name = `${dessert.title}, ${dessert.for}`
      return { dessert: name, grade, word: plan.confidence, loss, held: i % 2 === 1, because }
    })
  })
}

const words: readonly Plan['confidence'][] = [
  'very close',
  'close',
  'works, noticeably different',
  'experimental',
  'not advised',
]
const worth: Readonly<Record<Grade, number>> = { A: 3, B: 2, C: 1, F: 0 }
const isGood = ({ grade }: Said) => grade === 'A' || grade === 'B'
const per = (n: number, of: number) => (of ? `${Math.round((100 * n) / of)} % of ${of}` : 'none')

/** Of pairs of one dessert with other grades: how many stand in the baker's order. */
function inOrder(all: readonly Said[]): string {
  const pairs = all.flatMap(one =>
    all
      .filter(two => two.dessert === one.dessert && worth[one.grade] > worth[two.grade])
      .map(two => [one, two] as const),
  )
  const rank = ({ word, loss }: Said) => words.indexOf(word) * 1e4 + loss
  return per(pairs.filter(([one, two]) => rank(one) < rank(two)).length, pairs.length)
}

/** Under each word the share that is good; both shares of the table apart; the open ones that mislead. */
export function gradedRows(): string[] {
  const all = gradedWords()
  const rows = (name: string, some: readonly Said[]) => {
    const shares = words.map(word => {
      const said = some.filter(one => one.word === word)
      const failing = said.filter(one => one.grade === 'F').length
      return `${word} ${per(said.filter(isGood).length, said.length)}${failing ? ` (${failing} F)` : ''}`
    })
    return `${name.padEnd(12)} ${shares.join('; ')}; in the baker's order ${inOrder(some)}`
  }
  const misleads = ({ grade, word }: Said) =>
    grade === 'F' || grade === 'C'
      ? words.indexOf(word) < 2
      : words.indexOf(word) > (grade === 'A' ? 1 : 2)
  return [
    '\nwords on graded formulas: how many under each are A or B',
    rows(
      'open',
      all.filter(one => !one.held),
    ),
    rows(
      'set aside',
      all.filter(one => one.held),
    ),
    ...all
      .filter(one => !one.held && misleads(one))
      .map(
        one =>
          `  ${one.dessert}, ${one.grade} (${one.because}): ${one.word}, ${one.loss.toFixed(1)}`,
      ),
  ]
}
