import { expect, test } from '@playwright/test'
import { complaint, open, press } from './panel-steps'
import { enter, settled } from './steps'

/** A part is asked for: what is not shown is a tap away, and only the lead orders it all the same. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('a part is ordered on its proofs, or by the lead with a reason', async ({ page }) => {
      const suspects = page.getByLabel('Suspects')
      const why = page.getByRole('dialog')
      const ask = async (suspect: RegExp) => {
        if (mode === 'touch')
          await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
        // While it is ranked the list moves under the finger.
        await settled(page)
        await press(suspects.getByRole('button', { name: suspect }), mode)
      }
      const look = async (name: string, seen: string) => {
        await open(page, 'look-round', mode)
        await press(
          page
            .getByRole('region')
            .getByRole('button', { name: new RegExp(`^${name}`) })
            .first(),
          mode,
        )
        await press(page.getByRole('radiogroup', { name }).getByRole('radio', { name: seen }), mode)
        await settled(page)
      }
      await enter(page, 'ilka', '/new')
      await complaint(page, 'Loses coolant', `Ordered by ${mode}`, mode)
      await look('Radiator', 'Seen issuing')

      await ask(/^Radiator: tank seam/)
      await press(why.getByRole('button', { name: 'Order this part' }), mode)
      await expect(why.getByRole('alert')).toContainText('One thing is not shown yet')
      await expect(why.getByRole('alert')).toContainText('The lead may order it all the same')
      await expect(why.getByRole('button', { name: 'Order it all the same' })).toHaveCount(0)
      await press(why.getByRole('button', { name: 'Trace the drip' }), mode)
      await expect(why).toBeHidden()
      await press(
        page.locator('[data-place=radiator-seam]').getByRole('radio', { name: 'Seen issuing' }),
        mode,
      )
      await settled(page)

      await ask(/^Radiator: tank seam/)
      const firm = why.getByTestId('how-firm')
      await expect(firm).toContainText('this still leads in')
      await expect(firm).toContainText('All that was found out of order is accounted for.')
      await expect(why).toContainText('Shown: Traced to its place at the radiator')
      await press(why.getByRole('button', { name: 'Order this part' }), mode)
      await expect(why.getByText('All that is asked of its proof is shown.')).toBeVisible()
      await press(why.getByRole('button', { name: 'Back to the check' }), mode)
      await expect(suspects.getByRole('listitem').first()).toContainText('part ordered')
      const address = page.url()

      await page.context().clearCookies()
      await enter(page, 'oren')
      await page.goto(address)
      await ask(/^Pump: shaft seal/)
      await press(why.getByRole('button', { name: 'Order this part' }), mode)
      await expect(why.getByRole('alert')).toContainText('As the lead you may order it')
      await press(why.getByRole('button', { name: 'Order it all the same' }), mode)
      await expect(why.getByText('Say in a few words what changed it')).toBeVisible()
      await why.getByLabel('Why it is ordered without its proof').fill('Keeper asked for both')
      await press(why.getByRole('button', { name: 'Order it all the same' }), mode)
      await expect(why.getByText('Part ordered without proof:')).toBeVisible()
      await press(why.getByRole('button', { name: 'Back to the check' }), mode)

      await press(page.getByRole('link', { name: 'Report', exact: true }), mode)
      await expect(page.getByText('part ordered without proof')).toBeVisible()
      await expect(page.getByText(/Not shown: Traced to its place at the pump/)).toBeVisible()
    })
  })
}
