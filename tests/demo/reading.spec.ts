import { expect, test, type Page } from '@playwright/test'
import {
  atStart,
  expectAxeClean,
  expectNoSideways,
  paste,
  row,
  tooLow,
  toPlans,
  reload,
} from '../kitchen'

const text = `Plum slice
Makes 12 squares

200 g plain flour
150 ml dairy or oat milk
100 g butter (vegan if needed)
300 g plums, halved

Method
Heat the oven to 180 °C. Line a 20 cm square tin.
Beat everything but the plums to a batter, press in the plums and bake for 35 minutes.
Serve with double cream and a spoonful of flumgum.

Wednesday treat of old`

const left = (page: Page) => page.getByRole('region', { name: 'One piece is left over' })
const brought = (page: Page) => page.getByRole('region', { name: 'Only the steps bring' })
const choices = (page: Page) =>
  page.getByRole('group', { name: 'Choices of 150 ml dairy or oat milk' })
const undo = (page: Page) => page.getByRole('button', { name: 'Undo' })

async function read(page: Page) {
  await atStart(page)
  await paste(page, text)
  await expect(row(page, '300 g plums')).toBeVisible()
}

test('a choice is taken by one press or one key, and put back; until then the line counts as each', async ({
  page,
}) => {
  await read(page)
  await expect(choices(page).getByRole('button')).toHaveText([
    /150 ml dairy milk/,
    /150 ml oat milk/,
  ])
  await expect(
    row(page, '150 ml dairy or oat milk').getByRole('button', { name: /Why not/ }),
  ).toHaveAttribute('aria-label', /Bram contains/)
  await choices(page).getByRole('button', { name: 'Take 150 ml oat milk' }).click()
  await expect(row(page, '150 ml oat milk')).toContainText('read as oat drink')
  await expect(choices(page)).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Correct: 150 ml oat milk' })).toBeFocused()
  await undo(page).click()
  await expect(choices(page)).toBeVisible()

  // By keys: the line is walked to, and 2 takes the second.
  const butter = page.getByRole('button', { name: 'Correct: 100 g butter (vegan if needed)' })
  await butter.focus()
  await page.keyboard.press('2')
  await expect(row(page, '100 g vegan butter')).toContainText('read as block plant butter')
  await page.keyboard.press('Control+z')
  await expect(butter).toBeVisible()
  await page.keyboard.press('9')
  await expect(butter).toBeVisible()

  // A plan takes what the recipe itself offers.
  await toPlans(page)
  await expect(page.getByText(/The recipe itself offers/)).not.toHaveCount(0)
})

test('what is left over of the text is placed by one press, and every press can be taken back', async ({
  page,
}) => {
  await read(page)
  await expect(left(page)).toContainText('“Wednesday treat of old”')
  await left(page).getByRole('button', { name: 'Show in the text' }).click()
  await expect(
    page.getByRole('region', { name: 'The text as it was read' }).locator('mark'),
  ).toHaveText('Wednesday treat of old')
  await left(page).getByRole('button', { name: 'Wednesday treat of old is nothing to eat' }).click()
  await expect(left(page)).toHaveCount(0)
  await undo(page).click()
  await left(page).getByRole('button', { name: 'Wednesday treat of old is a step' }).click()
  await expect(left(page)).toHaveCount(0)
  await expect(page.getByRole('button', { name: /Wednesday treat of old/ }).first()).toBeVisible()
  await undo(page).click()
  await left(page).getByRole('button', { name: 'Wednesday treat of old is an ingredient' }).click()
  await expect(row(page, 'Wednesday treat of old')).toContainText('not known')
  await undo(page).click()
  await expect(left(page)).toBeVisible()
  // It is kept with the bake.
  await reload(page)
  await expect(left(page)).toContainText('“Wednesday treat of old”')
})

test('what only the steps bring stands as lines, and becomes a line or nothing by a press', async ({
  page,
}) => {
  await read(page)
  await expect(brought(page).getByRole('listitem')).toHaveCount(2)
  await brought(page).getByRole('button', { name: 'Look at double cream' }).click()
  await expect(page.locator('[data-step]:focus')).toContainText('Serve with double cream')
  await brought(page).getByRole('button', { name: 'Make double cream a line' }).click()
  await expect(row(page, 'double cream')).toBeVisible()
  await expect(brought(page).getByRole('listitem')).toHaveCount(1)
  await brought(page).getByRole('button', { name: 'flumgum is nothing to eat' }).click()
  await expect(brought(page)).toHaveCount(0)
  await undo(page).click()
  await expect(brought(page)).toContainText('“flumgum”')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })
  test('left-overs, choices and what the steps bring, by touch', async ({ page }) => {
    await read(page)
    await expectNoSideways(page)
    const here = '.choices button, .left button, .brought button'
    await expect(page.locator(here)).not.toHaveCount(0)
    await expect.poll(() => tooLow(page, here, 44)).toEqual([])
    await expectAxeClean(page)
    await choices(page).getByRole('button', { name: 'Take 150 ml oat milk' }).tap()
    await expect(row(page, '150 ml oat milk')).toBeVisible()
    await left(page).getByRole('button', { name: 'Wednesday treat of old is nothing to eat' }).tap()
    await expect(left(page)).toHaveCount(0)
    await brought(page).getByRole('button', { name: 'flumgum is nothing to eat' }).tap()
    await expect(brought(page).getByRole('listitem')).toHaveCount(1)
    await expectNoSideways(page)
  })
})
