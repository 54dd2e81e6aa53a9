import type { CheckWords } from './check-words'

export const interview: CheckWords = {
  name: 'Complaint',
  why: 'The keeper knows more than the gauge.',
  sentences: {
    'pattern.airSideAtIdle': 'Air side, at idle: it cools on the road.',
    'pattern.flowUnderLoad': 'Flow or capacity, under load: it copes at idle.',
    'pattern.everywhereSoon': 'Hot soon and everywhere: the coolant does not get round.',
    'pattern.gasPushes': 'Pressure before warmth: gas, or a cap that lets go.',
    'pattern.indicationOnly': 'Perhaps only the indication.',
    'pattern.beyondItsLoad': 'Beyond what it was built to pull.',
    'pattern.outsideParked': 'Outside, and standing: wet under it in the morning.',
    'pattern.outsideDriven': 'Outside, and only under way: pressure or heat opens it.',
    'pattern.intoTheEngine': 'Into the engine: white exhaust, rough when cold, dry below.',
    'pattern.insideTheCabin': 'Into the cabin: the heater side.',
    'pattern.overTheCap': 'Over the cap when hot: the cap, or what pushes it.',
    'pattern.noLossAtAll': 'Perhaps no loss at all.',
    'pattern.engineNeverWarms': 'The engine never warms: look at the thermostat before the heater.',
    'pattern.coreOrAir': 'Engine warm, heater cold at idle: little flow through it, or air.',
    'pattern.airSideOfHeater': 'The hose side may be well: little air comes out.',
    'pattern.doorOrSide': 'One side cold: a door, or a core half shut.',
    'pattern.airAfterWork': 'Air left behind by the last work.',
    'assumes.kilometresPerWeek':
      'Loss per distance turned into a week by {distance} a week: not recorded.',
    'advice.stopAtOnce': 'Stop and switch off. Do not drive it on: the coolant may be gone.',
    'advice.doNotDrive': 'Better not driven until this is settled.',
    'says.keeperYes': '“{question}” Yes',
    'says.keeperNo': '“{question}” No',
    'says.lossPerWeek': 'Keeper tops up {loss} a week',
  },
}
