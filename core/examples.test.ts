import { readFileSync, readdirSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import * as core from '#core'
import { each } from '../tests/each'

/**
 * The examples in the comments of the acceptance face, run as they stand there: statements, then
 * one expression with what it gives behind it, as JSON.
 */
interface Example {
  readonly name: string
  readonly code: string
  readonly gives: unknown
}

const here = new URL('.', import.meta.url)
const files = readdirSync(here, { recursive: true, encoding: 'utf8' }).filter(
  file => file.endsWith('.ts') && !file.endsWith('.test.ts'),
)
const documented =
  /\/\*\*(?:(?!\*\/)[\s\S])*?\* @example\n((?: \* .*\n)+) \*\/\nexport (?:const|function\*?) (\w+)/gu

const exampleOf = ([, comment, name]: RegExpMatchArray): Example => {
  const lines = comment!
    .split('\n')
    .map(line => line.replace(/^ \* ?/u, ''))
    .filter(Boolean)
  const [, last, gives] = /^(.*) \/\/ (.*)$/u.exec(lines.at(-1)!)!
  const code = [...lines.slice(0, -1), `return ${last}`].join('\n')
  return { name: name!, code, gives: JSON.parse(gives!) as unknown }
}
const examples = files.flatMap(file =>
  [...readFileSync(new URL(file, here), 'utf8').matchAll(documented)].map(exampleOf),
)
const AsyncFunction = (async () => {}).constructor as FunctionConstructor
const run = ({ code }: Example): Promise<unknown> =>
  (new AsyncFunction(...Object.keys(core), code) as (...all: unknown[]) => Promise<unknown>)(
    ...Object.values(core),
  )

describe('examples in the comments', () => {
  const functions = Object.entries(core).filter(([, value]) => typeof value === 'function')
  test.each(functions.map(([name]) => name))('%s has one', name =>
    expect(examples.map(example => example.name)).toContain(name),
  )
  test.each(examples.map(example => [example.name, example] as const))('%s', async (_, example) =>
    expect(await run(example)).toEqual(example.gives),
  )
  test('there are examples', () => expect(each(examples).length).toBeGreaterThan(20))
})
