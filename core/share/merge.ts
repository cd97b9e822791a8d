import type { Making } from '../make'
import type { Component, Recipe } from '../recipe'
import type { Bake } from './bake'
import { eitherOf, isSame, listOfBoth, logOfBoth, wordsOfBoth, type ThreeWay } from './three-way'

/**
 * One bake of two that were changed apart. `clashes` say in words what both changed, each otherwise;
 * in `bake` that is as mine. `isReadAnew`: its lines are of both sides, so its findings are to be
 * read again.
 */
export interface MergedBake {
  readonly bake: Bake
  readonly clashes: readonly string[]
  readonly isReadAnew: boolean
}

type Sides<T> = ThreeWay<T>
const each = <T, K extends keyof T>({ base, mine, theirs }: Sides<T>, key: K): Sides<T[K]> => ({
  base: base[key],
  mine: mine[key],
  theirs: theirs[key],
})

/** Collects what clashes, in words. */
class Clashes {
  readonly words: string[] = []
  add(isClash: boolean, says: string) {
    if (isClash && !this.words.includes(says)) this.words.push(says)
  }
  /** The side that changed a field; both: mine, and it is said. */
  either<T>(sides: Sides<T>, says: string): T {
    const { value, isClash } = eitherOf(sides)
    this.add(isClash, says)
    return value
  }
}

/** The steps of a part: each by itself where there are as many on every side. */
function stepsOfBoth(sides: Sides<readonly string[]>, says: string, clashes: Clashes) {
  const { base, mine, theirs } = sides
  if (mine.length !== base.length || theirs.length !== base.length)
    return clashes.either(sides, says)
  return mine.map((step, i) =>
    clashes.either({ base: base[i]!, mine: step, theirs: theirs[i]! }, says),
  )
}

function partOfBoth(sides: Sides<Component>, clashes: Clashes): Component {
  const { name } = sides.mine
  const inIt = name ? ` of “${name}”` : ''
  const { list: lines, clashes: ids } = listOfBoth(each(sides, 'lines'), line => line.id)
  for (const id of ids) {
    const line = [...sides.mine.lines, ...sides.theirs.lines].find(l => l.id === id)!
    clashes.add(true, `the line “${line.text}”`)
  }
  const steps = stepsOfBoth(each(sides, 'steps'), `a step${inIt}`, clashes)
  const { stepsFrom: _, ...mine } = sides.mine
  const from = isSame(steps, sides.mine.steps) ? sides.mine.stepsFrom : undefined
  return { ...mine, lines, steps, ...(from ? { stepsFrom: from } : {}) }
}

/** Its parts: each by itself where all sides have the same ones in the same order. */
function partsOfBoth(sides: Sides<readonly Component[]>, clashes: Clashes): readonly Component[] {
  const namesOf = (parts: readonly Component[]) => parts.map(part => part.name)
  const { base, mine, theirs } = sides
  const isAlike = [mine, theirs].every(parts => isSame(namesOf(parts), namesOf(base)))
  if (!isAlike) return clashes.either(sides, 'the parts of the recipe')
  return mine.map((part, i) =>
    partOfBoth({ base: base[i]!, mine: part, theirs: theirs[i]! }, clashes),
  )
}

function recipeOfBoth(sides: Sides<Recipe>, clashes: Clashes): Recipe {
  const said: readonly (readonly [keyof Recipe, string])[] = [
    ['title', 'the title'],
    ['region', 'the measures'],
    ['handling', 'how cups are filled'],
    ['yield', 'how many it makes'],
    ['pan', 'the tin'],
    ['oven', 'the oven'],
    ['facts', 'what the text says besides'],
    ['noFood', 'what is nothing to eat'],
    ['left', 'what is left over'],
  ]
  const fields = said
    .map(([key, says]) => [key, clashes.either(each(sides, key), says)] as const)
    .filter(([, value]) => value !== undefined)
  return {
    ...(Object.fromEntries(fields) as unknown as Recipe),
    components: partsOfBoth(each(sides, 'components'), clashes),
  }
}

