import { existsSync, readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { each } from '../tests/each'

const pathsIn = file => {
  const text = readFileSync(new URL(`../${file}`, import.meta.url), 'utf8')
  const named = text.matchAll(/`((?:app|core|demo|docs|scripts|server|tests)\/[^`\s]*)`/gu)
  return [...named].map(([, path]) => path).filter(path => !/[*<]/u.test(path))
}

test.each(['README.md', 'ARCHITECTURE.md', 'CONTRIBUTING.md', 'docs/sources.md'])(
  'every file and folder that %s names is there',
  file => {
    const exists = path =>
      ['', '.ts', '.vue'].some(ending =>
        existsSync(new URL(`../${path}${ending}`, import.meta.url)),
      )
    expect(each(pathsIn(file)).filter(path => !exists(path))).toEqual([])
  },
)

test('NOTICE.md names every package that ships, with its version', () => {
  const read = path => readFileSync(new URL(`../${path}`, import.meta.url), 'utf8')
  const notice = read('NOTICE.md')
  const shipped = Object.entries(JSON.parse(read('package.json')).dependencies)
  const missing = each(shipped).filter(
    ([name, version]) => !notice.includes(name) || !notice.includes(version),
  )
  expect(missing).toEqual([])
})
