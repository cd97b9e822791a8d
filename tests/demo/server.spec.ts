import { expect, test } from '@playwright/test'
import { each } from '../each'
import { atStart, fromShelf } from '../kitchen'

const pages = ['/', '/recipe/none', '/people', '/a/page/that/is/none']

test('every answer says what a browser may do with it, and nothing of the server', async ({
  request,
}) => {
  for (const address of each([...pages, '/api/health', '/api/none', '/icon.svg'])) {
    const headers = (await request.get(address)).headers()
    expect([address, headers['x-content-type-options'], headers['x-powered-by']]).toEqual([
      address,
      'nosniff',
      undefined,
    ])
    expect(headers).toMatchObject({
      'x-frame-options': 'DENY',
      'referrer-policy': 'no-referrer',
      'content-security-policy': expect.stringContaining("frame-ancestors 'none'"),
      'permissions-policy': expect.stringContaining('camera=(self), microphone=()'),
    })
  }
})

test('a page lets no script run but those of the app', async ({ page, request }) => {
  for (const address of each(pages)) {
    const html = await (await request.get(address)).text()
    const policy = /http-equiv="Content-Security-Policy" content="([^"]*)"/u.exec(html)?.[1] ?? ''
    const scripts = /script-src ([^;]*)/u.exec(policy)?.[1] ?? ''
    expect([address, scripts]).toEqual([
      address,
      expect.stringMatching(/^'self' 'wasm-unsafe-eval'( 'sha256-[\w+/=]+')+$/u),
    ])
  }
  const refused: string[] = []
  page.on('console', message => {
    if (message.text().includes('Content Security Policy')) refused.push(message.text())
  })
  await fromShelf(page, 'Marble ring')
  await atStart(page)
  expect(refused).toEqual([])
  await page.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'document.title = "taken over"'
    document.body.append(script)
  })
  await expect(page).not.toHaveTitle('taken over')
  await expect.poll(() => refused.length).toBe(1)
})

test('what is asked wrongly is told so, in a form that programs read', async ({ request }) => {
  for (const [method, address, status] of [
    ['GET', '/api/none', 404],
    ['POST', '/api/none', 404],
    ['GET', '/api/', 404],
    ['POST', '/api/health', 405],
    ['DELETE', '/api/house', 405],
    ['PUT', '/api/packets/4001234567890', 405],
    ['PATCH', '/api/stand-ins/scale', 405],
  ] as const) {
    const answer = await request.fetch(address, { method })
    expect([method, address, answer.status()]).toEqual([method, address, status])
    expect(answer.headers()['content-type']).toContain('application/json')
    const said: unknown = await answer.json()
    expect(said).toMatchObject({ statusCode: status })
  }
  const large = await request.post('/api/stand-ins/scale', { data: 'x'.repeat(200_000) })
  expect(large.status()).toBe(413)
})
