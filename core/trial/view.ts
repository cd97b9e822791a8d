import { checkPeople, type CheckedPacket, type Person } from '../people'
import { restName, substitutionById } from '../swap'
import { heldIn } from './difference'
import { tooFine } from './fine'
import { judgeTasting, weightOf } from './judge'
import { knowledgeFrom, learnedDoses, learnedRests, sayDose, sayLesson, sayRest } from './knowledge'
import { lessonsFrom, type Lesson } from './learn'
import { changesIn, type Trial } from './trial'

/** What the pages say of a trial and of what a house has learned, worked out in one go. */

/**
 * What differs between the arms and what is held, what of it a scale cannot weigh, who may taste
 * each arm, and what tastings that were opened have shown.
 */
export function trialView(
  trial: Trial,
  people: readonly Person[],
  packets: readonly CheckedPacket[],
) {
  const base = trial.arms[0]!.recipe
  const changes = changesIn(trial)
  return {
    fine: trial.arms
      .slice(1)
      .map(arm => ({ arm: arm.id, says: tooFine(base, arm.recipe, trial.tests) })),
    changes,
    held: heldIn(
      base,
      changes.flatMap(c => c.differences),
    ),
    checks: trial.arms.map(arm => ({
      arm: arm.id,
      people: checkPeople(arm.recipe, people, { packets }).people.map(p => ({
        personId: p.personId,
        verdict: p.verdict,
        because: p.conflicts[0]?.because ?? '',
      })),
    })),
    judged: trial.tastings.map(t => ({
      id: t.id,
      found: t.opened ? judgeTasting(t, trial.arms) : null,
    })),
  }
}

/** What a trial with a winner would teach, and how much it is worth (0 to 1). */
export function lessonsWith(
  trial: Trial,
  of: {
    readonly title: string
    readonly bake: string
    readonly on: string
    readonly packets: Parameters<typeof lessonsFrom>[5]
  },
) {
  const judged = trial.tastings.flatMap(t => (t.opened ? (judgeTasting(t, trial.arms) ?? []) : []))
  const weight = weightOf(judged, trial.crowned ?? '', trial.rematchOf !== null)
  const lessons = lessonsFrom(trial, of.title, of.bake, of.on, weight, of.packets)
  return { weight, lessons: lessons.map(lesson => ({ lesson, says: sayLesson(lesson) })) }
}

/** What the house has learned, in sentences. */
export function learnedIn(lessons: readonly Lesson[]) {
  const { steps, sayings } = knowledgeFrom(lessons)
  return {
    doses: learnedDoses(lessons).map(dose => ({
      dose,
      says: sayDose(dose),
      name: substitutionById(dose.school)?.name ?? dose.school,
    })),
    rests: learnedRests(lessons).map(rest => ({
      rest,
      says: sayRest(rest),
      name: restName(rest.of),
    })),
    sayings: [...steps, ...sayings].map(s => s.says),
    lessons: lessons.map(lesson => ({ lesson, says: sayLesson(lesson) })),
  }
}
