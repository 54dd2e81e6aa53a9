import { expect, test } from '@playwright/test'
import { enter, settled } from './steps'

for (const [name, viewport] of [
  ['a laptop', { width: 1280, height: 800 }],
  ['a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(`on ${name}`, () => {
    test.use({ viewport, hasTouch: true })

    test('a new complaint: four questions, one at a time, with suspects before the case is opened', async ({
      page,
    }) => {
      await enter(page, 'ilka', '/new')
      const begun = Date.now()
      let taps = 0
      const tap = async (target: ReturnType<typeof page.getByRole>) => {
        await target.tap()
        taps++
      }
      await tap(page.getByRole('radio', { name: 'Overheats' }))
      await page.getByLabel('Vehicle, as you call it').fill(`A minute on ${name}`)
      const asked = page.getByRole('region', { name: 'The question that tells most' })
      const soFar = page.getByRole('region', { name: 'What it looks like so far' })
      await expect(soFar.locator('.suspect').first()).toBeVisible()
      const firstSuspects = Date.now() - begun
      const before = await soFar.textContent()
      const questions: string[] = []
      for (let i = 0; i < 4; i++) {
        const question = asked.locator('.question')
        await expect(question).toHaveText(/\?$/)
        questions.push((await question.textContent())!)
        await tap(asked.getByRole('button', { name: i === 0 ? 'Yes' : 'No', exact: true }))
        await expect(question).not.toHaveText(questions.at(-1)!)
      }
      expect(new Set(questions).size).toBe(4)
      await expect(asked.locator('.question')).toHaveText('Enough to begin: open the case.')
      await expect.poll(() => soFar.textContent()).not.toBe(before)
      // All others stay in reach, and show what was answered.
      await page.locator('summary', { hasText: 'Every question' }).tap()
      const first = page.getByRole('radiogroup', { name: questions[0]!, exact: true })
      await expect(first.getByRole('radio', { name: 'Yes' })).toBeChecked()
      await page.locator('summary', { hasText: 'Every question' }).tap()
      await tap(page.getByRole('button', { name: 'Open the case' }))
      await tap(page.getByRole('button', { name: 'Read; begin' }))
      await settled(page)
      console.log(
        `first minute on ${name}: suspects after ${firstSuspects} ms, case open and ranked after ${Date.now() - begun} ms, ${taps} taps`,
      )
      expect(Date.now() - begun).toBeLessThan(60_000)
      expect(taps).toBeLessThanOrEqual(8)
      const caseId = new URL(page.url()).pathname.split('/')[2]
      await expect(page.getByTestId('send-state')).toContainText(/sent/i)
      const answer = await page.request.get(`/api/cases/${caseId}/export`)
      const { records } = (await answer.json()) as { records: { kind: string }[] }
      expect(records.filter(({ kind }) => kind === 'interview.answer')).toHaveLength(4)
    })
  })
}
