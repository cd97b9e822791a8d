/**
 * The places at which two values read from JSON differ, deepest place first reached: `{ path, was,
 * is }`, where what is on one side only is written as nothing ("–"). Numbers are the same up to one
 * part in a thousand million.
 */
export function differences(was, is, path = '') {
  if (isSame(was, is)) return []
  if (!isBranch(was) || !isBranch(is) || Array.isArray(was) !== Array.isArray(is)) {
    return [{ path, was: shown(was), is: shown(is) }]
  }
  const keys = [...new Set([...Object.keys(was), ...Object.keys(is)])]
  return keys.flatMap(key =>
    differences(was[key], is[key], Array.isArray(is) ? `${path}[${key}]` : `${path}.${key}`),
  )
}

const isBranch = value => typeof value === 'object' && value !== null

const isSame = (a, b) =>
  a === b ||
  (typeof a === 'number' &&
    typeof b === 'number' &&
    Math.abs(a - b) <= 1e-9 * Math.max(Math.abs(a), Math.abs(b)))

const mostLetters = 240
const shown = value => {
  const text = value === undefined ? '–' : JSON.stringify(value)
  return text.length > mostLetters ? `${text.slice(0, mostLetters)}…` : text
}
