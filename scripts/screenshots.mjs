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
const server = spawn(process.execPath, ['.output/server/index.mjs'], {
  stdio: 'ignore',
  env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), INGWER_DEMO: '1' },
})
process.once('exit', () => server.kill())
for (
  let i = 0;
  i < 100 &&
  !(await fetch(`${base}/api/health`).then(
    r => r.ok,
    () => false,
  ));
  i++
)
  await new Promise(resolve => setTimeout(resolve, 100))

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu'],
})

/** Opens the house in a new browser, goes the way of `steps`, and keeps the picture. */
async function picture(name, { phone = false, dark = false } = {}, steps) {
  const context = await browser.newContext({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: dark ? 'dark' : 'light',
    reducedMotion: 'reduce',
    hasTouch: phone,
    locale: 'en-GB',
  })
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

const open = title => page =>
  page
    .getByRole('link', { name: new RegExp(title) })
    .click()
    .then(() => page.getByRole('heading', { name: 'What goes in' }).waitFor())
const plans = title => async page => {
  await open(title)(page)
  await page.getByRole('link', { name: 'Work out a version' }).click()
  await page.getByRole('heading', { name: /The balance|Better not/ }).waitFor()
}
const without =
  (...names) =>
  async page => {
    for (const name of names) await page.getByRole('button', { name: `${name} eats` }).click()
  }
const card = title => async page => {
  await plans(title)(page)
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await page.getByRole('button', { name: 'This is your plan' }).waitFor()
  await page.getByRole('navigation').getByRole('link', { name: 'share' }).click()
  await page.getByRole('button', { name: 'Card as Markdown' }).waitFor()
  await page.reload()
  await page.locator('.said').first().waitFor()
}

await picture('start', {}, async () => {})
await picture('people', {}, async page => {
  await page.getByRole('link', { name: 'people' }).click()
  await page.getByRole('button', { name: 'Change Bram' }).click()
  await page.getByLabel('Name', { exact: true }).waitFor()
})
await picture('recipe', {}, async page => {
  await open('Dark sticky')(page)
  await page
    .getByRole('button', { name: /Why not: Bram/ })
    .first()
    .click()
})
const slips = `Dairy-free plum crumble bars
Makes 16 bars

For the base
2 cups (300 g) rolled oats
200 g plain flour
3 1/4 cup brown sugar
115 g butter, melted
1 tsp baking soda

For the fruit
600 g plums, halved
2 tbsp sugar

Method
Heat the oven to 180 °C and line a 20 cm square tin.
Mix the oats, flour, brown sugar and baking powder. Stir in 150 g butter and taste the raw dough.
Press into the tin. Toss the plums with the sugar, spread over and bake for 40 minutes.`
const paste = text => async page => {
  await page.locator('#paste').fill(text)
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.getByRole('heading', { name: 'What goes in' }).waitFor()
}
await picture('recipe-findings', {}, async page => {
  await paste(slips)(page)
  await page.getByText(/do not agree/).waitFor()
  await page
    .getByText(/do not agree/)
    .focus()
    .catch(() => undefined)
  await page.evaluate(() => window.scrollTo(0, 330))
})
await picture('pantry', {}, async page => {
  await page.getByRole('link', { name: 'Pantry' }).click()
  await page.getByRole('button', { name: 'Open almond cream' }).click()
  await page.getByRole('form', { name: 'Ingredient almond cream' }).waitFor()
  await page.evaluate(() => window.scrollTo(0, 0))
})
await picture('swap', {}, async page => {
  await open('Dark sticky')(page)
  await without('Philippa')(page)
  await page.getByRole('link', { name: 'Work out a version' }).click()
  await page.getByRole('heading', { name: 'The balance' }).waitFor()
})
const pan = title => async page => {
  await open(title)(page)
  await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /pan/ })
    .click()
  await page.locator('.page[aria-busy="false"]').waitFor()
}
await picture('pan', {}, async page => {
  await pan('Marble ring')(page)
  await page.getByRole('button', { name: 'square, slab, loaf' }).click()
  await page
    .getByRole('group', { name: 'Usual tins' })
    .getByRole('button', { name: /900 g loaf/ })
    .click()
  await page.getByRole('button', { name: 'half', exact: true }).click()
  await page.locator('.page[aria-busy="false"]').waitFor()
  await page.waitForTimeout(600)
})
await picture('day', {}, async page => {
  await open('Marble ring')(page)
  await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /day/ })
    .click()
  await page.getByRole('heading', { name: 'Hour by hour' }).waitFor()
  const later = new Date()
  later.setDate(later.getDate() + 21 + (6 - later.getDay()))
  const two = n => String(n).padStart(2, '0')
  await page
    .getByLabel('On the table at')
    .fill(`${later.getFullYear()}-${two(later.getMonth() + 1)}-${two(later.getDate())}T17:00`)
  await page.getByLabel('On the table at').press('Tab')
  await page.getByText('with other bakes').click()
  await page.getByLabel('Plum streusel traybake').check()
  await page.waitForTimeout(1500)
  await page.getByText('and 1 more on the same day').click()
  await page.waitForTimeout(500)
})
await picture('refusal', {}, plans('Cream puffs'))
await picture('share', {}, card('Cardamom'))
const packets = async page => {
  await page.goto(`${base}/packet`)
  await page.getByRole('button', { name: 'Open the packet Lighthouse Baking Block' }).waitFor()
}
await picture('packet', {}, async page => {
  await packets(page)
  await page.getByRole('button', { name: 'Open the packet Fogbell Plain Flour' }).click()
  await page.getByText('How it reads').scrollIntoViewIfNeeded()
})
await picture('packet-bake', {}, async page => {
  await open('Plum streusel')(page)
  await page
    .getByRole('navigation')
    .getByRole('link', { name: /packet/ })
    .click()
  await page.getByRole('heading', { name: 'Out of which packets' }).waitFor()
})
await picture('pan-phone', { phone: true }, async page => {
  await pan('Rye and hazelnut')(page)
  await page
    .getByRole('region', { name: 'In the tin' })
    .evaluate(el => el.scrollIntoView({ block: 'start' }))
})
/** At the counter, begun at ten in the morning: `cards` ticked, half a minute each. */
const counter = (title, cards) => async page => {
  await page.clock.install({ time: new Date('2026-11-28T10:00:00') })
  await open(title)(page)
  await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /make/ })
    .click()
  await page.locator('.page[aria-busy="false"]').waitFor()
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  for (let i = 0; i < cards; i++) {
    await page.locator('#now .acts .done').click()
    await page.clock.fastForward(30_000)
    await page.waitForTimeout(250)
  }
}
await picture('make', {}, async page => {
  await counter('Dark sticky', 18)(page)
  for (const minutes of [14, 13]) {
    await page.clock.fastForward(minutes * 60_000)
    await page.waitForTimeout(300)
  }
  await page.locator('.call').waitFor()
})
await picture('make-phone', { phone: true }, async page => {
  await counter('Dark sticky', 8)(page)
  await page.getByRole('button', { name: 'Another timer' }).click()
  await page.getByLabel('For').fill('stem ginger drains')
  await page.getByLabel('Minutes').fill('12')
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  await page.getByRole('button', { name: 'Use a scale' }).click()
  await page.clock.resume()
  const pour = page.getByRole('button', { name: 'Hold to pour' })
  await page.getByText(/0 of 246/).waitFor()
  await pour.hover()
  await page.mouse.down()
  await page.waitForTimeout(3200)
  await page.mouse.up()
  await page.waitForTimeout(1200)
  await page.evaluate(() => window.scrollTo(0, 0))
})

