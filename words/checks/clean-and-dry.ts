import type { CheckWords } from './check-words'

export const cleanAndDry: CheckWords = {
  name: 'Wipe the joints',
  why: 'What is wet afterwards is new.',
  states: {
    wiped: 'Wiped.',
  },
  panel: {
    'clean-and-dry.wipeEveryJointDryBefore':
      'Wipe every joint dry before pressing. Tap what you wiped: what is wet there afterwards is new.',
    'clean-and-dry.alreadySeenWetAGross':
      'Already seen wet: {p}. A gross leak is repaired or clamped off first, and the hold is made again.',
    'clean-and-dry.clampedOff': 'clamped off',
    'clean-and-dry.clampTakenOff': 'Clamp taken off',
    'clean-and-dry.clampedOff2': 'Clamped off',
    'clean-and-dry.repaired': 'Repaired: {name}',
    'clean-and-dry.allJointsWiped': 'All joints wiped',
    'clean-and-dry.pressItNow': 'Press it now',
    'clean-and-dry.ofWiped': '{size} of {parts} wiped.',
    'clean-and-dry.notWipedWetThereMay': 'Not wiped: {p}. Wet there may be old.',
    'clean-and-dry.madeTight': '{part} made tight',
  },
  sentences: {},
}
