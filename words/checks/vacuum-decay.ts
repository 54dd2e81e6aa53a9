import type { CheckWords } from './check-words'

export const vacuumDecay: CheckWords = {
  name: 'Vacuum decay',
  why: 'Suction opens what pressure shuts.',
  states: {
    holds: 'Vacuum holds.',
    falls: 'Vacuum is lost.',
  },
  sentences: {
    'vacuum.pass.pressureLeaks': 'leaks that open under pressure',
    'says.vacuumFalls': 'Vacuum falls {rate}',
  },
}
