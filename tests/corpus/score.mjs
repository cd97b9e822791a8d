const isNear = (a, b) =>
  a === null || a === undefined
    ? b === null
    : b !== null && Math.abs(a - b) <= 0.011 * Math.max(1e-9, b) + 1e-4

function amountOff({ amount }, line) {
  const [low, high] = Array.isArray(line.amount) ? line.amount : [line.amount, line.amount]
  if (isNear(amount?.low ?? null, low) && isNear(amount?.high ?? null, high)) return []
  return [`amount ${amount ? `${amount.low}–${amount.high}` : 'none'}, not ${low}–${high}`]
}
const unitOff = ({ unit }, line) =>
  (unit ?? '') === line.unit ? [] : [`unit ${unit ?? 'none'}, not ${line.unit || 'none'}`]
const thingOff = ({ ingredient }, line) =>
  ingredient === line.ingredient ? [] : [`read as ${ingredient}, not ${line.ingredient}`]
function gramsOff({ grams: read }, line) {
  const grams = read?.best ?? null
  const isThere = (grams === null) === (line.grams === null)
  if (isThere && (grams === null || Math.abs(grams / line.grams - 1) <= (line.within ?? 0.03)))
    return []
  return [`${grams === null ? 'no' : grams.toFixed(1)} g, not ${line.grams}`]
}

/**
 * How the core reads the corpus: the lines of which quantity, unit, ingredient or grams are not as
 * a careful baker reads them, and the findings that are missing or too many. Used by the unit tests
 * and by the bench, which print it.
 */
export function scoreLines(lines, readLine) {
  const wrong = lines.flatMap(line => {
    const read = readLine(line.text, { region: line.region })
    const says = read.ok
      ? [amountOff, unitOff, thingOff, gramsOff].flatMap(off => off(read.line, line))
      : ['not read']
    return says.length ? [{ text: line.text, says }] : []
  })
  return { of: lines.length, right: lines.length - wrong.length, wrong }
}

export function scoreRecipes(recipes, readRecipe) {
  let hits = 0
  let raised = 0
  let expected = 0
  const wrong = []
  for (const recipe of recipes) {
    const read = readRecipe(recipe.text)
    const count = read.recipe.components.reduce((n, c) => n + c.lines.length, 0)
    const steps = read.recipe.components.reduce((n, c) => n + c.steps.length, 0)
    const says = []
    if (read.recipe.title !== recipe.title) says.push(`title “${read.recipe.title}”`)
    if (read.recipe.region !== recipe.region)
      says.push(`region ${read.recipe.region}, not ${recipe.region}`)
    if (count !== recipe.lines) says.push(`${count} lines, not ${recipe.lines}`)
    if (steps !== recipe.steps) says.push(`${steps} steps, not ${recipe.steps}`)
    const open = [...recipe.findings]
    raised += read.findings.length
    expected += recipe.findings.length
    for (const finding of read.findings) {
      const at = open.indexOf(finding.code)
      if (at < 0) {
        says.push(`false alarm ${finding.code}: ${finding.sentence}`)
        continue
      }
      open.splice(at, 1)
      hits++
    }
    for (const code of open) says.push(`missed ${code}`)
    if (says.length) wrong.push({ title: recipe.title, says })
  }
  return {
    of: recipes.length,
    precision: raised ? hits / raised : 1,
    recall: expected ? hits / expected : 1,
    expected,
    raised,
    wrong,
  }
}
