import { mkdirSync, mkdtempSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@jest/globals'
import { isInstalled, isStale, nodeTooOld, noRoom, portBusy, portOf } from './preflight.mjs'

test('a Node that is too old gets one sentence', () => {
  expect(nodeTooOld('18.19.0')).toMatch(/needs Node 20\.12 or newer; this is 18\.19\.0/u)
  expect(nodeTooOld('20.11.1')).not.toBeNull()
  for (const fine of ['20.12.0', '20.20.2', '22.0.0', '24.1.0']) expect(nodeTooOld(fine)).toBeNull()
})

test('a full disk gets one sentence; a system that does not tell is believed', () => {
  expect(noRoom('/', () => 5e6)).toMatch(/has 5 MB left/u)
  expect(noRoom('/', () => 9e9)).toBeNull()
  expect(
    noRoom('/', () => {
      throw new Error('not here')
    }),
  ).toBeNull()
})

test('a busy port gets one sentence, a free one none', async () => {
  const other = createServer()
  const port = await new Promise(resolve =>
    other.listen(0, '127.0.0.1', () => resolve(other.address().port)),
  )
  expect(await portBusy(port)).toMatch(new RegExp(`Port ${port} is in use`, 'u'))
  await new Promise(resolve => other.close(resolve))
  expect(await portBusy(port)).toBeNull()
})

test('PORT is a port or a sentence', () => {
  expect(portOf(undefined, 4321)).toEqual({ port: 4321 })
  expect(portOf('8080', 4321)).toEqual({ port: 8080 })
  for (const bad of ['x', '0', '70000', '1.5'])
    expect(portOf(bad, 1).problem).toMatch(/is no port/u)
})

test('a build is stale when a source is newer, and an install when the lock is', () => {
  const root = mkdtempSync(join(tmpdir(), 'ingwer-'))
  const at = (path, seconds) => {
    writeFileSync(join(root, path), '')
    utimesSync(join(root, path), seconds, seconds)
  }
  mkdirSync(join(root, 'core', 'deep'), { recursive: true })
  mkdirSync(join(root, '.output'))
  mkdirSync(join(root, 'node_modules'))
  at('core/deep/a.ts', 1000)
  at('package-lock.json', 1000)
  expect([isStale(root), isInstalled(root)]).toEqual([true, false])
  at('.output/nitro.json', 2000)
  at('node_modules/.package-lock.json', 2000)
  expect([isStale(root), isInstalled(root)]).toEqual([false, true])
  at('core/deep/a.ts', 3000)
  at('package-lock.json', 4000)
  expect([isStale(root), isInstalled(root)]).toEqual([true, false])
  rmSync(root, { recursive: true })
})
