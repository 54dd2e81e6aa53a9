import { appendFileSync } from 'node:fs'

/** Whether all of a fault is run (npm run test:faults) or the short set that stands in npm test. */
export const isWhole = process.env.FAULTS === 'whole'
export const sized = (whole: number, short: number): number => (isWhole ? whole : short)

/** Says what was tried, what is expected and what came; scripts/faults.mjs prints the list. */
export function tell(tried: string, expected: string, got: string): void {
  const file = process.env.FAULTS_TOLD
  if (file) appendFileSync(file, `${JSON.stringify({ tried, expected, got })}\n`)
}
