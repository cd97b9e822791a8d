/**
 * How the core reads what is hard to read: lines, layouts and pages, planted contradictions, clean
 * recipes, and what must never read as clear. A third of each is set aside by a sum over its
 * letters: its share is reported, what is wrong in it is not, and nobody tunes on it.
 */
const sum = text => [...text].reduce((n, c) => (n * 31 + c.codePointAt(0)) % 1_000_003, 7)
const isSetAside = text => sum(text) % 3 === 0

/** Parts a corpus in the open two thirds and the third that is set aside. */
export const shares = (all, nameOf) => ({
  open: all.filter(row => !isSetAside(nameOf(row))),
  aside: all.filter(row => isSetAside(nameOf(row))),
})

const asking = finding => finding.severity === 'stop' || finding.severity === 'ask'
const near = (a, b, share = 0.011) =>
  a === null || b === null ? a === b : Math.abs(a - b) <= share * Math.max(1e-9, b) + 1e-4

function parseThing(text) {
  const [said, grams] = text.split('=').map(part => part.trim())
  const [id, amount, unit = ''] = said.split(/\s+/u)
  const range = amount === undefined || amount === '-' ? null : amount.split('..').map(Number)
  return {
    id: id === '?' ? null : id,
    whatever: id === '*',
    any: amount === undefined,
    low: range?.[0] ?? null,
    high: range ? range[range.length - 1] : null,
    unit,
    grams: grams ? Number(grams) : null,
  }
}
const parseReads = reads => ({
  things: reads
    .replace(/\s*ASK$/u, '')
    .split(' ; ')
    .map(thing => thing.split(' | ').map(parseThing)),
  asks: /ASK$/u.test(reads),
})

const amountOff = ({ amount }, thing) =>
  near(amount?.low ?? null, thing.low) && near(amount?.high ?? null, thing.high)
    ? null
    : `${amount ? `${amount.low}–${amount.high}` : 'no amount'}, not ${thing.low}–${thing.high}`
const gramsOff = ({ grams }, thing) =>
  thing.grams === null || near(grams?.best ?? null, thing.grams, 0.06)
    ? null
    : `${grams?.best ?? 'no'} g, not ${thing.grams}`
const unitOff = ({ unit }, thing) =>
  thing.low === null || (unit ?? '') === thing.unit ? null : `unit ${unit}, not ${thing.unit}`
const sameThing = (line, thing) =>
  thing.whatever || line.ingredient === thing.id
    ? (amountOff(line, thing) ?? unitOff(line, thing) ?? gramsOff(line, thing))
    : `read as ${line.ingredient}, not ${thing.id}`

function lineSays(hard, read) {
  const { things, asks } = parseReads(hard.reads)
  const says = []
  if (read.lines.length !== things.length)
    says.push(
      `${read.lines.length} things, not ${things.length}: ${read.lines.map(l => l.ingredient)}`,
    )
  else
    things.forEach((choices, i) => {
      const got = [read.lines[i], ...read.lines[i].orElse]
      if (got.length !== choices.length)
        says.push(`${got.length} choices, not ${choices.length}: ${got.map(l => l.ingredient)}`)
      else
        choices.forEach((choice, j) => {
          const wrong = sameThing(got[j], choice)
          if (wrong) says.push(wrong)
        })
    })
  const asked = read.findings.some(asking)
  if (asks && !asked) says.push('not asked')
  return { says, silent: says.length > 0 && !asked }
}

/** Lines read alone, as `readLines(text, region)` gives them: every thing a line, with findings. */
export function scoreHardLines(lines, readLines) {
  const wrong = []
  let silent = 0
  for (const hard of lines) {
    const found = lineSays(hard, readLines(hard.text, hard.region))
    if (found.says.length) wrong.push({ ...hard, ...found })
    if (found.silent) silent++
  }
  return { of: lines.length, right: lines.length - wrong.length, silent, wrong }
}

