// Takes one picture of each main view from the demo data into docs/screenshots/.  npm run screenshots
import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { chromium } from '@playwright/test'
import { isStale } from './preflight.mjs'
import { npx, run } from './run.mjs'

const root = fileURLToPath(new URL('..', import.meta.url))
process.chdir(root)
if (isStale(root)) run('Building', npx, ['nuxt', 'build', '--logLevel=silent'])

const port = 4391
const base = `http://127.0.0.1:${port}`
const server = spawn(process.execPath, ['.output/server/index.mjs'], { stdio: 'ignore', env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), INGWER_DEMO: '1' } })
process.once('exit', () => server.kill())
for (let i = 0; i < 100 && !(await fetch(`${base}/api/health`).then(r => r.ok, () => false)); i++) await new Promise(resolve => setTimeout(resolve, 100))

const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] })

/** Opens the house in a new browser, goes the way of `steps`, and keeps the picture. */
async function picture(name, { phone = false, dark = false } = {}, steps) {
  const context = await browser.newContext({ viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 }, colorScheme: dark ? 'dark' : 'light', reducedMotion: 'reduce', hasTouch: phone, locale: 'en-GB' })
  const page = await context.newPage()
  await page.goto(base)
  await page.getByRole('link', { name: /Dark sticky/ }).waitFor()
  await steps(page)
  await page.mouse.move(0, 0)
  await page.waitForTimeout(400)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await context.close()
  console.log(`docs/screenshots/${name}.png`)
}

const open = title => page => page.getByRole('link', { name: new RegExp(title) }).click().then(() => page.getByRole('heading', { name: 'What goes in' }).waitFor())
const plans = title => async (page) => { await open(title)(page); await page.getByRole('link', { name: 'Work out a version' }).click(); await page.getByRole('heading', { name: /The balance|Better not/ }).waitFor() }
const without = (...names) => async (page) => { for (const name of names) await page.getByRole('button', { name: `${name} eats` }).click() }
const card = title => async (page) => { await plans(title)(page); await page.getByRole('button', { name: 'Take this plan' }).click(); await page.getByRole('button', { name: 'This is your plan' }).waitFor(); await page.getByRole('navigation').getByRole('link', { name: 'share' }).click(); await page.getByRole('button', { name: 'Card as Markdown' }).waitFor(); await page.reload(); await page.getByText(/packets checked/).waitFor() }

await picture('start', {}, async () => {})
await picture('people', {}, async (page) => { await page.getByRole('link', { name: 'people' }).click(); await page.getByRole('button', { name: 'Change Bram' }).click(); await page.getByLabel('Name').waitFor() })
await picture('recipe', {}, async (page) => { await open('Dark sticky')(page); await page.getByRole('button', { name: /Why not: Bram/ }).first().click() })
await picture('recipe-findings', {}, async (page) => {
  await page.getByLabel('The recipe, as plain text').fill('Lantern plum crumble\n\n600 g plums, halved\n2 cups (300 g) rolled oats\n100 g margarine\n80 g demerara sugar\n40 g fizzwhip\n1 egg\n\nRub together and scatter over the fruit. Bake at 220 for 35 minutes and serve with cream.')
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.getByRole('heading', { name: 'Found while reading' }).waitFor()
})
await picture('swap', {}, async (page) => { await open('Dark sticky')(page); await without('Philippa')(page); await page.getByRole('link', { name: 'Work out a version' }).click(); await page.getByRole('heading', { name: 'The balance' }).waitFor() })
await picture('swap-dark', { dark: true }, plans('Plum streusel'))
await picture('refusal', {}, plans('Cream puffs'))
await picture('share', {}, card('Cardamom'))
await picture('house', {}, async (page) => { await page.getByRole('link', { name: 'House file' }).click(); await page.getByRole('heading', { name: 'House file' }).waitFor() })
await picture('recipe-phone', { phone: true }, async (page) => { await open('Plum streusel')(page); await page.evaluate(() => window.scrollTo(0, 470)) })
await picture('swap-phone', { phone: true }, plans('Dark sticky'))
await picture('share-phone', { phone: true }, card('Rye and hazelnut'))

await browser.close()
server.kill()
process.exit(0)
