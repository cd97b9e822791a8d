import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import {
  atStart,
  counterIsStill,
  expectNoSideways,
  file,
  fromShelf,
  paste,
  recipeText,
  toPlans,
  photoOf,
  goTo,
  isKept,
  reload,
} from '../kitchen'

const stage = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Stages of the work' })
    .getByRole('link', { name: new RegExp(name) })
const settled = (page: Page) =>
  expect(page.locator('.page[aria-busy]')).toHaveAttribute('aria-busy', 'false')
async function atMake(page: Page, title: string) {
  await fromShelf(page, title)
  await stage(page, 'make').click()
  await expect(page.getByRole('heading', { name: 'At the counter' })).toBeVisible()
  await settled(page)
}
async function begin(page: Page) {
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await expect(page.locator('#now')).toBeVisible()
}
const card = (page: Page) => page.getByRole('article')
const press = (page: Page) => card(page).locator('.acts .done')
const timer = (page: Page, name: RegExp) =>
  page.getByRole('region', { name: 'Timers' }).getByRole('listitem').filter({ hasText: name })
/** What was said at the counter, and is seen there, is in the database too. */
const kept = async (page: Page) => {
  await expect(page.locator('.top[aria-busy="true"]')).toHaveCount(0)
  await isKept(page)
}
/** What stands at the counter now; nothing when all is on the table. */
const standing = (page: Page) =>
  page.evaluate(() => document.querySelector<HTMLElement>('#now')?.innerText ?? '')
/** Ticks cards until one says something, or what waits is left. */
async function tickTo(page: Page, words: RegExp) {
  for (let n = 0; n < 60; n++) {
    await expect.poll(() => standing(page)).not.toBe('')
    await counterIsStill(page)
    const now = await standing(page)
    if (words.test(now)) return
    // Idle or not: the plan may say so only now.
    await page.getByRole('button', { name: 'Go on with it now' }).or(press(page)).click()
    await expect.poll(() => standing(page)).not.toBe(now)
  }
  throw new Error(`${words} did not come`)
}
/** Sets the page's clock to a Saturday, some hours before five. */
const clockAt = async (page: Page, at: string) => {
  await page.clock.install({ time: new Date(at) })
  await page.clock.resume()
}
/**
 * Puts the page's clock forward once what was said before has its moment; the counter has looked at
 * it by its next beat.
 */
const forward = async (page: Page, minutes: number) => {
  await counterIsStill(page)
  await page.clock.fastForward(minutes * 60_000)
  await page.clock.runFor(1000)
}

/** Laptop, tablet, phone; the last is that on which one goes on. */
const sizes = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
]
const onEverySize = async (page: Page, look: () => Promise<void>) => {
  for (const size of sizes) {
    await page.setViewportSize(size)
    await expectNoSideways(page)
    await look()
  }
}