type MaybeMaking = Making | null | undefined
/** One time of making that both told something of: everything that either told, in its order. */
function makingOfBoth(sides: Sides<MaybeMaking>, clashes: Clashes): MaybeMaking {
  const { base, mine, theirs } = sides
  if (!mine || !theirs || mine.id !== theirs.id)
    return clashes.either(sides, 'where its making stands')
  const had = base?.id === mine.id ? base.log : []
  return {
    ...mine,
    log: logOfBoth({ base: had, mine: mine.log, theirs: theirs.log }, event => event.at),
  }
}

const orNone = <T>({ base, mine, theirs }: Sides<readonly T[] | undefined>) => ({
  base: base ?? [],
  mine: mine ?? [],
  theirs: theirs ?? [],
})
/** A list that is not kept while it is empty on every side. */
const ifAny = <K extends keyof Bake>(key: K, { base, mine, theirs }: Sides<Bake>, list: Bake[K]) =>
  [base, mine, theirs].some(side => side[key] !== undefined) ? { [key]: list } : {}

/** What was written down of it: each trial, each making, each verdict by itself. */
function recordsOfBoth(sides: Sides<Bake>, clashes: Clashes): Partial<Bake> {
  const trials = listOfBoth(orNone(each(sides, 'trials')), trial => trial.id)
  clashes.add(trials.clashes.length > 0, 'a trial')
  const made = listOfBoth(orNone(each(sides, 'made')), one => JSON.stringify(one))
  const baked = listOfBoth(orNone(each(sides, 'baked')), one => JSON.stringify(one))
  return {
    ...ifAny('trials', sides, trials.list),
    ...ifAny('made', sides, made.list),
    ...ifAny('baked', sides, baked.list),
    ...ifAny('favourites', sides, wordsOfBoth(orNone(each(sides, 'favourites')))),
  }
}

/** What is chosen and wished: each by itself. */
function choicesOfBoth(sides: Sides<Bake>, clashes: Clashes): Partial<Bake> {
  const ties = listOfBoth(each(sides, 'ties'), tie => `${tie.ingredient}|${tie.lineId}`)
  clashes.add(ties.clashes.length > 0, 'which packets it is made of')
  const said: readonly (readonly [keyof Bake, string])[] = [
    ['archived', 'whether it is on the shelf'],
    ['wishes', 'the wishes'],
    ['plan', 'the chosen plan'],
    ['size', 'the size'],
    ['day', 'the day'],
  ]
  const fields = said
    .map(([key, says]) => [key, clashes.either(each(sides, key), says)] as const)
    .filter(([, value]) => value !== undefined)
  return { ...Object.fromEntries(fields), ties: ties.list }
}

/** Is the chosen plan still for this recipe and these people? It was, on the side that it comes from. */
function isPlanOf({ mine, theirs }: Sides<Bake>, merged: Bake): boolean {
  const from = [mine, theirs].filter(side => isSame(side.plan, merged.plan))
  const restsOn = ({ recipe, people }: Bake) => ({ recipe, people: people.toSorted() })
  return from.some(side => isSame(restsOn(side), restsOn(merged)))
}

/**
 * A bake of which two tabs made something each, since both had `base`: what they did not both touch
 * is as whoever changed it has it; lines, steps, people, packets, trials and what was told at the
 * counter each by itself. A chosen plan stays only where its recipe and people do.
 */
export function mergeBake(base: Bake, mine: Bake, theirs: Bake): MergedBake {
  const sides: Sides<Bake> = { base, mine, theirs }
  const clashes = new Clashes()
  const recipe = recipeOfBoth(each(sides, 'recipe'), clashes)
  const making = makingOfBoth(each(sides, 'making'), clashes)
  const read = [mine, theirs].find(side => isSame(side.recipe, recipe))
  const bake: Bake = {
    ...mine,
    ...choicesOfBoth(sides, clashes),
    ...recordsOfBoth(sides, clashes),
    ...(making === undefined ? {} : { making }),
    recipe,
    title: recipe.title,
    region: recipe.region,
    findings: (read ?? mine).findings,
    settled: wordsOfBoth(each(sides, 'settled')),
    people: wordsOfBoth(each(sides, 'people')),
    tags: wordsOfBoth(each(sides, 'tags')),
    ticked: wordsOfBoth(each(sides, 'ticked')),
    updated: mine.updated > theirs.updated ? mine.updated : theirs.updated,
  }
  return {
    bake: isPlanOf(sides, bake) ? bake : { ...bake, plan: null },
    clashes: clashes.words,
    isReadAnew: !read,
  }
}
