import { existsSync, readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { each } from '../tests/each'

const pathsIn = file => {
  const text = readFileSync(new URL(`../${file}`, import.meta.url), 'utf8')
  const named = text.matchAll(/`((?:app|core|demo|docs|scripts|server|tests)\/[^`\s]*)`/gu)
  return [...named].map(([, path]) => path).filter(path => !path.includes('*'))
}

test.each(['README.md', 'ARCHITECTURE.md', 'docs/sources.md'])(
  'every file and folder that %s names is there',
  file => {
    const exists = path =>
      ['', '.ts', '.vue'].some(ending =>
        existsSync(new URL(`../${path}${ending}`, import.meta.url)),
      )
    expect(each(pathsIn(file)).filter(path => !exists(path))).toEqual([])
  },
)
