/**
 * The limits on how long, deep and tangled code may be, held as a ratchet: what was beyond them
 * when they were set stands in a list with its figures; a figure may shrink or go, and never grow;
 * nothing new may join.
 *
 * The list, and what is found now, are `{ file: { rule: { who: [figures, largest first] } } }`,
 * where `who` is a function by its name, all unnamed ones of a file together, or the file itself.
 */
export const limitRules = [
  'complexity',
  'max-params',
  'max-depth',
  'max-lines-per-function',
  'max-lines',
  'no-nested-ternary',
]

const isOfLimits = message => limitRules.includes(message.ruleId)

/** “Function 'x' has a complexity of 31. Maximum allowed is 15.” → who it is, and the 31. */
function readMessage({ ruleId, message }) {
  if (ruleId === 'no-nested-ternary') return { who: 'nested ternaries', figure: 1 }
  const who = message.split(/ has | are /u)[0]
  const figure = Number(/(?:of |\()(\d+)/u.exec(message)?.[1])
  return { who, figure }
}

/** What ESLint's results hold beyond the limits. `nameOf` gives the file's name as it stands in the list. */
export function figuresOf(results, nameOf) {
  const found = {}
  for (const { filePath, messages } of results)
    for (const message of messages.filter(isOfLimits)) {
      const { who, figure } = readMessage(message)
      const rules = (found[nameOf(filePath)] ??= {})
      const figures = ((rules[message.ruleId] ??= {})[who] ??= [])
      // Ternaries within ternaries are counted; everything else is measured.
      if (message.ruleId === 'no-nested-ternary') figures[0] = (figures[0] ?? 0) + figure
      else figures.push(figure)
    }
  for (const rules of Object.values(found))
    for (const people of Object.values(rules))
      for (const figures of Object.values(people)) figures.sort((a, b) => b - a)
  return found
}

/** ESLint's results without what is measured against the list. */
export const withoutLimits = results =>
  results.map(result => {
    const messages = result.messages.filter(message => !isOfLimits(message))
    const count = severity => messages.filter(message => message.severity === severity).length
    return { ...result, messages, errorCount: count(2), warningCount: count(1) }
  })

const entriesOf = list =>
  Object.entries(list).flatMap(([file, rules]) =>
    Object.entries(rules).flatMap(([rule, all]) =>
      Object.entries(all).map(([who, figures]) => ({ file, rule, who, figures })),
    ),
  )

/** A sentence for every figure of `now` that is not in the list, or larger than there. */
export const grown = (list, now) =>
  entriesOf(now).flatMap(({ file, rule, who, figures }) => {
    const known = list[file]?.[rule]?.[who] ?? []
    return figures.flatMap((figure, i) => {
      if (known[i] !== undefined && figure <= known[i]) return []
      const was = known[i] === undefined ? 'is new beyond the limit' : `was ${known[i]}`
      return [`${file}: ${who}, ${rule} ${figure}; it ${was}`]
    })
  })

/** How many figures of the list are larger than now, or gone. */
export const shrunk = (list, now) =>
  entriesOf(list).reduce((sum, { file, rule, who, figures }) => {
    const left = now[file]?.[rule]?.[who] ?? []
    return sum + figures.filter((figure, i) => left[i] === undefined || left[i] < figure).length
  }, 0)

/** The list as a file: sorted, a rule a line, so that two of them can be read beside each other. */
export function listText(list) {
  const sorted = object => Object.entries(object).sort(([a], [b]) => (a < b ? -1 : 1))
  const files = sorted(list).map(([file, rules]) => {
    const lines = sorted(rules).map(
      ([rule, all]) =>
        `    ${JSON.stringify(rule)}: ${JSON.stringify(Object.fromEntries(sorted(all)))}`,
    )
    return `  ${JSON.stringify(file)}: {\n${lines.join(',\n')}\n  }`
  })
  return `{\n${files.join(',\n')}\n}\n`
}
