import type { Book, Fault, Sign } from '../knowledge/types'
import type { PlacedReading } from './evidence'

/** A sign of which only the states and what comes of itself matter. */
export const bareSign = (id: string, { states, leak }: Pick<Sign, 'states' | 'leak'>): Sign => ({
  id,
  name: '',
  states,
  leak,
  leakBecause: '',
  check: '',
})

/** A fault of which only the priors and what it brings about matter. */
export const bareFault = (
  id: string,
  more: Pick<Fault, 'effects'> & Partial<Fault> & { lossPrior: Fault['prior']['coolant-loss'] },
): Fault => {
  const { lossPrior, ...own } = more
  return {
    id,
    name: '',
    what: '',
    group: 'leak',
    priorBecause: '',
    guards: [],
    links: [],
    proof: '',
    disturbs: [],
    cost: { partHours: 1, minutes: 1 },
    prior: { 'coolant-loss': lossPrior, overheats: 'rare', 'no-heat': 'rare' },
    causes: [],
    ...own,
  }
}

/** A book of these faults and signs in which nothing is wrong so often. */
export const bareBook = (
  { faults, signs, conditions = [] }: Pick<Book, 'faults' | 'signs'> & Partial<Book>,
  nothing: number,
): Book => ({
  version: 'example',
  faults,
  conditions,
  signs,
  nothingAtAll: {
    'coolant-loss': nothing,
    overheats: nothing,
    'no-heat': nothing,
    inspection: nothing,
  },
  aliases: { faults: {}, signs: {} },
})

/** A valid reading of a sign, under conditions of its own. */
export const bareReading = (
  sign: string,
  likelihood: Readonly<Record<string, number>>,
  epoch = 0,
): PlacedReading => ({
  source: sign,
  sign,
  epoch,
  conditions: sign,
  validity: 1,
  likelihood,
  says: { id: '', parameters: {} },
})