test(
  'the walk at five, on laptop, tablet and phone: from the plan to the last tick',
  { tag: '@long' },
  async ({ page }) => {
    await page.setViewportSize(sizes[2]!)
    const idle = page.getByRole('heading', { name: /^Nothing to do/ })
    await clockAt(page, '2026-11-28T13:00:00')
    await fromShelf(page, 'Dark sticky ginger loaf')
    await toPlans(page)
    await settled(page)
    await page.getByRole('button', { name: 'Take this plan' }).click()
    await expect(page.getByRole('button', { name: 'This is your plan' })).toBeDisabled()
    await stage(page, 'day').click()
    await expect(page.getByRole('heading', { name: 'Hour by hour' })).toBeVisible()
    await page.getByLabel('On the table at').fill('2026-11-28T17:00')
    await page.getByLabel('On the table at').press('Tab')
    await settled(page)
    await expect(page.getByText(/^Begin at 1[34]:\d\d, on the table at 17:00/)).toBeVisible()
    await stage(page, 'make').click()
    await settled(page)
    await expect(page.getByText(/On the table at 17:00: it begins at/)).toBeVisible()
    // From here on the clock goes only when it is put forward: no card is taken away while it is read.
    await page.clock.pauseAt(new Date('2026-11-28T13:02:00'))
    await begin(page)
    // It is early: the day begins later.
    await expect(
      page.getByRole('heading', { name: /^Nothing to do until 1[34]:\d\d/ }),
    ).toBeVisible()
    await onEverySize(page, () => expect(idle).toBeVisible())
    const starts = /until (\d+):(\d+)/u.exec(
      await page.getByRole('heading', { name: /^Nothing to do/ }).innerText(),
    )!
    await forward(page, Number(starts[1]) * 60 + Number(starts[2]) - 13 * 60)
    await expect(card(page)).toBeVisible()

    // One card after the other, each in about its time; waits by the clock; marks as they call.
    const targets: number[] = []
    let ticks = 0
    const over = page.getByRole('heading', { name: 'On the table', exact: true })
    const call = page.locator('.call').first()
    for (let n = 0; n < 120; n++) {
      await counterIsStill(page)
      if (await over.count()) break
      if (await call.count()) {
        await call.getByRole('button', { name: /Seen to|It is done/ }).click()
        continue
      }
      if (await idle.count()) {
        const left = (await page.locator('.idle .wait').innerText()).split(':').map(Number)
        await forward(
          page,
          Math.min(9, (left.length === 3 ? left[0]! * 60 + left[1]! : left[0]!) + 0.6),
        )
        continue
      }
      await onEverySize(page, async () => {
        targets.push((await press(page).boundingBox())!.height)
      })
      const minutes = Number(/about (\d+) min/u.exec(await page.locator('#now').innerText())?.[1])
      await forward(page, Math.min(minutes || 0.6, 20))
      await counterIsStill(page)
      // Where something calls or the plan has it wait meanwhile, it is looked at again.
      if ((await call.count()) || !(await press(page).count())) continue
      await press(page).click()
      ticks++
    }
    await expect(page.getByRole('heading', { name: 'On the table', exact: true })).toBeVisible()
    expect(ticks).toBeGreaterThan(14)
    expect(Math.min(...targets)).toBeGreaterThanOrEqual(64)
    const record = page.getByRole('region', { name: /^What happened/ })
    await onEverySize(page, () => expect(record).toContainText('in the oven'))
    await record.getByRole('button', { name: 'as it should be' }).click()
    await expect(record.getByRole('button', { name: 'as it should be' })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
    await kept(page)
    await reload(page)
    await expect(page.getByRole('heading', { name: 'On the table', exact: true })).toBeVisible()
    await expect(page.getByRole('button', { name: 'as it should be' })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
    // Once more: what was recorded stays.
    await page.getByRole('button', { name: 'Make it once more' }).click()
    await expect(page.getByRole('heading', { name: 'Made before' })).toBeVisible()
  },
)

test(
  'what is in hand stays in hand; what may not wait meanwhile is said beside it, with a way ' +
    'to it and back',
  async ({ page }) => {
    await clockAt(page, '2026-11-28T13:00:00')
    await atMake(page, 'Dark sticky ginger loaf')
    await begin(page)
    await tickTo(page, /Heat the oven to/)
    const calling = page.getByRole('status').filter({ hasText: 'waits 20 minutes at most' })
    await expect(calling).toHaveCount(0)
    await forward(page, 6)
    await expect(calling).toContainText(
      /^1[34]:\d\d left: “heat on the hob” waits 20 minutes at most/,
    )
    await expect(page.locator('#now')).toContainText('Heat the oven to')
    await reload(page)
    await expect(page.locator('#now')).toContainText('Heat the oven to')
    await calling.getByRole('button', { name: 'pour first' }).click()
    await expect(page.locator('#now')).toContainText('Pour on to the flour')
    await press(page).click()
    await expect(page.locator('#now')).toContainText('Heat the oven to')
    await expect(calling).toHaveCount(0)
  },
)

test(
  'a reload in the middle loses nothing: card, weights, timers and notes; a step back, and ' +
    'by keyboard',
  async ({ page }) => {
    await atMake(page, 'Dark sticky ginger loaf')
    await begin(page)
    await expect(card(page)).toContainText('plain flour')
    await card(page).getByLabel('Grams that went in').fill('twelve')
    await press(page).click()
    await expect(card(page).getByRole('alert')).toContainText('“twelve” is no weight')
    await expect(card(page).getByLabel('Grams that went in')).toHaveValue('twelve')
    await card(page).getByLabel('Grams that went in').fill('226')
    await card(page).getByLabel('Grams that went in').press('Enter')
    await expect(card(page)).toContainText('bicarbonate of soda')
    await press(page).press('Enter')
    await expect(card(page)).toContainText('ground ginger')
    await page.getByRole('button', { name: 'One step back' }).click()
    await expect(card(page)).toContainText('bicarbonate of soda')
    await page.keyboard.press('Control+z')
    await expect(card(page)).toContainText('plain flour')
    await press(page).click()
    await expect(card(page)).toContainText('bicarbonate of soda')
    await page.getByRole('button', { name: 'Note' }).click()
    await page.getByLabel('Note', { exact: true }).fill('the soda was lumpy')
    await page.getByRole('button', { name: 'Keep it' }).click()
    await page.getByRole('button', { name: 'Another timer' }).click()
    await page.getByLabel('Minutes').fill('soon')
    await page.getByRole('button', { name: 'Start', exact: true }).click()
    await expect(page.getByRole('alert')).toContainText('“soon” is no length')
    await page.getByLabel('For').fill('the kettle')
    await page.getByLabel('Minutes').fill('7')
    await page.getByRole('button', { name: 'Start', exact: true }).click()
    await expect(timer(page, /the kettle/)).toContainText(/[67]:\d\d/)
    const photo = await photoOf(page, { clip: { x: 0, y: 0, width: 80, height: 80 } })
    await page
      .getByLabel('Photo of how it looks')
      .setInputFiles({ name: 'bowl.png', mimeType: 'image/png', buffer: photo })
    await expect(page.getByRole('img', { name: 'Photo 1 of this making' })).toBeVisible()
    await page
      .getByLabel('Photo of how it looks')
      .setInputFiles(file('no.png', 'no picture', 'image/png'))
    await expect(page.getByRole('alert')).toContainText('“no.png” is no picture')
    await kept(page)
    await reload(page)
    await expect(card(page)).toContainText('bicarbonate of soda')
    await expect(timer(page, /the kettle/)).toContainText(/[56]:\d\d/)
    await expect(page.getByText('the soda was lumpy')).toBeVisible()
    await expect(page.getByRole('img', { name: 'Photo 1 of this making' })).toBeVisible()

    // Gone to out of order, and back.
    await page.getByText(/^All \d+ cards/).click()
    await page.getByRole('button', { name: /^240 ml whole milk/ }).click()
    await expect(card(page)).toContainText('milk')
    await card(page).getByRole('button', { name: 'Leave it out' }).click()
    await expect(card(page)).toContainText('bicarbonate of soda')
    await expect(page.getByRole('button', { name: /^left out/ })).toBeVisible()
  },
)

test('ten timers, a closed tab, a clock that is put back: each rings at its own end', async ({
  page,
  context,
}) => {
  await clockAt(page, '2026-11-28T14:00:00')
  await atMake(page, 'Dark sticky ginger loaf')
  await begin(page)
  for (let n = 1; n <= 10; n++) {
    await page.getByRole('button', { name: 'Another timer' }).click()
    await page.getByLabel('For').fill(`pot ${n}`)
    await page.getByLabel('Minutes').fill(String(3 + 4 * n))
    await page.getByRole('button', { name: 'Start', exact: true }).click()
    await expect(timer(page, new RegExp(`pot ${n}(?!\\d)`))).toBeVisible()
  }
  await timer(page, /pot 10/)
    .getByRole('button')
    .first()
    .click()
  await page.getByRole('button', { name: '5 minutes more: pot 10' }).click()
  await expect(timer(page, /pot 10/)).toContainText(/4[78]:\d\d/)
  await kept(page)
  const address = page.url()
  await page.close()
  // Eight minutes later, in a new tab of the same browser.
  const again = await context.newPage()
  await clockAt(again, '2026-11-28T14:08:30')
  await goTo(again, address)
  const call = again.locator('.call')
  await expect(call).toHaveCount(1)
  await expect(call).toContainText('Pot 1', { ignoreCase: true })
  await call.getByRole('button', { name: '3 minutes more' }).click()
  await expect(call).toHaveCount(0)
  await expect(timer(again, /pot 1(?!\d)/)).toContainText(/[12]:\d\d/)
  await expect(timer(again, /pot 2/)).toContainText(/[12]:\d\d/)
  // The clock is put back by an hour: what was left is left.
  const left = async (name: RegExp) => {
    const [m, s] = (await timer(again, name).locator('.left').innerText()).split(':').map(Number)
    return m! * 60 + s!
  }
  const before = await left(/pot 3/)
  await again.clock.setSystemTime(new Date('2026-11-28T13:08:30'))
  await again.clock.runFor(2000)
  await expect.poll(() => left(/pot 3/)).toBeLessThanOrEqual(before)
  await expect.poll(() => left(/pot 3/)).toBeGreaterThan(before - 120)
  await forward(again, 60)
  await expect(again.locator('.call')).toHaveCount(10)
  for (let n = 10; n > 0; n--) {
    await again.locator('.call').first().getByRole('button', { name: 'It is done' }).click()
    await expect(again.locator('.call')).toHaveCount(n - 1)
  }
  await expect(card(again)).toContainText('plain flour')
})

test(
  'the scale: poured to the gram, zeroed by itself; too much is told with what it does, and ' +
    'the rest is scaled to it',
  { tag: '@long' },
  async ({ page }) => {
    await atStart(page)
    await page.getByLabel('The recipe, as plain text or page source').fill(
      `Oat squares for the walk

200 g rolled oats
100 g light brown sugar
100 g sunflower oil
60 g golden syrup

Heat the oven to 170 °C. Line a 20 cm square tin.
Stir the oats, sugar, oil and syrup together.
Press into the tin and bake for 25 minutes.`,
    )
    await page.getByRole('button', { name: 'Read it' }).click()
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await stage(page, 'make').click()
    await settled(page)
    await begin(page)
    await expect(card(page)).toContainText('rolled oats')
    await card(page).getByRole('button', { name: 'Use a scale' }).click()
    await expect(card(page)).toContainText('The scale is simulated')
    const pour = card(page).getByRole('button', { name: 'Hold to pour' })
    const shown = async () =>
      Number(/^(-?[\d,.]+)/u.exec(await card(page).locator('.figure b').innerText())![1])
    /** What was poured has come to rest on the scale: it trembles by two grams at most. */
    const still = async () => {
      let before = Number.NaN
      await expect
        .poll(
          async () => {
            const now = await shown()
            const moved = Math.abs(now - before)
            before = now
            return moved
          },
          { intervals: [300] },
        )
        .toBeLessThanOrEqual(2)
    }
    const live = () => expect(card(page).locator('.figure')).toContainText(/\d+ of \d+ g/)
    const pourTo = async (grams: number) => {
      await live()
      await pour.hover()
      await page.mouse.down()
      await expect.poll(shown, { intervals: [50] }).toBeGreaterThan(grams)
      await page.mouse.up()
      await still()
    }
    await expect(card(page).getByRole('img', { name: /0 of 200 g on the scale/ })).toBeVisible()
    // Oats by the scale, in one go by keyboard: held for a while.
    await pour.focus()
    await page.keyboard.down('Space')
    await expect.poll(shown, { intervals: [50] }).toBeGreaterThan(120)
    await page.keyboard.up('Space')
    await still()
    // What is typed goes before what the scale shows.
    await card(page).getByLabel('Grams that went in').fill('180')
    await press(page).click()
    const note = card(page).getByRole('alert')
    await expect(note).toContainText('20 g too little (−10 %)')
    await note.getByRole('button', { name: 'Leave it so' }).click()
    await tickTo(page, /light brown sugar/)
    // The scale was set to zero for the next.
    await expect.poll(async () => Math.abs(await shown())).toBeLessThan(4)
    await pourTo(60)
    await card(page).getByLabel('Grams that went in').fill('118')
    await press(page).click()
    await expect(note).toContainText('18 g too much (+18 %)')
    await expect(note).toContainText(/sugar \+\d+ %/)
    await note.getByRole('button', { name: 'Scale the rest' }).click()
    // The oats want topping up, the oil is more than it was.
    await expect(card(page)).toContainText('rolled oats')
    await expect(card(page)).toContainText('more')
    await expect(card(page).locator('.figure')).toContainText(/\d+ of \d+ g more/)
    await card(page)
      .getByLabel('Grams that went in')
      .fill(/of (\d+)/u.exec(await card(page).locator('.figure').innerText())![1]!)
    await press(page).click()
    await expect(card(page)).toContainText('sunflower oil')
    expect(
      Number(/of (\d+)/u.exec(await card(page).locator('.figure').innerText())![1]),
    ).toBeGreaterThan(108)

    // A scale that fails: said each time, and hands go on.
    await card(page).getByText('The scale is simulated').click()
    const behaves = card(page).getByLabel('How the simulated scale behaves')
    await behaves.selectOption('garbage')
    await expect(card(page)).toContainText('The scale sends nonsense')
    await behaves.selectOption('silence')
    await expect(card(page)).toContainText('The scale says nothing any more')
    await behaves.selectOption('drop')
    await expect(card(page)).toContainText('The scale cannot be reached')
    await expect(card(page).locator('.figure')).toContainText('g')
    await press(page).click()
    // Where the oven was due between, the scale is there anew: then its line is lost once more.
    await tickTo(page, /golden syrup/)
    const goOn = card(page).getByRole('button', { name: 'Go on without it' })
    await expect(async () => {
      if (await goOn.count()) return
      const note = card(page).locator('details', { hasText: 'The scale is simulated' })
      await note.evaluate((details: HTMLDetailsElement) => (details.open = true), null, {
        timeout: 1000,
      })
      await behaves.selectOption('drop', { timeout: 1000 })
      await expect(goOn).toBeVisible({ timeout: 2000 })
    }).toPass()
    await expect(card(page)).toContainText('The scale cannot be reached')
    // Without a server the same scale stands in this browser.
    await page.route('**/api/stand-ins/**', route => route.abort())
    await card(page).getByRole('button', { name: 'Go on without it' }).click()
    await card(page).getByRole('button', { name: 'Use a scale' }).click()
    await expect(card(page)).toContainText('in this browser: no server answers')
    await pourTo(20)
    // What the scale shows when it is pressed is what is kept: both in one breath, since it trembles.
    const atPress = await press(page).evaluate(button => {
      const shows = document.querySelector('article .figure b')?.textContent ?? ''
      ;(button as HTMLElement).click()
      return shows
    })
    const syrup = Number(/^\s*(-?[\d,.]+)/u.exec(atPress)?.[1])
    expect(syrup).toBeGreaterThan(18)
    await note
      .getByRole('button', { name: 'Leave it so' })
      .or(page.getByRole('article', { name: /Stir the oats/ }))
      .first()
      .waitFor()
    if (await note.count()) await note.getByRole('button', { name: 'Leave it so' }).click()
    await tickTo(page, /Into the oven/)
    await press(page).click()
    await page.getByRole('region', { name: 'Timers' }).getByText('In the oven').click()
    await page.getByRole('button', { name: 'It is done: in the oven' }).click()
    await tickTo(page, /take it out/i)
    await press(page).click()
    await tickTo(page, /Nothing to do/)
    await timer(page, /cool|settle/i)
      .getByRole('button')
      .first()
      .click()
    await page.getByRole('button', { name: /^It is done: / }).click()
    await expect(card(page)).toContainText(/is on the table/i)
    await press(page).click()
    await page.getByText(/\d+ weights/).click()
    const kept = Number(
      /60 g(\d+) g/u.exec(
        await page
          .getByRole('row', { name: /^golden syrup/i })
          .innerText()
          .then(text => text.replace(/\s+(?=\d)/gu, '')),
      )?.[1],
    )
    expect(kept).toBe(syrup)
  },
)

test(
  'in the oven: turning and first look call, a probe says how much longer, and fails without ' +
    'harm',
  async ({ page }) => {
    await clockAt(page, '2026-11-28T10:00:00')
    await atMake(page, 'Dark sticky ginger loaf')
    await begin(page)
    await tickTo(page, /Into the oven/)
    await expect(card(page)).toContainText(/53\s*min/)
    await card(page).getByLabel('Grams of tin and all').fill('1490')
    await press(page).click()
    await expect(timer(page, /in the oven/i)).toContainText('turn it round in')
    await expect(page.getByRole('heading', { name: /^Nothing to do until/ })).toBeVisible()
    await page.getByRole('button', { name: 'Put a probe in (simulated)' }).click()
    const probe = page.getByRole('region', { name: 'Probe' })
    await expect(probe).toContainText(/\d+ °C in the middle, done at 97/)
    await expect(probe).toContainText(/about \d+ min more \(\d+–\d+\)/)
    await expect(probe.getByRole('img', { name: /^Warming so far/ })).toBeVisible()
    await probe.getByText('The probe is simulated').click()
    await probe.getByLabel('How the simulated probe behaves').selectOption('garbage')
    await expect(probe).toContainText('The probe sends nonsense', { timeout: 60_000 })
    await probe.getByLabel('How the simulated probe behaves').selectOption('drop')
    await expect(probe).toContainText('The probe cannot be reached', { timeout: 60_000 })
    await probe.getByRole('button', { name: 'Take it out' }).click()
    await expect(probe).toContainText('and out')
    await forward(page, 27)
    await expect(page.locator('.call')).toContainText('Turn it round')
    await page.locator('.call').getByRole('button', { name: 'Seen to' }).click()
    await forward(page, 18)
    await expect(page.locator('.call')).toContainText('First look')
    await page.locator('.call').getByRole('button', { name: '3 min more' }).click()
    await expect(page.locator('.call')).toHaveCount(0)
    await forward(page, 12)
    await expect(page.locator('.call')).toContainText('in the oven', { ignoreCase: true })
    await page.locator('.call').getByRole('button', { name: '5 minutes more' }).click()
    await forward(page, 6)
    await page.locator('.call').getByRole('button', { name: 'It is done' }).click()
    await expect(card(page)).toContainText('take it out')
    await card(page).getByLabel('Grams of tin and all').fill('1405')
    await press(page).click()
    await forward(page, 16)
    await tickTo(page, /is on the table/i)
    await press(page).click()
    const record = page.getByRole('region', { name: /^What happened/ })
    await expect(record).toContainText(/In the oven: 6\d min, \d+ more than planned/)
    await expect(record).toContainText(/The bake: 9 % went/)
    // A note after the last tick, and steps back: over the note, then to the last card.
    await page.getByRole('button', { name: 'Note' }).click()
    await page.getByLabel('Note', { exact: true }).fill('sank a little')
    await page.getByRole('button', { name: 'Keep it' }).click()
    await expect(record).toContainText('sank a little')
    await page.getByRole('button', { name: 'One step back' }).click()
    await expect(record).not.toContainText('sank a little')
    await page.getByRole('button', { name: 'One step back' }).click()
    await expect(card(page)).toContainText(/is on the table/i)
    await press(page).click()
    await expect(record).toContainText(/The bake: 9 % went/)
    // The oven learns from it, and that can be taken back.
    await record.getByRole('button', { name: 'Let the oven’s setting learn from it' }).click()
    await expect(
      record.getByRole('button', { name: 'Let the oven’s setting learn from it' }),
    ).toHaveCount(0)
    await page.getByRole('button', { name: 'Take it back' }).click()
    await expect(
      record.getByRole('button', { name: 'Let the oven’s setting learn from it' }),
    ).toBeVisible()
  },
)

test('late, it says when it will be on the table; two bakes go through one oven', async ({
  page,
}) => {
  await clockAt(page, '2026-11-28T13:00:00')
  await fromShelf(page, 'Dark sticky ginger loaf')
  await stage(page, 'day').click()
  await expect(page.getByRole('heading', { name: 'Hour by hour' })).toBeVisible()
  await page.getByText('with other bakes').click()
  await page.getByLabel('Plum streusel traybake').check()
  await settled(page)
  await page.getByLabel('On the table at').fill('2026-11-28T19:00')
  await page.getByLabel('On the table at').press('Tab')
  await settled(page)
  await stage(page, 'make').click()
  await settled(page)
  await begin(page)
  await expect(page.locator('#now')).toContainText(/butter out of the fridge|Nothing to do/i)
  await page.getByText(/^All \d+ cards/).click()
  await expect(page.getByRole('button', { name: /is on the table/ })).toHaveCount(2)
  const start = /until (\d+):(\d+)/u.exec(await page.locator('#now').innerText())
  await forward(page, start ? Number(start[1]) * 60 + Number(start[2]) - 13 * 60 + 40 : 40)
  await expect(
    page.getByRole('status').filter({ hasText: 'behind: on the table at' }),
  ).toContainText(/\d+ min behind: on the table at (?:19|20):\d\d/)
})

test(
  'on another device: the file of the bake brings card, timers and photos; an older one ' +
    'changes nothing',
  async ({ page, browser, baseURL }) => {
    await atStart(page)
    await paste(page, recipeText('1-ginger-loaf'))
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await stage(page, 'make').click()
    await settled(page)
    await begin(page)
    await press(page).click()
    await expect(card(page)).toContainText('bicarbonate of soda')
    await page.getByRole('button', { name: 'Another timer' }).click()
    await page.getByLabel('For').fill('the kettle')
    await page.getByRole('button', { name: 'Start', exact: true }).click()
    await expect(timer(page, /the kettle/)).toBeVisible()
    await page.getByText('Sound, screen, another device').click()
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'File, to go on on another device' }).click(),
    ])
    const text = readFileSync((await download.path())!, 'utf8')

    const tablet = await browser.newContext({ viewport: { width: 820, height: 1180 }, baseURL })
    const there = await tablet.newPage()
    await atStart(there)
    await there
      .getByLabel('Recipe files to open')
      .setInputFiles(file('loaf.json', text, 'application/json'))
    await expect(there).toHaveURL(/\/make\//)
    await expect(there.getByRole('article')).toContainText('bicarbonate of soda')
    await expect(timer(there, /the kettle/)).toContainText(/9:\d\d/)
    await there.getByRole('article').locator('.acts .done').click()
    await expect(there.getByRole('article')).toContainText('ground ginger')
    await kept(there)
    // The same file once more is older now.
    await goTo(there, '/')
    await there
      .getByLabel('Recipe files to open')
      .setInputFiles(file('loaf.json', text, 'application/json'))
    await expect(there.getByText('what is here is newer')).toBeVisible()
    await there
      .getByLabel('Recipe files to open')
      .setInputFiles(
        file('broken.json', text.replace('"kind": "weigh"', '"kind": "wiegh"'), 'application/json'),
      )
    await expect(there.getByText(/This file is damaged at/)).toBeVisible()
    await tablet.close()
  },
)

