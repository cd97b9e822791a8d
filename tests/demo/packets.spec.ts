import { expect, test, type Page } from '@playwright/test'
import { expectNoSideways, fromShelf, photoOf, goTo, reload } from '../kitchen'

const toPackets = async (page: Page) => {
  await goTo(page, '/packet')
  await expect(page.getByRole('heading', { name: 'Packets of the house' })).toBeVisible()
  await expect(
    page.getByRole('button', { name: 'Open the packet Lighthouse Baking Block' }),
  ).toBeVisible()
}
const sheet = (page: Page) => page.getByRole('form', { name: /packet/i })
const state = (page: Page, words: string) =>
  page.locator('mark', { hasText: new RegExp(`^${words}`) }).first()

/** An invented label as a phone would see it: turned, shaded, full of grain. */
async function labelPhoto(page: Page, html: string): Promise<Buffer> {
  const desk = await page.context().newPage()
  await desk.setViewportSize({ width: 1000, height: 560 })
  await desk.setContent(`<style>
      body { margin: 0; background: #8d8676 }
      div {
        transform: rotate(-5deg); margin: 80px 70px; padding: 34px; width: 790px;
        background: linear-gradient(100deg, #fffef6, #d9d3c0); font: 27px/1.5 Arial;
      }
      canvas { position: absolute; inset: 0; opacity: .16 }
    </style>
    <div>${html}</div>
    <canvas id="grain" width="1000" height="560"></canvas>
    <script>
      const pen = document.getElementById('grain').getContext('2d')
      const grain = pen.createImageData(1000, 560)
      let seed = 7
      for (let i = 0; i < grain.data.length; i += 4) {
        seed = (seed * 1103515245 + 12345) % 2147483648
        const grey = seed / 2147483648 * 255
        grain.data[i] = grain.data[i + 1] = grain.data[i + 2] = grey
        grain.data[i + 3] = 255
      }
      pen.putImageData(grain, 0, 0)
    </script>`)
  const photo = await photoOf(desk)
  await desk.close()
  return photo
}

