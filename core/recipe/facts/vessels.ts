import { remembered } from '../../pantry'
import type { Span } from '../recipe'
import {
  bareVessel,
  besideVessel,
  labelledVessel,
  maybeEaten,
  namedVessel,
  noBaking,
  sizedVessel,
} from '../tables/vessels'

/** A tin, dish, mould or tray as a text names it. */
export interface VesselWords {
  readonly text: string
  readonly span: Span
  /** Its size, or how many of it there are, is said. */
  readonly sized: boolean
  /** It stands in the oven, the fridge or the steamer; a frying pan and a paper case do not. */
  readonly bakes: boolean
  /** A sheet, a tray or a case, which says nothing of the batter unless it is sized. */
  readonly flat: boolean
}

const found = (hit: RegExpMatchArray, sized: boolean): VesselWords => {
  const lead = hit[0].length - hit[0].trimStart().length
  return {
    text: hit[0].trim(),
    span: [hit.index! + lead, hit.index! + hit[0].trimEnd().length],
    sized,
    bakes: !noBaking.test(hit[0]),
    flat: /\b(?:(?<!(?:half|quarter)[\s-])sheets?|trays?|cases?|paper)\b/iu.test(hit[0]),
  }
}

/** So many texts are known again: each step is asked for its vessels by several readers. */
const mostKnown = 500
/**
 * Every vessel that a text names, in order: by a noun of its own (springform, bundt, ramekin), or a
 * plain one with a size, a count or a shape. "10 pancakes" and "the pan juices" name none.
 */
export const vesselsIn: (text: string) => readonly VesselWords[] = remembered(allVessels, mostKnown)

function allVessels(text: string): VesselWords[] {
  const sized = [...text.matchAll(sizedVessel)].map(hit => found(hit, true))
  const named = [...text.matchAll(namedVessel)]
    .map(hit => found(hit, false))
    .filter(one => !sized.some(s => one.span[0] < s.span[1] && s.span[0] < one.span[1]))
  return [...sized, ...named]
    .filter(one => !bareVessel.test(one.text))
    .sort((a, b) => a.span[0] - b.span[0])
}

/**
 * The vessel of a line that is nothing else: "900 g loaf tin", "Tin: 20 cm square". None where it
 * may as well be eaten: "1 sponge flan case".
 */
export function vesselOf(line: string): string | null {
  const labelled = labelledVessel.exec(line)?.[1]
  if (labelled && /\d/u.test(labelled)) return labelled.trim()
  const one = vesselsIn(line)[0]
  const rest = one ? line.slice(0, one.span[0]) + line.slice(one.span[1]) : line
  return one?.sized && besideVessel.test(rest) && !maybeEaten(one.text) ? one.text : null
}