// Trials of the loaf: three arms, noted and tasted blind.
const trials = async page => {
  await open('Dark sticky')(page)
  await without('Philippa')(page)
  await page.getByRole('link', { name: 'Work out a version' }).click()
  await page.getByRole('heading', { name: 'The balance' }).waitFor()
  // All plans are there, not only the best so far.
  await page
    .getByRole('radio', { name: /^(?:Another way|Fewest extras)/ })
    .first()
    .waitFor()
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await page.getByRole('button', { name: 'This is your plan' }).waitFor()
  await page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: /trial/ })
    .click()
  await page.getByRole('heading', { name: 'A small trial' }).waitFor()
  await page.locator('progress').waitFor({ state: 'detached', timeout: 60_000 })
}
const noted = async page => {
  await trials(page)
  for (const name of [/^chia gel/, /^chickpea flour batter/])
    await page.getByRole('checkbox', { name }).first().check({ timeout: 120_000 })
  await page.getByLabel('What do you want to know?').fill('What stands best for the egg?')
  await page.getByRole('button', { name: 'Begin the trial' }).click()
  await page.getByRole('heading', { name: 'What stands best for the egg?' }).waitFor()
  const scores = { A: [6, 5, 4, 5], B: [5, 7, 7, 7], C: [7, 6, 2, 3] }
  for (const [letter, [tender, moist, gummy, dense]] of Object.entries(scores)) {
    await page.getByRole('button', { name: `Note down ${letter}` }).click()
    await page.getByLabel('before the oven').fill('64')
    await page.getByLabel('after it').fill(String(58 - tender / 2))
    await page.getByLabel('height').fill(String(3 + tender / 5))
    await page.getByLabel('across').focus()
    for (const [word, value] of Object.entries({ tender, moist, gummy, dense }))
      await page.getByRole('slider', { name: new RegExp(`^${word}`) }).fill(String(value))
    await page.getByRole('button', { name: `Note down ${letter}` }).click()
  }
  await page.waitForTimeout(5500)
}
const tasted = async page => {
  await noted(page)
  await page.getByRole('button', { name: 'Blind tasting' }).click()
  await page.getByRole('button', { name: 'all in order' }).click()
  for (const name of ['Ottilie', 'Bram', 'Ikenna', 'Wren'])
    await page.getByRole('checkbox', { name: new RegExp(`^${name}`) }).check()
  await page.getByRole('button', { name: 'Lay it out' }).click()
  await page.getByText('For whoever pours').click()
  const rows = await page.locator('.key tr').evaluateAll(all =>
    all.map(row => ({
      taster: row.querySelector('th').textContent,
      cups: [...row.querySelectorAll('td')].map(td => td.textContent.trim()),
    })),
  )
  await page.getByText('For whoever pours').click()
  for (const { taster, cups } of rows) {
    await page
      .getByRole('group', { name: 'Who is tasting' })
      .getByRole('button', { name: new RegExp(`^${taster}`) })
      .click()
    for (const letter of 'CAB')
      await page
        .getByRole('region', { name: `${taster} tastes` })
        .getByRole('button', {
          name: new RegExp(`^${cups.find(c => c.endsWith(letter)).slice(0, 3)}`),
        })
        .click()
  }
  await page.getByRole('button', { name: 'Open the codes' }).click()
  await page.getByText('comes first').waitFor()
}
await picture('trial', {}, async page => {
  await tasted(page)
  await page.evaluate(() => window.scrollTo(0, 236))
})
await picture('trial-phone', { phone: true }, async page => {
  await noted(page)
  await page.getByRole('button', { name: 'Note down C' }).click()
  await page.getByRole('region', { name: 'Note down' }).evaluate(el => el.scrollIntoView())
})
await picture('versions', {}, async page => {
  await tasted(page)
  await page.getByRole('button', { name: 'C wins' }).click()
  await page.getByRole('button', { name: 'Crown C now' }).click()
  await page.getByRole('button', { name: 'versions' }).click()
  await page.locator('.knot').nth(1).click()
  await page.locator('.knot').nth(3).click()
  await page.getByText('What came of them').waitFor()
})
await picture('went-wrong', {}, async page => {
  await trials(page)
  await page.waitForTimeout(4000)
  await page.getByRole('button', { name: 'what went wrong' }).click()
  await page
    .getByLabel('In your own words')
    .fill('it sank, is gluey in the middle and tastes of soap')
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.locator('.cause').first().waitFor()
  await page.waitForTimeout(1500)
  await page.evaluate(() => window.scrollTo(0, 0))
})

await browser.close()
server.kill()
process.exit(0)
