import { verbWords } from '../../recipe'

export { verbWords }

/** Doings in the bowl or pan: without a name of its own such a one goes on with the part before it. [P] */
export const inBowl: ReadonlySet<VerbId> = new Set<VerbId>([
  'combine',
  'beat',
  'whisk',
  'whip',
  'stir',
  'fold',
  'make',
  'melt',
  'boil',
  'simmer',
  'cook',
  'blend',
  'sift',
  'knead',
  'heat',
  'dissolve',
  'strain',
  'rub',
])

/** Doings that only words beside a verb tell. */
type ByBeside = 'unheat' | 'unload' | 'load' | 'off' | 'set'
export type VerbId = keyof typeof verbWords | ByBeside

/**
 * A verb with certain words in its clause is another doing: "turn … out" unmoulds, "bring … to the boil" boils. `next`: the word must
 * stand right behind the verb; `before`: none of these. The first row that fits counts. [P]
 */
export interface BesideRow {
  readonly verb: string
  readonly words: string
  readonly is: VerbId
  readonly next?: true
  readonly unless?: string
}
export const besideRows: readonly BesideRow[] = [
  { verb: 'turn switch', words: 'off', is: 'off' },
  { verb: 'turn switch set heat lower reduce raise increase get warm bring', words: 'oven', is: 'preheat', unless: 'dish saucepan' },
  { verb: 'lower reduce turn raise increase', words: 'temperature', is: 'preheat' },
  { verb: 'reduce lower turn', words: 'heat', is: 'lower' },
  { verb: 'take remove lift pull draw', words: 'heat hob flame', is: 'unheat' },
  { verb: 'take remove lift pull', words: 'oven', is: 'unload' },
  { verb: 'turn tip ease', words: 'out', is: 'unmould' },
  { verb: 'boil', words: 'kettle', is: 'heat' },
  { verb: 'bring', words: 'boil', is: 'boil' },
  { verb: 'bring', words: 'simmer', is: 'simmer' },
  { verb: 'bring', words: 'together', is: 'combine' },
  { verb: 'bring', words: 'room', is: 'rest' },
  { verb: 'roll', words: 'balls ball log logs sausage sausages rope ropes', is: 'shape', unless: 'in' },
  { verb: 'roll', words: 'in', is: 'coat', unless: 'out up' },
  { verb: 'put place return slide pop set leave let', words: 'fridge refrigerator', is: 'chill' },
  { verb: 'put place return slide pop leave', words: 'freezer', is: 'freeze' },
  { verb: 'put place return slide pop stand set', words: 'oven', is: 'load' },
  { verb: 'leave rest put stand', words: 'warm', is: 'proof', unless: 'while still' },
  { verb: 'put set', words: 'aside side', is: 'set-aside' },
  { verb: 'put tip throw', words: 'in', is: 'add', next: true },
  { verb: 'spoon pour', words: 'in', is: 'pour', next: true },
  { verb: 'cut', words: 'in', is: 'rub', next: true, unless: 'two three four six eight half halves quarters slices squares' },
  { verb: 'cut', words: 'flour flours', is: 'rub' },
  { verb: 'give', words: 'stir mix whisk', is: 'stir' },
  { verb: 'turn', words: 'into', is: 'spoon' },
  { verb: 'lower', words: 'pan water', is: 'put' },
  { verb: 'cook', words: 'oven', is: 'bake' },
  { verb: 'crumble', words: 'into', is: 'mash' },
  { verb: 'make', words: 'well', is: 'make' },
  { verb: 'dot', words: 'with', is: 'scatter' },
  { verb: 'press', words: 'sieve ricer', is: 'strain' },
]

/** What something is left, let or set to do: "leave to rise", "let it cool", "set aside to infuse". [P] */
export const leftTo: Readonly<Record<string, VerbId>> = {
  cool: 'cool',
  rise: 'proof',
  prove: 'proof',
  proof: 'proof',
  double: 'proof',
  rest: 'rest',
  stand: 'rest',
  sit: 'rest',
  relax: 'rest',
  settle: 'rest',
  dry: 'rest',
  infuse: 'soak',
  soak: 'soak',
  steep: 'soak',
  bloom: 'soak',
  swell: 'soak',
  soften: 'rest',
  absorb: 'soak',
  set: 'set',
  firm: 'set',
  harden: 'set',
  thicken: 'rest',
  drain: 'drain',
  chill: 'chill',
  simmer: 'simmer',
  bubble: 'simmer',
  boil: 'boil',
  melt: 'melt',
  dissolve: 'dissolve',
  thaw: 'rest',
  defrost: 'rest',
}
/** Verbs of leaving: with a word of `leftTo` behind them they are that. */
export const leaving: ReadonlySet<string> = new Set('leave let allow set put'.split(' '))

/** Verbs that are also names, looks or shares: they order something only where an object, a place or the clause's end follows. [P] */
export const alsoNoun: ReadonlySet<string> = new Set(
  'mix cream rest cut top line level pulse ice dust toast juice zest butter oil flour brown form mould twist knot tie spoon steam glaze spray measure test store quarter skin peel trim pit whip whisk beat boil simmer marble frost stew mill score fold portion ladle pile stone core roll layer drop dot pipe set split process finish heat cook fry dip cover coat'.split(
    ' ',
  ),
)

