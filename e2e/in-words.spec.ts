import { expect, test } from '@playwright/test'
import { press, type Mode } from './panel-steps'
import { allSent, enter, newComplaint, settled } from './steps'

for (const mode of ['touch', 'keyboard'] satisfies Mode[])
  test.describe(`by ${mode}`, () => {
    test.use(mode === 'touch' ? { viewport: { width: 390, height: 844 }, hasTouch: true } : {})

    test('a number without its unit is asked about or kept in words, and what no field asks for is noted', async ({
      page,
    }) => {
      await enter(page, 'ilka', '/new')
      const path = await newComplaint(page, `Words by ${mode}`)
      await page.goto(`${path}?check=cap`)
      const panel = page.locator('[data-panel=cap]')
      const marked = panel.getByLabel('Marked', { exact: true })
      const asked = panel.getByRole('group', { name: '15 what?' })

      // No cap is marked 15 kPa: the figure stands, the unit is another one.
      await marked.fill('15')
      await press(asked.getByRole('button', { name: '15 psi' }), mode)
      await expect(asked).toBeHidden()
      await expect(marked).toHaveValue('15')
      await expect(panel.getByRole('button', { name: 'Unit psi, tap for another' })).toBeVisible()
      await marked.fill('103 kPa')
      await expect(panel.getByRole('group', { name: /what\?$/ })).toHaveCount(0)

      // What nobody knows is kept as it was said, beside the check.
      await marked.fill('1.1')
      await expect(panel.getByRole('button', { name: '1.1 bar' })).toBeVisible()
      await press(panel.getByRole('button', { name: 'Not known: keep as a note' }), mode)
      await expect(marked).toHaveValue('')
      await expect(panel.getByText('Marked: 1.1, unit not known')).toBeVisible()

      // A note that is half written is there again after a reload.
      const write = panel.getByLabel('In words, what no field asks for')
      await press(panel.getByRole('button', { name: 'Note', exact: true }), mode)
      await write.pressSequentially('Seal swollen.\nKeeper brings the old cap.')
      await page.waitForTimeout(1_500)
      await page.reload()
      await expect(write).toHaveValue('Seal swollen.\nKeeper brings the old cap.')
      await press(panel.getByRole('button', { name: 'Keep the note' }), mode)
      await expect(write).toBeHidden()
      const kept = panel.locator('blockquote').filter({ hasText: 'Keeper brings the old cap.' })
      await expect(kept).toContainText('Ilka')
      await allSent(page)

      await press(panel.getByRole('button', { name: 'History' }), mode)
      const history = page.getByRole('dialog', { name: 'History' })
      await expect(history.getByText('Keeper brings the old cap.')).toBeVisible()
      await press(history.getByRole('button', { name: 'Back to the check' }), mode)

      await page.goto(`${path}/report`)
      await expect(page.getByRole('heading', { name: 'Notes' })).toBeVisible()
      await expect(page.getByText('Keeper brings the old cap.')).toBeVisible()

      // A hose that no list has: named in words, it leads as what is not in the book.
      await page.goto(`${path}?check=leak-trace`)
      const tracing = page.locator('[data-panel=leak-trace]')
      // The places stand in order of the suspects: what is tapped moves until those are known.
      await settled(page)
      await press(tracing.locator('summary', { hasText: 'Another hose, pipe or joint' }), mode)
      await tracing.getByLabel('Which, in words').fill('Steel pipe behind the turbo')
      await press(tracing.getByRole('button', { name: 'Add this place' }), mode)
      await press(
        tracing
          .getByRole('radiogroup', { name: 'Steel pipe behind the turbo' })
          .getByRole('radio', { name: 'Seen issuing' }),
        mode,
      )
      await expect(tracing.getByText('Source found.')).toBeVisible()
      await allSent(page)
      if (mode === 'touch') await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
      await settled(page)
      const lead = page.getByLabel('Suspects').getByRole('listitem').first()
      await expect(lead).toContainText('Not in the book: a way out for coolant')
      await expect(lead).toContainText('Seen issuing: Steel pipe behind the turbo')

      // What holds for every vehicle of the model is there in the next one's case, with where it is from.
      await page.goto(`${path}?check=pressure-hold`)
      const hold = page.locator('[data-panel=pressure-hold]')
      await press(hold.getByRole('button', { name: 'Note', exact: true }), mode)
      await hold
        .getByLabel('In words, what no field asks for')
        .fill('The system is made for 110 kPa.')
      await press(hold.getByRole('radio', { name: 'Figure' }), mode)
      await press(hold.getByRole('button', { name: 'Keep the note' }), mode)
      await expect(hold.getByRole('alert')).toHaveText(/^Say where the figure is from/)
      await hold.getByLabel('Where the figure is from').fill('Plate on the bonnet')
      await press(hold.getByRole('button', { name: 'Keep the note' }), mode)
      await expect(hold.getByText('From: Plate on the bonnet.')).toBeVisible()
      await allSent(page)
      await page.goto('/new')
      await newComplaint(page, `Words by ${mode}`)
      await page.goto(`${new URL(page.url()).pathname}?check=pressure-hold`)
      await press(hold.locator('summary', { hasText: /^Known of every Words by/ }), mode)
      await expect(hold.getByText('The system is made for 110 kPa.')).toBeVisible()
      await expect(hold.getByRole('button', { name: /^Take back the note/ })).toHaveCount(0)
      if (mode === 'touch') await page.getByRole('button', { name: 'Loop', exact: true }).tap()
      await press(page.getByRole('button', { name: 'System profile' }).first(), mode)
      const known = page.getByRole('region', { name: `Known here of every Words by ${mode}` })
      await expect(known.getByText('From: Plate on the bonnet.')).toBeVisible()
      await press(page.getByRole('button', { name: 'Leave as it was' }), mode)

      await page.goto(`${path}?check=cap`)
      await press(kept.getByRole('button', { name: /^Take back the note “Seal swollen/ }), mode)
      await expect(kept).toHaveCount(0)
      await expect(panel.getByText('Marked: 1.1, unit not known')).toBeVisible()
    })
  })
