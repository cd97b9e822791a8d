import type { Manner, VerbId } from '../../method'
import type { TimeKind } from '../../recipe'

/**
 * How long hands take for what is told to be done, where no time is stated: the first row that fits. `vessel`: it says into what;
 * `readies`: it readies that. [M] ordinary kitchens, for about half a kilogram
 */
export interface HandRow {
  /** Doings, with a space between. */
  readonly verbs: string
  readonly manner?: Manner
  readonly vessel?: true
  /** Into a bowl or pan, where it is mixed. */
  readonly mixing?: true
  readonly readies?: true
  readonly minutes: number
  /** Empty: the verb's own word. */
  readonly short: string
  readonly mixer?: true
  /** Minutes that the result may wait for the next pair of hands. */
  readonly holds?: number
}
export const handRows: readonly HandRow[] = [
  { verbs: 'grease line dust', readies: true, minutes: 4, short: 'ready the tin', holds: 480 },
  { verbs: 'grease line', minutes: 4, short: 'ready the tin', holds: 480 },
  { verbs: 'put pour spoon', mixing: true, minutes: 4, short: 'mix' },
  { verbs: 'unheat', minutes: 1, short: 'off the heat' },
  { verbs: 'cover wrap', minutes: 1, short: 'cover' },
  { verbs: 'set-aside', minutes: 1, short: 'set aside', holds: 240 },
  { verbs: 'whisk beat', manner: 'to-peaks', minutes: 9, mixer: true, short: 'whisk to peaks', holds: 3 },
  { verbs: 'beat whisk add combine stir', manner: 'bit-by-bit', minutes: 6, mixer: true, short: 'beat in bit by bit' },
  { verbs: 'cream', minutes: 7, mixer: true, short: 'cream' },
  { verbs: 'beat whisk', manner: 'until-light', minutes: 7, mixer: true, short: 'cream' },
  { verbs: 'whip', minutes: 6, mixer: true, short: 'whip', holds: 60 },
  { verbs: 'knead', minutes: 10, short: 'knead' },
  { verbs: 'rub', minutes: 7, short: 'rub in' },
  { verbs: 'roll shape', minutes: 10, short: 'shape' },
  { verbs: 'pipe', minutes: 10, short: 'pipe' },
  { verbs: 'melt boil simmer cook heat bring caramelise reduce temper fry toast dissolve lower', minutes: 6, short: 'heat on the hob', holds: 20 },
  { verbs: 'unmould', minutes: 4, short: 'turn out and cut' },
  { verbs: 'turn remove', manner: 'out', minutes: 4, short: 'turn out and cut' },
  { verbs: 'turn remove', manner: 'on-to', minutes: 4, short: 'turn out and cut' },
  { verbs: 'cut', minutes: 4, short: 'turn out and cut' },
  { verbs: 'peel grate squeeze', minutes: 6, short: 'cut up' },
  { verbs: 'drain', minutes: 4, short: '' },
  { verbs: 'sift', minutes: 3, short: 'sift' },
  { verbs: 'blend grind', minutes: 4, mixer: true, short: 'blend' },
  { verbs: 'fold', minutes: 4, short: 'fold', holds: 5 },
  { verbs: 'mash', minutes: 4, short: '' },
  { verbs: 'spread press pour spoon drop fill scatter divide layer put turn level', vessel: true, minutes: 4, short: 'into the tin' },
  { verbs: 'divide', minutes: 4, short: 'into the tin' },
  { verbs: 'spread level', minutes: 4, short: 'spread' },
  { verbs: 'scatter top', minutes: 3, short: 'scatter' },
  { verbs: 'press pour spoon drop fill swirl put', minutes: 4, short: '' },
  { verbs: 'combine whisk beat stir toss add', minutes: 4, short: 'mix' },
  { verbs: 'decorate dust brush drizzle sandwich coat dip', minutes: 4, short: 'finish' },
]
/** What no row has. */
export const otherHand = { minutes: 3, short: '' } as const
/** So much longer for each further doing of one sentence, beside the longest of them. [M] */
export const besidesLongest = 1
/** What was begun is gone on with within an hour, where its row says nothing else. [M] */
export const usualHold = 60

