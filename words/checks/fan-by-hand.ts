import type { CheckWords } from './check-words'

export const fanByHand: CheckWords = {
  name: 'Fan by hand',
  why: 'A hand on the fan.',
  states: {
    'clutch-free': 'Clutch turns too freely.',
    'clutch-dragging': 'Clutch drags cold.',
    'clutch-seized': 'Clutch seized.',
    'pump-bearing': 'The pump’s bearing rocks.',
    'clutch-bearing': 'The clutch’s bearing rocks.',
    streaks: 'Fluid streaks on the clutch.',
    'blades-damaged': 'Blades damaged.',
  },
  sentences: {
    'fanByHand.cold.free':
      'Free when cold is met on sound clutches too: turn it again hot, just after switch-off.',
    'fanByHand.cold.some':
      'Some drag when cold is met on sound clutches too: turn it again hot, just after switch-off.',
    'fanByHand.pass.hot': 'the clutch when hot',
    'says.clutchCold.free': 'Fan clutch turns freely, cold',
    'says.clutchCold.some': 'Fan clutch has some drag, cold',
    'says.clutchCold.stiff': 'Fan clutch is stiff, cold',
    'says.clutchCold.seized': 'Fan clutch is seized',
    'says.rocking.none': 'No rocking play at the fan',
    'says.rocking.clutch-only': 'The clutch rocks, the pulley does not',
    'says.rocking.pulley-too': 'Pulley and shaft rock too',
    'says.streaks.yes': 'Fluid streaks from the clutch',
    'says.streaks.no': 'Clutch dry',
    'says.blades.good': 'Fan blades whole',
    'says.blades.damaged': 'Fan blades damaged',
  },
}
