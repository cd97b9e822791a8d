/** Nouns of what something is put into, onto or made in, in the singular. [P] */
export const vesselNouns: ReadonlySet<string> = new Set(
  'tin pan tray sheet dish bowl basin jug mould mold ramekin case springform bundt rack pot saucepan skillet iron board paper glass jar plate platter mug ring casserole blender processor surface hob bain-marie bath bag steamer griddle wok box container freezer-box syllabub cocotte terrine'.split(
    ' ',
  ),
)
/** Words that lead to where something goes or is made. [P] */
export const intoWords: ReadonlySet<string> = new Set('in into onto on between to among inside across'.split(' '))

/** What is used and holds nothing: tools. [P] */
export const toolNouns: ReadonlySet<string> = new Set(
  'whisk mixer spoon spatula fork knife skewer ladle sieve cutter pin grater brush scraper beater paddle hook processor blender thermometer hands fingertips fingers ricer masher scoop nozzle bag palette torch'.split(
    ' ',
  ),
)
/** Behind these no place is named any more. [P] */
export const endsPlace: ReadonlySet<string> = new Set(['until', 'till', 'while'])
/** Between "into" and a vessel these begin something else. [P] */
export const leavesPlace: ReadonlySet<string> = new Set(['at', 'for', 'with', 'from', 'over'])