test('whoever cannot eat it is said before it begins', async ({ page }) => {
  await atMake(page, 'Set custard slice')
  await expect(page.getByRole('alert')).toContainText(/cannot eat this as it stands/)
  await expect(page.getByText(/^Against traces, \d+ steps are not ticked yet/)).toBeVisible()
  await goTo(page, '/make')
  await expect(page.locator('h1').first()).toBeVisible()
})

test('it rings, shakes and keeps the screen on; silent when told so; away it notifies', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const seen = { shaken: 0, tones: 0, locks: 0, told: [] as string[] }
    Object.assign(window, { seen })
    Object.defineProperty(navigator, 'vibrate', {
      value: () => {
        seen.shaken++
        return true
      },
    })
    Object.defineProperty(navigator, 'wakeLock', {
      value: {
        request: () => {
          seen.locks++
          return Promise.resolve({
            addEventListener: () => undefined,
            release: () => Promise.resolve(),
          })
        },
      },
    })
    const start = OscillatorNode.prototype.start
    OscillatorNode.prototype.start = function (when?: number) {
      seen.tones++
      start.call(this, when)
    }
    Object.defineProperty(Notification, 'permission', { value: 'granted' })
    ServiceWorkerRegistration.prototype.showNotification = (says: string) => {
      seen.told.push(says)
      return Promise.resolve()
    }
    Object.defineProperty(navigator.serviceWorker, 'getRegistration', {
      value: () => Promise.resolve(Object.create(ServiceWorkerRegistration.prototype)),
    })
  })
  const seen = () =>
    page.evaluate(() => ({
      ...(
        window as unknown as {
          seen: { shaken: number; tones: number; locks: number; told: string[] }
        }
      ).seen,
    }))
  await clockAt(page, '2026-11-28T10:00:00')
  await atMake(page, 'Dark sticky ginger loaf')
  await begin(page)
  const own = async (says: string, minutes: number) => {
    await page.getByRole('button', { name: 'Another timer' }).click()
    await page.getByLabel('For').fill(says)
    await page.getByLabel('Minutes').fill(String(minutes))
    await page.getByRole('button', { name: 'Start', exact: true }).click()
    await expect(timer(page, new RegExp(says))).toBeVisible()
  }
  await own('first pot', 2)
  await expect.poll(async () => (await seen()).locks).toBeGreaterThan(0)
  await expect.poll(async () => (await seen()).shaken).toBe(0)
  await forward(page, 2.1)
  await expect.poll(async () => (await seen()).shaken).toBeGreaterThan(0)
  await expect.poll(async () => (await seen()).tones).toBeGreaterThanOrEqual(3)
  // Again and again, until it is heard.
  const once = await seen()
  await expect
    .poll(async () => (await seen()).tones, { timeout: 15_000 })
    .toBeGreaterThan(once.tones)
  await page.locator('.call').getByRole('button', { name: 'It is done' }).click()
  await page.getByText('Sound, screen, another device').click()
  await expect(page.getByText('The screen stays on while this page is open.')).toBeVisible()
  await page.getByRole('button', { name: 'It rings' }).click()
  await own('second pot', 2)
  const before = await seen()
  await page.evaluate(() =>
    Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true }),
  )
  await forward(page, 2.1)
  await expect(page.locator('.call')).toContainText('second pot', { ignoreCase: true })
  await expect.poll(async () => (await seen()).told).toEqual(['second pot'])
  await expect.poll(async () => (await seen()).tones).toBe(before.tones)
  await expect.poll(async () => (await seen()).shaken).toBe(before.shaken)
})

