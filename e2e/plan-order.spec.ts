import { expect, type Locator, type Page, test } from '@playwright/test'
import { allSent, enter, newComplaint, openCheck } from './steps'

/** The steps of the way that is open, by name. */
const stepsIn = (dialog: Locator) => dialog.locator('ol.steps > li')
async function namesIn(dialog: Locator) {
  const names = await stepsIn(dialog).locator('.what > :first-child').allInnerTexts()
  return names.map((name) => name.trim())
}
const handleOf = (dialog: Locator, name: string) =>
  dialog.getByRole('button', { name: `Move ${name}`, exact: true })

async function openWay(page: Page) {
  await page.getByRole('button', { name: 'The whole way' }).click()
  const dialog = page.getByRole('dialog', { name: 'The whole way to the cause' })
  await expect(stepsIn(dialog).nth(2)).toBeVisible()
  return dialog
}

/** Drags one step's handle to another's, as a hand does: not in one jump. */
async function drag(page: Page, from: Locator, to: Locator) {
  await from.scrollIntoViewIfNeeded()
  const [start, end] = [(await from.boundingBox())!, (await to.boundingBox())!]
  const middle = (box: typeof start) => [box.x + box.width / 2, box.y + box.height / 2] as const
  await page.mouse.move(...middle(start))
  await page.mouse.down()
  await page.mouse.move(...middle(end), { steps: 20 })
  await page.mouse.up()
}

test('the steps of the plan are put in an order by hand: what it takes is told, it is kept, decides what is next, and is given back', async ({
  page,
}) => {
  await enter(page, 'oren', '/new')
  const path = await newComplaint(page, 'Order of the steps')
  await openCheck(page, 'interview')
  const next = page.getByRole('heading', { name: /^Next: / })
  const own = await next.innerText()

  let dialog = await openWay(page)
  await expect(dialog.getByRole('radio')).toHaveCount(5)
  const [first, second, third] = await namesIn(dialog)
  await drag(page, handleOf(dialog, third!), handleOf(dialog, first!))
  await expect(dialog.getByRole('radio', { name: /^Set by hand/ })).toBeChecked()
  await expect.poll(async () => (await namesIn(dialog)).slice(0, 3)).toEqual([third, first, second])
  const bar = dialog.locator('.bar')
  await expect(bar).toContainText('Not kept yet.')
  await expect(bar).toContainText(/A lead of .+ takes .+ “Most certainty”/)

  // Left as it was, nothing of it stands.
  await bar.getByRole('button', { name: 'Leave it as it was' }).click()
  await expect(dialog.getByRole('radio')).toHaveCount(5)
  expect((await namesIn(dialog))[0]).toBe(first)

  // By keyboard: a step that Escape puts back, then one that is carried on by two places.
  await handleOf(dialog, first!).press('Space')
  await expect(handleOf(dialog, first!)).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Escape')
  await expect(handleOf(dialog, first!)).toHaveAttribute('aria-pressed', 'false')
  await expect(dialog).toBeVisible()
  expect((await namesIn(dialog)).slice(0, 3)).toEqual([first, second, third])
  await handleOf(dialog, first!).press('Space')
  const said = page.locator('[id^=dnd-kit-announcement]')
  for (const place of [2, 3]) {
    await page.keyboard.press('ArrowDown')
    await expect(said).toHaveText(`${first}: place ${place}.`)
  }
  await page.keyboard.press('Space')
  await expect.poll(async () => (await namesIn(dialog)).slice(0, 3)).toEqual([second, third, first])
  await bar.getByRole('button', { name: 'Keep this order' }).click()
  await expect(bar).toContainText('Set by Oren Tschudy')
  await dialog.getByRole('button', { name: 'Back to the check' }).click()

  await expect(next).toHaveText(new RegExp(`^Next: ${second}(, here)?$`, 'i'))
  await expect(page.getByText('Set as next by Oren Tschudy.')).toBeVisible()
  await allSent(page)
  await page.goto(`${path}?check=interview`)
  await expect(next).toHaveText(new RegExp(`^Next: ${second}(, here)?$`, 'i'))

  dialog = await openWay(page)
  await dialog.getByRole('button', { name: 'Back to the plan’s own order' }).click()
  await expect(dialog.getByRole('radio')).toHaveCount(5)
  await dialog.getByRole('button', { name: 'Back to the check' }).click()
  await expect(next).toHaveText(own)
  await page.getByRole('button', { name: 'History' }).first().click()
  const history = page.getByRole('dialog', { name: 'History' })
  await history.getByRole('radio', { name: 'The whole case' }).click()
  await expect(history).toContainText('as the plan has it')
})
