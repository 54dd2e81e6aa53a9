import { readdirSync, readFileSync } from 'node:fs'
import { readCaseFile } from '../record/read'
import { eventsOfKind } from '../record/standing'
import type { CaseFile } from '../record/schema'
import type { SystemProfile } from '../vehicle/profile'

export interface Vignette {
  name: string
  file: CaseFile
  causes: string[]
  reason: string
}

/** The vignettes of one folder, with the cause and the reason from their closing event. */
export function vignettes(folder: 'open' | 'kept-apart'): Vignette[] {
  return readdirSync(`data/vignettes/${folder}`).map((name) => {
    const file = readCaseFile(readFileSync(`data/vignettes/${folder}/${name}`, 'utf8'))
    const { data } = eventsOfKind(file.events, 'closed').at(-1)!
    return {
      name: `${folder}/${name.replace('.json', '')}`,
      file,
      causes: data.causes,
      reason: data.words ?? '',
    }
  })
}

/** The vehicles of all vignettes, each system once. */
export const vehiclesOfVignettes = (): SystemProfile[] => [
  ...new Map(
    [...vignettes('open'), ...vignettes('kept-apart')].map(({ file: { vehicle } }) => [
      JSON.stringify(vehicle.profile),
      vehicle.profile,
    ]),
  ).values(),
]