test(
  'what is drained is weighed before and after: percent gone, how long still, and what to do ' +
    'when short',
  async ({ page }) => {
    await clockAt(page, '2026-11-28T10:00:00')
    await atStart(page)
    await paste(
      page,
      `Lantern cream

400 g soy yoghurt
60 g icing sugar

Hang the soy yoghurt in a cloth to drain.
Leave to drain for 2 hours.
Stir in the icing sugar.`,
    )
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await stage(page, 'make').click()
    await settled(page)
    await begin(page)
    await tickTo(page, /Weigh the yoghurt before/)
    await expect(card(page)).toContainText('Usual: 40 to 55 % of it goes.')
    await press(page).click()
    await expect(card(page).getByRole('alert')).toContainText('How many grams?')
    await card(page).getByLabel('Grams that it weighs').fill('402')
    await press(page).click()
    await tickTo(page, /Weigh the yoghurt again|Nothing to do/)
    await forward(page, 121)
    for (let calls = await page.locator('.call').count(); calls > 0; calls--) {
      await page.locator('.call').first().getByRole('button', { name: 'It is done' }).click()
      await expect(page.locator('.call')).toHaveCount(calls - 1)
    }
    await tickTo(page, /Weigh the yoghurt again/)
    await expect(card(page)).toContainText('Before, it weighed 402 g.')
    await card(page).getByLabel('Grams that it weighs').fill('300')
    await expect(card(page).getByRole('status')).toContainText(
      '25 % is gone, 300 g are left; usual 40 % to 55 %',
    )
    await expect(card(page).getByRole('status')).toContainText('Leave it to drain longer')
    await expect(card(page).getByRole('status')).toContainText(/At this pace about \d+ h/)
    await card(page).getByLabel('Grams that it weighs').fill('500')
    await expect(card(page).getByRole('status')).toContainText('was something left on the scale?')
    await card(page).getByLabel('Grams that it weighs').fill('205')
    await expect(card(page).getByRole('status')).toContainText('49 % is gone')
    await press(page).click()
    await tickTo(page, /is on the table/i)
    await press(page).click()
    await expect(page.getByRole('region', { name: /^What happened/ })).toContainText(
      'The yoghurt: 49 % went, usual 40–55 %.',
    )
  },
)

