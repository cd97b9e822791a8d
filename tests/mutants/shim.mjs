// What the tests ask of Jest, in a hundred lines less: they are collected once, and run again for
// every mutant in one process.
import { expect } from 'expect'

const all = []
let names = []
const add = (name, work) => all.push({ name: [...names, name].join(' › '), work })
const each = register => table => (name, work) =>
  table.forEach((row, i) =>
    register(`${name} #${i}`, () => work(...(Array.isArray(row) ? row : [row]))),
  )
const within = (name, work) => {
  names = [...names, name]
  work()
  names = names.slice(0, -1)
}

export const test = Object.assign(add, { each: each(add) })
export const describe = Object.assign(within, { each: each(within) })
export { expect }
export const collected = () => all