test('a packet is typed in, read word by word, kept as read, and says who may eat it', async ({
  page,
}) => {
  await toPackets(page)
  await page.getByRole('button', { name: 'New packet' }).click()
  await expect(
    sheet(page).getByText('Nothing is entered yet, so nothing can be said.'),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Keep; I read it today' }).click()
  await expect(page.getByText('A packet needs a name')).toBeVisible()
  await page.getByLabel('Name on the front').fill('Squall Crumb Mix')
  await page.getByRole('button', { name: 'Keep; I read it today' }).click()
  await expect(page.getByText('There is no ingredient statement yet')).toBeVisible()
  await page
    .getByLabel('Ingredient statement')
    .fill(
      'Wheat flour, palm oil, sodium caseinate, emulsifier: lecithins, fizzulate. May ' +
        'contain traces of almonds.',
    )
  await page.getByLabel('Marks and claims').fill('Dairy-free')
  await expect(state(page, 'sodium caseinate')).toHaveClass(/contains/)
  await expect(state(page, 'lecithins')).toHaveClass(/open/)
  await expect(state(page, 'fizzulate')).toHaveClass(/unknown/)
  await expect(state(page, 'almonds')).toHaveClass(/trace/)
  await expect(state(page, 'palm oil')).toHaveCount(0)
  // Every word can be looked at, and what it was taken for.
  await sheet(page).getByText('Every word, and what it was taken for').click()
  const word = (words: string) =>
    sheet(page).locator('dl > div', { has: page.getByText(words, { exact: true }) })
  await expect(word('almonds')).toContainText('may contain · said as a possible trace')
  await expect(word('palm oil')).toContainText('brings nothing')
  await expect(
    sheet(page).getByText(/“fizzulate”. Is one misspelt, or does it not say/),
  ).toBeVisible()
  await page
    .getByLabel('Ingredient statement')
    .fill(
      'Wheat flour, palm oil, sodium caseinate, emulsifier: lecithins. May contain traces of almonds.',
    )
  await expect(state(page, 'fizzulate')).toHaveCount(0)
  await page.getByLabel('Read by').fill('Philippa')
  await page.getByRole('button', { name: 'Keep; I read it today' }).click()
  const kept = page.locator('.row', { hasText: 'Squall Crumb Mix' })
  await expect(kept.getByText(/^read on .* by Philippa$/)).toBeVisible()
  await expect(kept.getByRole('img', { name: 'Bram: contains' })).toBeVisible()
  await expect(kept.getByRole('img', { name: 'Wren: unknown' })).toBeVisible()
  await expect(kept.getByRole('img', { name: 'Philippa: contains' })).toBeVisible()
  await reload(page)
  await expect(kept.getByRole('img', { name: 'Bram: contains' })).toBeVisible()
})

test(
  'other words on a packet: the old ones stay in its history, the difference is shown, and ' +
    'it is thrown away and brought back',
  async ({ page }) => {
    await toPackets(page)
    await page.getByRole('button', { name: 'Open the packet Gullwing Oat Flakes' }).click()
    await page.getByLabel('Ingredient statement').fill('Gluten free oats, barley malt extract.')
    await page.getByRole('button', { name: 'Keep, not read' }).click()
    const row = page.locator('.row', { hasText: 'Gullwing Oat Flakes' })
    await expect(row.getByText('nobody has said that they read it')).toBeVisible()
    await page.getByRole('button', { name: 'Open the packet Gullwing Oat Flakes' }).click()
    await expect(page.getByRole('heading', { name: 'How its words changed' })).toBeVisible()
    await expect(page.getByText('now contains barley')).toBeVisible()
    await page.getByRole('button', { name: 'Throw the packet Gullwing Oat Flakes away' }).click()
    await expect(row).toHaveCount(0)
    await page.getByRole('button', { name: 'Bring back' }).first().click()
    await expect(row).toBeVisible()
  },
)

test('two packets of one name that differ warn of each other; an old check asks again', async ({
  page,
}) => {
  await toPackets(page)
  const rows = page.locator('.row', { hasText: 'Wick & Ember Dark 70' })
  await expect(rows).toHaveCount(2)
  await expect(
    rows
      .first()
      .getByText(
        /Do not mistake it for Wick & Ember Dark 70 \((?:the market hall|the tin on the top shelf)\)/,
      ),
  ).toBeVisible()
  await expect(rows.filter({ hasText: 'it was read 210 days ago' })).toHaveCount(1)
  await expect(page.getByText('One packet wants to be read again.')).toBeVisible()
})

test(
  'the code is looked up in the simulated service: found, slow and stopped, missing, ' +
    'failing, mistyped',
  async ({ page }) => {
    await toPackets(page)
    await page.getByRole('button', { name: 'New packet' }).click()
    await expect(page.getByText('simulated look-up: invented packets only')).toBeVisible()
    const code = page.getByLabel('Code under the bars')
    const look = page.getByRole('button', { name: 'Look up' })
    await code.fill('2000000010039')
    await look.click()
    await expect(page.getByText('These digits do not fit together')).toBeVisible()
    await code.fill('2000000010090')
    await look.click()
    await expect(page.getByText('Nobody has entered a packet with this code.')).toBeVisible()
    await code.fill('2000000010052')
    await look.click()
    await expect(page.getByText('The look-up did not answer as it should.')).toBeVisible()
    await code.fill('2000000010045')
    await look.click()
    await page.getByRole('button', { name: 'Stop', exact: true }).click()
    await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible()
    await code.fill('2 000000 010038')
    await look.click()
    await expect(page.getByText(/Found “Beacon Oat Drink”, in the simulated look-up/)).toBeVisible()
    await expect(page.getByLabel('Name on the front')).toHaveValue('Beacon Oat Drink')
    await expect(page.getByLabel('Facility sentence')).toHaveValue(/almonds/)
    await page.context().setOffline(true)
    await look.click()
    await expect(page.getByText('The look-up cannot be reached.')).toBeVisible()
    await page.context().setOffline(false)
    await expect(page.getByLabel('Name on the front')).toHaveValue('Beacon Oat Drink')
  },
)

test('a code is found in a picture of its bars', async ({ page }) => {
  // Bars drawn by the standard's own table (ISO/IEC 15420): left A or B by the first digit, right C.
  const left = [
    '0001101',
    '0011001',
    '0010011',
    '0111101',
    '0100011',
    '0110001',
    '0101111',
    '0111011',
    '0110111',
    '0001011',
  ]
  const turned = (bits: string) => [...bits].map(b => (b === '1' ? '0' : '1')).join('')
  const mirrored = (bits: string) => [...turned(bits)].reverse().join('')
  const text = '2000000010021'
  const pattern = 'AABBAB'
  const bits =
    '101' +
    [...text.slice(1, 7)]
      .map((d, i) => (pattern[i] === 'A' ? left[Number(d)]! : mirrored(left[Number(d)]!)))
      .join('') +
    '01010' +
    [...text.slice(7)].map(d => turned(left[Number(d)]!)).join('') +
    '101'
  const desk = await page.context().newPage()
  await desk.setViewportSize({ width: 520, height: 240 })
  await desk.setContent(
    '<body style="margin:40px;background:#fff"><svg width="440" height="150" ' +
      'shape-rendering="crispEdges">' +
      [...bits]
        .map((b, i) => (b === '1' ? `<rect x="${30 + 4 * i}" width="4" height="150"/>` : ''))
        .join('') +
      '</svg>',
  )
  const photo = await photoOf(desk)
  await desk.close()
  await toPackets(page)
  await page.getByRole('button', { name: 'New packet' }).click()
  await page
    .getByLabel('Picture of a packet’s code')
    .setInputFiles({ name: 'bars.png', mimeType: 'image/png', buffer: photo })
  await expect(page.getByLabel('Code under the bars')).toHaveValue(text, { timeout: 30_000 })
  await expect(page.getByText(/Found “Fogbell Plain Flour”/)).toBeVisible()
  await page
    .getByLabel('Picture of a packet’s code')
    .setInputFiles({ name: 'none.png', mimeType: 'image/png', buffer: await photoOf(page) })
  await expect(page.getByText('No code was found in this picture.')).toBeVisible()
})

test(
  'a photographed label, turned and full of grain, is straightened and read; nothing is said ' +
    'before its doubtful words are confirmed',
  async ({ page }) => {
    test.slow()
    const photo = await labelPhoto(
      page,
      '<b>INGREDIENTS:</b> Sugar, cocoa butter, skimmed milk powder, cocoa mass, whey powder ' +
        '(milk), emulsifier: soya lecithin, vanilla.<br><b>MAY CONTAIN</b> hazelnuts and wheat.',
    )
    await toPackets(page)
    await page.getByRole('button', { name: 'New packet' }).click()
    await page.getByLabel('Name on the front').fill('Undertow White')
    await page
      .getByLabel('Photo of a label')
      .setInputFiles({ name: 'label.png', mimeType: 'image/png', buffer: photo })
    // Straightened by itself, to within a degree of what it was turned by.
    await expect
      .poll(async () => Number(await page.getByLabel('Straighten, in degrees').inputValue()))
      .toBeLessThan(-4)
    await expect
      .poll(async () => Number(await page.getByLabel('Straighten, in degrees').inputValue()))
      .toBeGreaterThan(-6)
    await page.getByText('cut to the words').click()
    for (const [side, percent] of [
      ['Cut off left', '9'],
      ['Cut off right', '9'],
      ['Cut off top', '12'],
      ['Cut off bottom', '8'],
    ] as const)
      await page.getByLabel(side).fill(percent)
    await page.getByRole('button', { name: 'Read the label' }).click()
    await expect(page.getByRole('button', { name: 'Read it once more' })).toBeEnabled({
      timeout: 90_000,
    })
    await expect(page.getByText(/words? to confirm|All words are confirmed/)).toBeVisible()
    const doubts = page.locator('.doubt')
    if (await doubts.count()) {
      await expect(page.getByText('No verdict yet')).toBeVisible()
      await expect(page.locator('mark.contains')).toHaveCount(0)
      await page.getByRole('button', { name: 'Keep; I read it today' }).click()
      await expect(page.getByText('Words of the photo are not confirmed yet')).toBeVisible()
    }
    for (let i = 0; i < 40 && (await doubts.count()); i++) {
      const first = doubts.first()
      const word = await first.locator('input').inputValue()
      // Whatever is no word of the label is a speck at its edge.
      if (/[a-z]{3}/iu.test(word)) await first.getByRole('button', { name: 'It is right' }).click()
      else await first.getByRole('button', { name: /is no word/ }).click()
      await expect(
        page.locator('.doubt input').first().or(page.getByText('All words are confirmed.')),
      ).toBeVisible()
    }
    await expect(page.getByText('All words are confirmed.')).toBeVisible()
    await expect(page.getByLabel('Ingredient statement')).toHaveValue(
      /skimmed milk powder.*soya lecithin.*hazelnuts and wheat/is,
    )
    await expect(state(page, 'skimmed milk powder')).toHaveClass(/contains/)
    await expect(state(page, 'hazelnuts')).toHaveClass(/trace/)
    await page.getByRole('button', { name: 'Keep; I read it today' }).click()
    await expect(
      page
        .locator('.row', { hasText: 'Undertow White' })
        .getByRole('img', { name: 'Bram: contains' }),
    ).toBeVisible()
    await page.getByRole('button', { name: 'Open the packet Undertow White' }).click()
    await page.getByText('the photo that was kept').click()
    await expect(page.getByRole('img', { name: 'The label of this packet' })).toBeVisible()
  },
)

test('a doubtful word that was misread is typed right, and the text follows', async ({ page }) => {
  test.slow()
  // A word that is struck through is read, but hardly believed.
  const photo = await labelPhoto(
    page,
    'Sugar, <span style="text-decoration:line-through 5px">buttermilk</span> powder, salt',
  )
  await toPackets(page)
  await page.getByRole('button', { name: 'New packet' }).click()
  await page
    .getByLabel('Photo of a label')
    .setInputFiles({ name: 'label.png', mimeType: 'image/png', buffer: photo })
  await page.getByRole('button', { name: 'Read the label' }).click()
  await expect(page.getByRole('button', { name: 'Read it once more' })).toBeEnabled({
    timeout: 90_000,
  })
  const doubt = page.locator('.doubt input').first()
  await expect(doubt).toBeVisible()
  await doubt.fill('sesame')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Ingredient statement')).toHaveValue(/sesame/)
  await page
    .getByLabel('Photo of a label')
    .setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
  await expect(page.getByText('This picture cannot be opened.')).toBeVisible()
})

test('a claim rests on packets, and is withdrawn when a packet changes', async ({ page }) => {
  await fromShelf(page, 'Plum streusel')
  for (const name of ['Ottilie', 'Ikenna', 'Philippa', 'Wren'])
    await page.getByRole('button', { name: `${name} eats` }).click()
  await page.getByRole('link', { name: 'Work out a version' }).click()
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await expect(page.getByRole('button', { name: 'This is your plan' })).toBeVisible()
  await page
    .getByRole('navigation')
    .getByRole('link', { name: /packet/ })
    .click()
  await expect(page.getByRole('heading', { name: 'Out of which packets' })).toBeVisible()
  const block = page.locator('.ties li', { hasText: 'block plant butter' })
  await block
    .getByRole('button', { name: 'block plant butter comes out of Lighthouse Baking Block' })
    .click()
  await expect(block.getByText(/^Lighthouse Baking Block/)).toBeVisible()
  // For Bram traces count, so every bought line has to rest on a packet that was read.
  await expect(page.locator('.said')).toContainText(/^Not known for Bram: /)
  await expect(page.locator('.rests')).toContainText(
    /^[1-9]\d* of \d+ bought lines rest on a packet that was read/,
  )
  await page.getByRole('navigation').getByRole('link', { name: 'share' }).click()
  await expect(page.locator('.card .said')).toContainText('Not known for Bram: ')
  await expect(page.getByText(/Rapeseed oil, water, coconut oil/)).toBeVisible()

  // The same packet, with other words on it.
  await page
    .getByRole('navigation')
    .getByRole('link', { name: /packet/ })
    .click()
  await page.getByRole('button', { name: 'Open the packet Lighthouse Baking Block' }).click()
  await page
    .getByLabel('Ingredient statement')
    .fill('Rapeseed oil, water, coconut oil, buttermilk powder, salt.')
  await page.getByRole('button', { name: 'Keep; I read it today' }).click()
  await expect(page.getByRole('heading', { name: 'What this changed' })).toBeVisible()
  const change = page.locator('.changes li', { hasText: 'Plum streusel' })
  await expect(change).toContainText(/Bram: (?:nothing found|not known) → contains .*names milk/)
  await expect(page.getByText('The chosen plan no longer fits.')).toBeVisible()
  await expect(page.locator('.said')).toContainText('Not for Bram.')
  await page.getByText('Why not', { exact: true }).click()
  await expect(
    page.locator('.said').getByText(/Bram: the packet “Lighthouse Baking Block” names milk/),
  ).toBeVisible()
  await page.getByRole('navigation').getByRole('link', { name: 'share' }).click()
  await expect(page.locator('.card .said')).toContainText('Not for Bram.')
  await reload(page)
  await expect(page.locator('.card .said')).toContainText('Not for Bram.')
  await page.getByRole('button', { name: 'Seen' }).click()
  await expect(page.getByRole('heading', { name: 'What this changed' })).toHaveCount(0)
})

test(
  'against traces: what to wash and set apart, ticked off and kept; without strict people ' +
    'there is no such plan',
  async ({ page }) => {
    await fromShelf(page, 'Cardamom meringue')
    await page
      .getByRole('navigation')
      .getByRole('link', { name: /packet/ })
      .click()
    const contact = page.getByRole('region', { name: /Against traces/ })
    await expect(contact.getByText('for Ottilie, Bram, Philippa: egg, milk, gluten')).toBeVisible()
    await contact
      .getByLabel(/A fresh piping bag|Whisks and mixer/)
      .first()
      .check()
    await expect(contact.getByText(/^1 of \d+ done$/)).toBeVisible()
    await reload(page)
    await expect(page.getByText(/^1 of \d+ done$/)).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).isDisabled()
    for (const name of ['Ottilie', 'Bram', 'Philippa'])
      await page.getByRole('button', { name: `${name} eats` }).click()
    await expect(page.getByRole('heading', { name: /Against traces/ })).toHaveCount(0)
  },
)