test(
  'a timer calls wherever one is, with something else on the bench, and after a reload; two ' +
    'tabs make one making',
  async ({ page, context }) => {
    await clockAt(page, '2026-11-28T14:00:00')
    await atMake(page, 'Dark sticky ginger loaf')
    await begin(page)
    await page.getByRole('button', { name: 'Another timer' }).click()
    await page.getByLabel('For').fill('the kettle')
    await page.getByLabel('Minutes').fill('6')
    await page.getByRole('button', { name: 'Start', exact: true }).click()
    await expect(timer(page, /the kettle/)).toBeVisible()
    const other = await context.newPage()
    await clockAt(other, '2026-11-28T14:01:00')
    await goTo(other, page.url())
    await expect(timer(other, /the kettle/)).toBeVisible()
    await other.getByRole('article').locator('.acts .done').click()
    await expect(other.getByRole('article')).toContainText('bicarbonate of soda')
    await kept(other)
    // What the other tab ticked is ticked here too.
    await press(page).click()
    await expect(card(page)).toContainText(/ginger|bicarbonate/)
    await page.getByText(/^All \d+ cards/).click()
    await expect(page.getByRole('button', { name: /^done/ })).not.toHaveCount(0)
    await other.close()
    await fromShelf(page, 'Rye and hazelnut shortbread')
    await forward(page, 7)
    const call = page.getByRole('alert', { name: 'At the counter' })
    await expect(call).toContainText('The kettle')
    await reload(page)
    await expect(call).toContainText('The kettle')
    await call.getByRole('button', { name: 'It is done' }).click()
    await expect(call).toHaveCount(0)
    await reload(page)
    await expect(page.getByRole('heading', { name: 'What goes in' })).toBeVisible()
    await expect(call).toHaveCount(0)
  },
)