/** Vessels that a batter is mixed in, so that nothing goes "into the tin". [P] */
export const mixingVessels: ReadonlySet<string> = new Set('bowl jug mixer processor saucepan pan mug cup blender'.split(' '))

/** What leaves something to itself: hands have nothing to do with it, once its time is known. [P] */
export const leaves: ReadonlySet<VerbId> = new Set('cool rest chill freeze proof soak set keep'.split(' ') as VerbId[])

/** "Leave it to drain". */
export const leftWords: ReadonlySet<string> = new Set(['leave', 'let', 'allow'])

/** What it waits for when it is left to that, whatever stands beside the time. */
export const leftKinds: Readonly<Partial<Record<VerbId, TimeKind>>> = { cool: 'cool', chill: 'chill', freeze: 'freeze', proof: 'rise', soak: 'soak' }

/** The oven is set or heats: nothing that hands are counted for. */
export const setsOven: ReadonlySet<VerbId> = new Set('preheat off'.split(' ') as VerbId[])

/**
 * Waits without a time, the first row that fits: how long is usual, in minutes; 'cold' and 'settles' are the bake's own figures,
 * `unbaked` where nothing was baked. `told`: its words say enough. Rising [P] 1–1½ hours at room temperature; setting in the fridge [P]
 * 2–4 hours; the others [M].
 */
export interface UntimedRow {
  readonly verbs: string
  readonly manner?: Manner
  readonly kind: TimeKind
  readonly minutes: number | 'cold' | 'settles'
  readonly unbaked?: number
  readonly told?: true
}
export const untimedRows: readonly UntimedRow[] = [
  { verbs: 'cool', manner: 'quite-cold', kind: 'cool', minutes: 'cold', unbaked: 45 },
  { verbs: 'cool', manner: 'a-little', kind: 'cool', minutes: 10 },
  { verbs: 'cool', kind: 'cool', minutes: 'settles', unbaked: 30, told: true },
  { verbs: 'proof', kind: 'rise', minutes: 75 },
  { verbs: 'rest', manner: 'rises', kind: 'rise', minutes: 75 },
  { verbs: 'freeze', kind: 'freeze', minutes: 180 },
  { verbs: 'chill set', manner: 'in-fridge', kind: 'set', minutes: 180 },
  { verbs: 'chill', manner: 'to-set', kind: 'set', minutes: 180 },
  { verbs: 'chill', manner: 'to-firm', kind: 'chill', minutes: 45 },
  { verbs: 'chill', kind: 'chill', minutes: 20 },
  { verbs: 'soak', kind: 'soak', minutes: 20 },
  { verbs: 'set', kind: 'set', minutes: 30 },
]
/** "Rest", "stand": with these words it waits; "leave a gap" does not. */
export const restWords: ReadonlySet<string> = new Set('rest stand sit relax'.split(' '))
export const usualRest = 15

/** So many times the stated minutes: both sides, and one batch after the other. [M] */
export const timesOver: readonly { readonly manner: Manner; readonly by: number }[] = [
  { manner: 'both-sides', by: 2 },
  { manner: 'in-batches', by: 3 },
]
/** So many minutes on the hob go by themselves, with a look now and then, unless somebody stirs all the time. [M] */
export const cooksItself = 15
/** So long what came out of the oven is still warm. [M] */
export const staysWarm = 15
/** "Best after two days" is no wait that serving has to follow, in minutes. */
export const longestOther = 12 * 60

/** What is done to a bake between two of its stretches, while it stays in. */
export const betweenSays: Readonly<Partial<Record<VerbId, string>>> = {
  turn: 'Turn it round',
  cover: 'Cover it',
  brush: 'Brush it',
  stir: 'Stir it',
  lower: 'Turn the oven down',
  preheat: 'Set the oven to its next heat',
}
/** What sets the oven's heat on the way. */
export const setsHeat: ReadonlySet<VerbId> = new Set(['lower', 'preheat'] as const)
/** What covers it is taken off outside of the oven: beans, foil. [M] */
export const takesOff = { minutes: 2, says: 'Take off what covers it.', short: 'uncover' } as const

/** What chills waits for what cools before it. */
export const chills: ReadonlySet<VerbId> = new Set(['chill', 'freeze'] as const)
/** What may turn something out of its tin. */
export const mayTurnOut: ReadonlySet<VerbId> = new Set(['turn', 'remove'] as const)