/** Those of them that may end a clause: "roll, cut and bake". Others need something behind them. [P] */
export const standsAlone: ReadonlySet<string> = new Set(
  'mix rest cut cool chill drain dip coat layer roll whip whisk beat knead boil simmer cover fold freeze pipe heat pulse blitz press form fry cook toast steam set ice sit stand top finish twist knot tie stamp marble frost glaze'.split(
    ' ',
  ),
)

/** Nouns before which a lead-in without a comma ends: "in a clean bowl whisk …", "after 10 minutes remove …". [P] */
export const endsLead: ReadonlySet<string> = new Set('minutes minute hour hours cool cold ready risen smooth time heat flame hob point stage end hand water serving baking'.split(' '))
/** What such a lead-in begins with. [P] */
export const opensLead: ReadonlySet<string> = new Set('in into using with on for to when once after before while working as off over under at by from away between'.split(' '))

/** What a clause of when begins with, and the words that hold it together: "once it is cold", "when bubbles rise". [P] */
export const subordinate: ReadonlySet<string> = new Set(['when', 'once', 'as'])
export const endsClause: ReadonlySet<string> = new Set('is are has have begins starts boils rises rise foam bubble look start begin melts thickens bubbles foams looks comes turns'.split(' '))
/** "When lukewarm beat in …", "while still hot brush …": how it is by then. [P] */
export const stateOpeners: ReadonlySet<string> = new Set(['when', 'once', 'while', 'as', 'after'])
export const openingStates: ReadonlySet<string> = new Set(
  'cold cool cooled lukewarm tepid warm hot set firm thick thickened smooth golden soft softened ready done risen baked cooked melted chilled foamy frothy stiff pale light fluffy dissolved boiling simmering combined dry'.split(
    ' ',
  ),
)
export const stateManners: ReadonlySet<string> = new Set('still just completely nearly almost quite fully very barely soon slightly partly and'.split(' '))
export const pronouns: ReadonlySet<string> = new Set(['you', 'they', 'it', 'i', 'we'])
/** Behind a verb that is also a name: then it orders. [P] */
export const particles: ReadonlySet<string> = new Set(['in', 'into', 'off', 'out', 'up', 'it', 'them'])
/** Behind a sure verb: then it orders, where no mark tells. [P] */
export const toldBehind: ReadonlySet<string> = new Set('the your in into for at to until a an over it them off out up'.split(' '))
/** "Chill while you make the filling" only tells what comes next. [P] */
export const announces: ReadonlySet<string> = new Set(['make', 'prepare'])

/** "To finish", "to serve": what the rest of a sentence is for. [P] */
export const purposes: ReadonlySet<string> = new Set('finish serve decorate assemble garnish'.split(' '))
export const articles: ReadonlySet<string> = new Set('the a an your'.split(' '))

/** Verbs that tell what is left of it: "serve at once or keep in the fridge". [P] */
export const orElse: ReadonlySet<string> = new Set('keep store freeze chill refrigerate serve'.split(' '))

/** Past forms that do not end in -ed. [P] */
export const pastForms: Readonly<Record<string, string>> = {
  beaten: 'beat',
  cut: 'cut',
  spread: 'spread',
  ground: 'grind',
  put: 'put',
  laid: 'lay',
  left: 'leave',
  kept: 'keep',
  taken: 'take',
  frozen: 'freeze',
  brought: 'bring',
  made: 'make',
  set: 'set',
}
/** Looks, and no doings, behind "is": "the butter is melted". [P] */
export const looksPast: ReadonlySet<string> = new Set('melted cooled set risen browned chilled combined dissolved cooked made'.split(' '))

/** Behind a word at a sentence's head it is none that orders: "cream of …", "the top is …". [P] */
export const notOrders: ReadonlySet<string> = new Set('of is are will should may can has have was were'.split(' '))

/** Join one doing to the next. [P] */
export const joints: ReadonlySet<string> = new Set(['and', 'then', '&', 'or'])

/** Adverbs and small words that may stand before the verb of an order. [P] */
export const beforeVerb: ReadonlySet<string> = new Set(
  'then and now next finally first meanwhile gently carefully slowly gradually quickly lightly immediately again also just very well generously briefly thoroughly slightly lastly afterwards please simply or straight roughly finely thinly thickly evenly coarsely later together secondly thirdly firstly second lastly once blind'.split(
    ' ',
  ),
)

/** Before a verb it is none: "the mix", "a whisk", "with cream". [P] */
export const notBefore: ReadonlySet<string> = new Set(
  'the a an your this that of with into to for in on from by its their each every no some more any all at as until is are be was it them half'.split(' '),
)

/** What may stand behind a verb that is also a name: an object, a place, a manner. [P] */
export const behindVerb: ReadonlySet<string> = new Set(
  'the a an your this that these those it them in into on onto to with for until till over out up at together through well all both each everything half and then off down under about gently carefully slowly gradually briefly lightly thoroughly completely quickly again between some any one two three four five six eight ten twelve by aside round around back overnight immediately not away as from while any more if rounds circles squares shapes fingers thin thick oven dry wet remaining ingredients spoonfuls hot cold without hard fast just butter sugar egg eggs pastry dough'.split(
    ' ',
  ),
)