test('by keyboard alone: a new packet from its name to its verdict', async ({ page }) => {
  await toPackets(page)
  await page.getByRole('button', { name: 'New packet' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Name on the front')).toBeVisible()
  await page.getByLabel('Name on the front').focus()
  await page.keyboard.type('Drizzle Drops')
  const reach = async (label: RegExp) => {
    for (let i = 0; i < 60; i++) {
      await page.keyboard.press('Tab')
      if (
        await page.evaluate(
          ([source]) => {
            const el = document.activeElement as HTMLElement & {
              labels?: NodeListOf<HTMLLabelElement>
            }
            return new RegExp(source!).test(
              `${el?.getAttribute('aria-label') ?? ''} ` +
                `${el?.labels?.[0]?.textContent ?? ''} ${el?.textContent ?? ''}`,
            )
          },
          [label.source],
        )
      )
        return
    }
    throw new Error(`${label.source} is not reached by Tab`)
  }
  await reach(/Ingredient statement/)
  await page.keyboard.type('Sugar, whey powder')
  await reach(/Keep; I read it today/)
  await page.keyboard.press('Enter')
  await expect(
    page.locator('.row', { hasText: 'Drizzle Drops' }).getByRole('img', { name: 'Bram: contains' }),
  ).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('packets, their sheet and a bake’s ties by touch', async ({ page }) => {
    await toPackets(page)
    await expectNoSideways(page)
    await page.getByRole('button', { name: 'Open the packet Fogbell Plain Flour' }).tap()
    await expect(page.getByLabel('Ingredient statement')).toHaveValue(/Wheat flour/)
    await expectNoSideways(page)
    await page.getByRole('button', { name: 'Leave it' }).tap()
    await fromShelf(page, 'Dark sticky')
    await page
      .getByRole('navigation')
      .getByRole('link', { name: /packet/ })
      .tap()
    await page
      .getByRole('button', { name: 'plain flour does not come out of Fogbell Plain Flour' })
      .tap()
    await page.getByRole('button', { name: 'plain flour comes out of Fogbell Plain Flour' }).tap()
    await expect(
      page.getByRole('button', { name: 'plain flour does not come out of Fogbell Plain Flour' }),
    ).toBeVisible()
    await expectNoSideways(page)
  })
})
