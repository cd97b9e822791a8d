import { capital, mentionsInStep, type Line } from '../../../recipe'
import type { Group, Substitution } from '../../ways'
import type { Added } from '../../amounts'
import { listed, sayDid, whatTheyBring, whatTheyDid } from '../../leaving'
import { sentencesOf } from '../telling/sentences'
import { readyFirst } from '../telling/ready'
import { wordsOf, type Amount, type Ledger } from './ledger'

/** What was to be soft is to be soft in its stead. */
const isSoft = (line: Line) => /\bsoft(?:ened)?\b|\broom\s+temperature\b/iu.test(line.text)
const spreadable: readonly string[] = ['plant-block', 'plant-spread', 'butter']
/** Does the recipe melt it, by its line or in a sentence that names it? */
const isMelted = (line: Line, steps: readonly string[]): boolean =>
  /\bmelted\b/iu.test(line.text) ||
  steps.some(step =>
    sentencesOf(step).some(
      sentence =>
        /\bmelt\w*\b/iu.test(sentence) &&
        mentionsInStep(sentence, [line]).some(m => m.line === line),
    ),
  )

/** The same thing twice in one answer (the water of two gels) is one line. */
function merged(adds: readonly Added[]): Added[] {
  const found = new Map<string, Added>()
  for (const a of adds) {
    const there = found.get(a.ingredient.id)
    found.set(a.ingredient.id, there ? { ...there, grams: there.grams + a.grams } : a)
  }
  return [...found.values()]
}

/** How what comes is made ready: melted where the recipe melts what left. */
const prepareOf = (answer: Substitution, group: Group, steps: readonly string[]) =>
  answer.melted && group.lines.every(item => isMelted(item.line, steps))
    ? answer.melted
    : answer.prepare

/** What one answer puts in the place of weighed lines. */
export function writeAnswered(ledger: Ledger, group: Group, answer: Substitution): void {
  const { part, draft } = ledger.option
  const schools = new Set((answer.of ?? [answer]).map(school => school.id))
  const adds = merged(
    draft.added.filter(a => a.answers === group.question && schools.has(a.school)),
  )
  const kept = ledger.weighed(adds)
  for (const { line } of group.lines) {
    ledger.gone.add(line.id)
    ledger.naming.set(line.id, answer.inSteps)
    if (answer.prepare) ledger.ready.add(line.id)
  }
  const weights = group.lines.map(({ ingredient, line }) => ({
    ingredient,
    grams: line.grams!.best,
  }))
  const removed = weights.reduce((sum, w) => sum + w.grams, 0)
  const written = kept.map(one => lineOf(ledger, one, group, answer))
  ledger.newLines.set(group.lines[0]!.line.id, written)
  for (const line of written) ledger.factors.set(line.id, line.grams!.best / removed)
  const prepare = prepareOf(answer, group, part.component.steps)
  if (prepare && kept.length)
    ledger.first.push(
      readyFirst(
        answer.inSteps,
        kept.map(({ of, amount }) => ({
          grams: amount.grams,
          name: ledger.called(of.ingredient),
        })),
        prepare,
        answer.restMinutes,
      ),
    )
  const { family } = part.reading
  const [brought, brings] = [whatTheyBring(weights, family), whatTheyBring(adds, family)]
  const jobs = whatTheyDid(weights, part.before, family, group.question)
  const left = capital(listed(group.lines.map(item => wordsOf(item.line))))
  const verb = kept.length > 1 ? 'bring' : 'brings'
  ledger.change({
    removes: group.lines.map(item => item.line.id),
    adds: kept.map(one => ledger.addition(one, answer)),
    because: adds.length
      ? `${left} brought ${brought}; ${ledger.said(kept)} ${verb} ${brings}: ${answer.reason}.`
      : `${left}: ${answer.reason}.`,
    did: sayDid(jobs),
    jobs,
    school: answer.id,
    source: answer.source,
  })
}

function lineOf(
  ledger: Ledger,
  { of, amount }: Amount<Added>,
  group: Group,
  answer: Substitution,
): Line {
  const first = group.lines[0]!.line
  const what = ledger.isElsewhere(of) && answer.prepare ? `for the ${answer.inSteps}` : ''
  const staysSoft =
    !answer.prepare && isSoft(first) && spreadable.includes(of.ingredient.kind) ? 'soft' : ''
  const tail = [what, staysSoft].filter(Boolean).join(', ')
  return ledger.line(of.ingredient, amount, tail, first.purpose)
}
