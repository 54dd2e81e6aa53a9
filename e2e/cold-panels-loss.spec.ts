import { writeFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { complaint, open, picture, press, trace, verdict } from './panel-steps'
import { allSent, enter, radio, settled, timerOf } from './steps'

/** Every cold panel through the real interface, once by touch on a phone and once by keyboard on a laptop. */
for (const mode of ['touch', 'keyboard'] as const) {
  test.describe(`by ${mode}`, () => {
    test.use(
      mode === 'touch'
        ? { viewport: { width: 390, height: 844 }, hasTouch: true }
        : { viewport: { width: 1280, height: 800 } },
    )

    test('a loss: system, questions, look, mix, wipe, trace, cranking, endoscope, vacuum', async ({
      page,
    }, testInfo) => {
      test.setTimeout(240_000)
      const large = testInfo.outputPath('large.jpg')
      writeFileSync(large, Buffer.alloc(40 * 1024 * 1024, 1))
      await enter(page, 'ilka', '/new')
      await complaint(page, 'Loses coolant', `Loss by ${mode}`, mode)

      await test.step('system profile on the loop', async () => {
        if (mode === 'touch') await page.getByRole('button', { name: 'Loop', exact: true }).tap()
        await press(page.getByRole('button', { name: 'System profile' }), mode)
        const dialog = page.getByRole('dialog')
        await press(dialog.locator('[data-part=thermostat]'), mode)
        await press(radio(page, 'Where it sits', 'Engine inlet'), mode)
        await press(dialog.locator('[data-part=engine]'), mode)
        await dialog.getByLabel('Cylinders', { exact: true }).fill('4')
        await press(dialog.locator('[data-part=cap]'), mode)
        await dialog.getByLabel('The system is made for').fill('103')
        await dialog.getByLabel('Marked').fill('138')
        await expect(dialog.getByRole('alert')).toContainText('Wrong cap for this system')
        await dialog.getByLabel('Marked').fill('103')
        await expect(dialog.getByRole('alert')).toHaveCount(0)
        await dialog.getByLabel('Where these figures come from').fill('Plate under the hood')
        await press(dialog.getByRole('button', { name: 'Keep the profile' }), mode)
        await expect(dialog).toBeHidden()
      })

      await test.step('what opened by itself stays open after its first tap', async () => {
        await allSent(page)
        await page.goto(new URL(page.url()).pathname)
        const panel = page.locator('section.panel')
        await expect(panel).toBeVisible()
        const opened = await panel.getAttribute('aria-label')
        // Of a question "not known", of the level a mark that is not kept yet.
        await press(panel.getByRole('radio').nth(2), mode)
        await allSent(page)
        await settled(page)
        await expect(panel).toHaveAttribute('aria-label', opened!)
      })

      await test.step('questions', async () => {
        await open(page, 'interview', mode)
        const ask = page.getByRole('region', { name: 'Ask next' })
        const first = ask.getByRole('radiogroup').first()
        const asked = await first.getAttribute('aria-label')
        await press(first.getByRole('radio', { name: 'No', exact: true }), mode)
        await expect(ask.getByRole('radiogroup').first()).not.toHaveAttribute('aria-label', asked!)
        await page.getByText('Said so far, and all other questions').click()
        await press(radio(page, 'Is the ground wet under it after it has stood?', 'Yes'), mode)
        await expect(page.getByText(/^Outside/)).toBeVisible()
      })

      await test.step('level', async () => {
        await open(page, 'level-and-condition', mode)
        await press(radio(page, 'Level, cold', 'Low'), mode)
        await expect(radio(page, 'Level, cold', 'Low')).toBeChecked()
      })

      await test.step('walk-round: wear, photograph, the rest at once', async () => {
        await open(page, 'look-round', mode)
        await press(
          page.getByRole('region', { name: 'Top' }).getByRole('button', { name: /^Upper hose/ }),
          mode,
        )
        await press(radio(page, 'Upper hose', 'Stained'), mode)
        await press(
          page
            .getByRole('group', { name: 'Wear of: Upper hose' })
            .getByRole('button', { name: 'Cracked' }),
          mode,
        )
        await expect(
          page.getByRole('region', { name: 'Top' }).getByRole('button', { name: /^Upper hose/ }),
        ).toContainText('Stained, cracked')
        await press(radio(page, 'What stands there', 'Crust, white or coloured'), mode)
        await press(radio(page, 'It smells', 'Sweet'), mode)
        await expect(radio(page, 'What stands there', 'Crust, white or coloured')).toBeChecked()
        await expect(
          page.getByRole('region', { name: 'Top' }).getByRole('button', { name: /^Upper hose/ }),
        ).toContainText(/crust/)
        await page.getByLabel('Photograph of: Upper hose').setInputFiles({
          name: 'notes.jpg',
          mimeType: 'image/jpeg',
          buffer: Buffer.from('no picture at all'),
        })
        await expect(
          page.getByText('“notes.jpg” is not a picture that this browser can read.'),
        ).toBeVisible()
        await page.getByLabel('Photograph of: Upper hose').setInputFiles(large)
        await expect(page.getByText(/has 40 MB; up to 25 MB can be taken/)).toBeVisible()
        await page
          .getByLabel('Photograph of: Upper hose')
          .setInputFiles({ name: 'hose.png', mimeType: 'image/png', buffer: await picture(page) })
        const photo = page.getByRole('img', { name: 'Upper hose' })
        await expect(photo).toBeVisible()
        await press(
          page
            .getByRole('region', { name: 'Top' })
            .getByRole('button', { name: 'All the rest dry' }),
          mode,
        )
        await expect(page.getByRole('region', { name: 'Top' })).toContainText('all looked at')
        await expect(page.getByRole('region', { name: 'Engine' })).toContainText('not looked at')
        await press(page.getByRole('button', { name: 'All the rest good' }), mode)
        await expect(radio(page, 'Shroud', 'Good')).toBeChecked()
      })

      await test.step('mix', async () => {
        await open(page, 'mix', mode)
        await page.getByLabel('Antifreeze').fill('80')
        await expect(page.getByRole('alert')).toHaveText(
          'Antifreeze lies between 0 and 60 % by volume.',
        )
        await page.getByLabel('Antifreeze').fill('30')
        await press(page.getByRole('button', { name: 'Keep the reading' }), mode)
        await expect(verdict(page)).toHaveText('Too thin.')
        await expect(page.getByText('Freezes at')).toBeVisible()
      })

      await test.step('cap, tester, hold', async () => {
        await open(page, 'cap', mode)
        await page.getByLabel('Marked', { exact: true }).fill('138')
        await expect(page.getByRole('alert')).toContainText('Wrong cap for this place')
        await page.getByLabel('Marked', { exact: true }).fill('103')
        await page.getByLabel('Opens at').fill('105')
        await page.getByLabel('A minute after').fill('101')
        await press(radio(page, 'Right type and rating for this place', 'Right'), mode)
        await press(page.getByRole('button', { name: 'Keep the cap test' }), mode)
        await expect(page.getByText('Good.', { exact: true })).toBeVisible()
        await open(page, 'tester-self-check', mode)
        await page.getByLabel('Pumped to').fill('100')
        await page.getByLabel('Then shows').fill('100')
        await press(page.getByRole('button', { name: 'Keep the self-check' }), mode)
        await expect(page.getByText('Sound.')).toBeVisible()
        await open(page, 'pressure-hold', mode)
        await press(radio(page, 'Level in the system', 'Near full, marked'), mode)
        await press(page.getByRole('button', { name: 'Pumped up: start the clock' }), mode)
        await page.getByLabel('Reading as the gauge shows it', { exact: true }).fill('99')
        await press(page.getByTestId('add-reading'), mode)
        await expect(page.getByText('1 reading: look, correct')).toBeVisible()
        await press(page.getByRole('button', { name: 'End the hold' }), mode)
        await press(radio(page, 'The tray under it', 'Wet'), mode)
        await press(page.getByRole('button', { name: 'Keep the end' }), mode)
        await expect(page.getByRole('button', { name: 'Hold again' })).toBeVisible()
      })

      await test.step('wipe', async () => {
        await open(page, 'clean-and-dry', mode)
        await press(
          page.getByRole('region', { name: 'Wipe the joints' }).locator('[data-part=pump]'),
          mode,
        )
        await expect(page.getByText('1 of')).toBeVisible()
        await press(page.getByRole('button', { name: 'All joints wiped' }), mode)
        await expect(page.getByText(/^(\d+) of \1 wiped/)).toBeVisible()
        await press(page.getByRole('button', { name: 'Undo the last entry' }), mode)
        await expect(page.getByText(/^1 of/)).toBeVisible()
      })

      await test.step('trace', async () => {
        await open(page, 'leak-trace', mode)
        const tray = page.getByRole('group', { name: 'Tray from above, front at the top' })
        if (mode === 'touch') {
          const box = (await tray.boundingBox())!
          await page.touchscreen.tap(box.x + box.width * 0.12, box.y + box.height * 0.38)
        } else {
          await press(page.getByRole('button', { name: 'Add a drip in the middle' }), mode)
          const drip = page.locator('[data-drip="0"]')
          await drip.focus()
          for (let i = 0; i < 13; i++) await drip.press('ArrowLeft')
          for (let i = 0; i < 4; i++) await drip.press('ArrowUp')
        }
        await expect(page.locator('[data-drip]')).toHaveCount(1)
        await expect(page.getByRole('region', { name: 'Drip 1' })).toContainText('tank')
        const count = page.getByRole('button', { name: /^Tap at every drop/ })
        for (let i = 0; i < 3; i++) {
          await press(count, mode)
          await page.waitForTimeout(400)
        }
        await expect(page.getByText(/^\d+(\.\d)? a minute$/)).toBeVisible()
        await press(
          page.locator('[data-place=tank-seam]').getByRole('radio', { name: 'Seen issuing' }),
          mode,
        )
        await expect(verdict(page)).toHaveText('Source found.')
        if (mode === 'touch')
          await page.getByRole('button', { name: 'Suspects', exact: true }).tap()
        await expect(page.getByLabel('Suspects').getByRole('listitem').first()).toContainText(
          'Tank: crack or seam',
        )
      })

      await test.step('proven, then withdrawn, both kept', async () => {
        await press(
          page.getByLabel('Suspects').getByRole('button', { name: /^Tank: crack or seam/ }),
          mode,
        )
        const why = page.getByRole('dialog')
        await press(why.getByRole('button', { name: 'Declare proven' }), mode)
        await expect(why.getByRole('alert')).toContainText('Say in a few words what changed it')
        await why.getByLabel('What was seen that settles it').fill('Drops leave the seam')
        await press(why.getByRole('button', { name: 'Declare proven' }), mode)
        await expect(why.getByText('Drops leave the seam')).toBeVisible()
        await why.getByLabel('What was seen that settles it').fill('Wetted from the hose above')
        await press(why.getByRole('button', { name: 'Withdraw it' }), mode)
        await expect(why.getByText('Wetted from the hose above')).toBeVisible()
        await expect(why.getByText('Drops leave the seam')).toBeVisible()
        await press(why.getByRole('button', { name: 'Back to the check' }), mode)
        await expect(page.getByLabel('Suspects')).toContainText('withdrawn')
      })

      await test.step('cranking: bad input, a trace with a gap, a trace, a run', async () => {
        await open(page, 'cranking-rise', mode)
        await press(page.getByRole('button', { name: 'Keep the run' }), mode)
        await expect(page.getByRole('alert')).toHaveText('Say how many seconds it was cranked.')
        const file = page.getByLabel('Trace file of the run')
        await file.setInputFiles({
          name: 'gap.csv',
          mimeType: 'text/csv',
          buffer: Buffer.from(trace(true)),
        })
        await expect(page.getByRole('alert')).toContainText('The trace has a gap from')
        await file.setInputFiles({
          name: 'run.csv',
          mimeType: 'text/csv',
          buffer: Buffer.from(trace(false)),
        })
        await expect(page.getByText(/^Read from run.csv/)).toBeVisible()
        await press(page.getByRole('button', { name: 'Keep the run' }), mode)
        await expect(verdict(page)).toHaveText('Pressure rises with cranking.')
        await press(page.getByRole('button', { name: 'Set the plugs so' }), mode)
        await page.getByLabel('Cranked for').fill('5')
        await page.getByLabel('After').fill('0.1')
        await press(page.getByRole('button', { name: 'Keep the run' }), mode)
        await expect(page.getByText('2 runs: look, take back')).toBeVisible()
      })

      await test.step('endoscope and vacuum', async () => {
        await open(page, 'endoscope', mode)
        await press(page.locator('[data-cylinder="2"]'), mode)
        await press(radio(page, 'Cylinder 2 looks', 'Coolant in it'), mode)
        await expect(verdict(page)).toHaveText('Coolant in the cylinder.')
        await open(page, 'vacuum-decay', mode)
        await page.getByLabel('Vacuum drawn').fill('-80')
        await page.getByLabel('At the end').fill('-85')
        await press(page.getByRole('button', { name: 'Drawn and shut: start 10 min' }), mode)
        await timerOf(page, new URL(page.url()).pathname)
        await page.keyboard.press('Escape')
        await press(page.getByRole('button', { name: 'Stop', exact: true }), mode)
        await expect(page.getByLabel('Stood for')).toHaveValue('0.5')
        await page.getByLabel('Stood for').fill('10')
        await press(page.getByRole('button', { name: 'Keep the vacuum test' }), mode)
        await expect(page.getByRole('alert')).toContainText(
          'It cannot hold more vacuum than was drawn',
        )
        await page.getByLabel('At the end').fill('-60')
        await press(page.getByRole('button', { name: 'Keep the vacuum test' }), mode)
        await expect(verdict(page)).toHaveText('Vacuum is lost.')
      })

      await test.step('history: taken back and brought back', async () => {
        await press(page.getByRole('button', { name: 'Take it back' }), mode)
        await press(page.getByRole('button', { name: 'History' }), mode)
        const history = page.getByRole('dialog')
        await expect(history.getByText(/Took back: Vacuum decay/)).toBeVisible()
        await press(history.getByRole('button', { name: 'Bring it back' }), mode)
        await expect(history.getByText(/^Recorded: Vacuum decay$/)).toBeVisible()
        await press(history.getByRole('button', { name: 'Back to the check' }), mode)
        await expect(verdict(page)).toHaveText('Vacuum is lost.')
      })

      await allSent(page)
      await page.reload()
      await expect(verdict(page)).toHaveText('Vacuum is lost.')
      await page.goto(`${new URL(page.url()).pathname}/report`)
      await expect(page.getByRole('heading', { name: 'Photographs' })).toBeVisible()
      await expect(page.getByRole('img', { name: 'Upper hose' })).toHaveJSProperty('complete', true)
      expect(
        await page
          .getByRole('img', { name: 'Upper hose' })
          .evaluate((img: HTMLImageElement) => img.naturalWidth),
      ).toBeGreaterThan(10)
    })
  })
}