const linesOf = recipe => recipe.components.flatMap(c => c.lines)
const stepsOf = recipe => recipe.components.flatMap(c => c.steps)
const plain = text =>
  (text ?? '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()

const nearDegrees = (celsius, { celsius: wanted, fan }) =>
  celsius === null || wanted === null
    ? celsius === wanted
    : Math.abs(celsius - wanted - (fan ? 20 : 0)) <= 5
const sameTin = (text, wanted) =>
  wanted === null ? text === null : plain(text).includes(plain(wanted))

/** Facts, lines and steps of a recipe: how many of them are right, and what is not. */
function factsOff(recipe, wanted) {
  const { oven, pan } = recipe
  const minutes = oven?.minutes ? [oven.minutes.low, oven.minutes.high] : null
  const made = recipe.yield?.count?.low ?? null
  const [lines, steps] = [linesOf(recipe).length, stepsOf(recipe).length]
  const checks = [
    [lines === wanted.lines, `${lines} lines, not ${wanted.lines}`],
    [steps === wanted.steps, `${steps} steps, not ${wanted.steps}`],
    [nearDegrees(oven?.celsius ?? null, wanted), `${oven?.celsius} °C, not ${wanted.celsius}`],
    [String(minutes) === String(wanted.minutes), `${minutes} min, not ${wanted.minutes}`],
    [sameTin(pan?.text ?? null, wanted.pan), `tin “${pan?.text}”, not “${wanted.pan}”`],
    [made === wanted.makes, `makes ${made}, not ${wanted.makes}`],
  ]
  return { of: checks.length, off: checks.filter(([ok]) => !ok).map(([, says]) => says) }
}

/** Findings that say that something contradicts itself. */
export const contradicting = new Set(
  (
    'shares oven-scale oven-odd two-ovens two-tins two-times two-yields step-amount parts-short ' +
    'gross ratio claim soda-powder twice weight-against-volume bake-time yield not-used ' +
    'not-listed halved left-over'
  ).split(' '),
)

export function scoreClean(recipes, readRecipe) {
  const wrong = []
  let [facts, right, alarms] = [0, 0, 0]
  for (const clean of recipes) {
    const { recipe, findings } = readRecipe(clean.text)
    const { of, off } = factsOff(recipe, clean)
    const false_ = findings.filter(f => contradicting.has(f.code))
    facts += of
    right += of - off.length
    if (false_.length) alarms++
    if (off.length || false_.length)
      wrong.push({
        text: recipe.title,
        says: [...off, ...false_.map(f => `${f.code}: ${f.sentence}`)],
      })
  }
  return { of: recipes.length, facts, right, alarms, wrong }
}

export function scoreLayouts(layouts, { readRecipe, readPage, expected }) {
  const wrong = []
  for (const layout of layouts) {
    const { recipe } = (layout.page ? readPage : readRecipe)(layout.source)
    const { off } = factsOff(recipe, { ...expected, steps: layout.steps ?? expected.steps })
    const ids = linesOf(recipe).map(l => l.ingredient)
    if (plain(recipe.title) !== plain(expected.title)) off.push(`title “${recipe.title}”`)
    if (ids.join() !== expected.ingredients.join()) off.push(`lines ${ids}`)
    if (off.length) wrong.push({ text: layout.name, says: off })
  }
  return { of: layouts.length, right: layouts.length - wrong.length, wrong }
}

export function scorePlanted(recipes, readRecipe) {
  const wrong = []
  for (const planted of recipes) {
    const { findings } = readRecipe(planted.text)
    if (!findings.some(f => planted.codes.includes(f.code)))
      wrong.push({ text: planted.name, says: [`found ${findings.map(f => f.code)}`] })
  }
  return { of: recipes.length, right: recipes.length - wrong.length, wrong }
}

const around = ({ as, text }) =>
  as === 'line'
    ? `Small cake\n\n200 g rice flour\n${text}\n100 g sugar\n\nMethod\n` +
      'Mix everything with 100 ml water and bake at 180 °C for 20 minutes.'
    : `Small cake\n\n200 g rice flour\n100 g sugar\n2 tsp bicarbonate of soda\n150 ml water\n\n` +
      'Method\nHeat the oven to 180 °C. Mix the rice flour, sugar, bicarbonate of soda and water.\n' +
      `Bake for 20 minutes.\n${text}`

/** Counts pairs of words and allergen. `verdictOf(text, allergen)` reads, checks and says. */
export function scoreNeverClear(rows, verdictOf) {
  const wrong = []
  let of = 0
  for (const row of rows)
    for (const allergen of row.avoid) {
      of++
      if (verdictOf(around(row), allergen) === 'clear')
        wrong.push({ text: row.text, says: [`clear for ${allergen}`] })
    }
  return { of, right: of - wrong.length, wrong }
}

/** A line as a recipe's only one, read by the whole path. */
export const linesRead = readRecipe => (text, region) => {
  const { recipe, findings } = readRecipe(`Some cake\n\nIngredients\n${text}\n`, { region })
  return {
    lines: linesOf(recipe),
    findings: findings.filter(f => f.lineId || f.code === 'left-over' || f.code === 'no-lines'),
  }
}

/** Share of letters and digits that ended in a place, over texts. */
export function scoreAccounting(texts, { readRecipe, accounted }) {
  const sums = texts.map(text => {
    const reading = readRecipe(text)
    return accounted(reading.text, reading.places)
  })
  const of = sums.reduce((n, sum) => n + sum.of, 0)
  return {
    of,
    placed: sums.reduce((n, sum) => n + sum.placed, 0),
    understood: sums.reduce((n, sum) => n + sum.understood, 0),
  }
}
