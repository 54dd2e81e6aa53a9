import { type Locator, type Page, expect } from '@playwright/test'
import { atNewComplaint, openCheck } from './steps'

export type Mode = 'touch' | 'keyboard'

export async function press(target: Locator, mode: Mode) {
  await expect(target).toBeEnabled()
  if (mode === 'touch') return target.tap()
  await target.focus()
  await target.press('Enter')
}
export const verdict = (page: Page) =>
  page
    .getByRole('status')
    .filter({ has: page.locator('.verdict') })
    .locator('.verdict')

export async function open(page: Page, check: string, mode: Mode) {
  if (mode === 'touch') await page.getByRole('button', { name: 'Steps', exact: true }).tap()
  await openCheck(page, check)
}

export async function complaint(
  page: Page,
  kind: 'Loses coolant' | 'Overheats' | 'No heat',
  vehicle: string,
  mode: Mode,
) {
  await atNewComplaint(page)
  await press(page.getByRole('radio', { name: kind }), mode)
  await page.getByLabel('Vehicle, as you call it').fill(vehicle)
  await press(page.getByRole('button', { name: 'Open the case' }), mode)
  await press(page.getByRole('button', { name: 'Read; begin' }), mode)
  await expect(page.getByRole('heading', { name: 'Before you start' })).toBeHidden()
}

/** A small picture, drawn in the browser. */
export async function picture(page: Page): Promise<Buffer> {
  const url = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 2400, height: 1200 })
    const draw = canvas.getContext('2d')!
    draw.fillStyle = '#345'
    draw.fillRect(0, 0, 2400, 1200)
    draw.fillStyle = '#da5'
    draw.fillRect(300, 300, 600, 500)
    return canvas.toDataURL('image/png')
  })
  return Buffer.from(url.slice(url.indexOf(',') + 1), 'base64')
}

/** Two calm seconds, five of cranking with pulses, three calm; kPa. With a gap in the middle where asked. */
export function trace(gap: boolean): string {
  const rows = ['time_s,pressure (kPa)']
  for (let t = 0; t <= 10; t += 0.05) {
    if (gap && t > 4 && t < 5.5) continue
    const cranking = t > 2 && t < 7
    const value =
      (t <= 2 ? 0 : t >= 7 ? 3 : ((t - 2) / 5) * 3) + (cranking ? 0.4 * Math.sin(t * 30) : 0)
    rows.push(`${t.toFixed(2)},${value.toFixed(2)}`)
  }
  return rows.join('\n')
}
