import type { CheckWords } from './check-words'

export const mix: CheckWords = {
  name: 'Coolant mix',
  why: 'A drop on the glass.',
  states: {
    right: 'Mix is right.',
    'too-thin': 'Too thin.',
    'too-strong': 'Too strong.',
  },
  panel: {
    'mix.antifreeze': 'Antifreeze',
    'mix.freezesAt': 'Freezes at',
    'mix.boilsAtWithThisCap': 'Boils at, with this cap, up here',
    'mix.ofAntifreezeAskedFor': '{volumeFraction} % of antifreeze, {wantedFraction} % asked for',
    'mix.toReach': 'To reach {wantedFraction} %:',
    'mix.drainThenAdd': 'drain {drainedLitres}, then add {a}.',
    'mix.thatIsNotEnoughAt': 'That is not enough: at least {leastDrainLitres} must come out.',
    'mix.ifThisMuchWasDrained': 'If this much was drained',
    'mix.measuredAgain': 'Measured again',
    'mix.instrument': 'Instrument',
    'mix.refractometer': 'Refractometer',
    'mix.hydrometer': 'Hydrometer',
    'mix.testStrip': 'Test strip',
    'mix.itShows': 'It shows',
    'mix.shareOfAntifreeze': 'Share of antifreeze',
    'mix.freezePoint': 'Freeze point',
    'mix.askedForHere': 'Asked for here',
    'mix.fromTheMakersFiguresHalf': 'From the maker’s figures; half where not known',
    'mix.keepTheNewReading': 'Keep the new reading',
    'mix.keepTheReading': 'Keep the reading',
    'mix.takeItBack': 'Take it back',
    'mix.typeWhatTheInstrumentShows': 'Type what the instrument shows in per cent.',
    'mix.typeTheFreezePointThat': 'Type the freeze point that the instrument shows.',
  },
  sentences: {
    'mix.concentrateTakenAsPure':
      'The concentrate is taken as pure: one that is mixed already, or a premix, needs more. Say how much glycol is in it.',
    'mix.capacityUnknown': 'Capacity not recorded: how much to drain and add cannot be said.',
    'mix.notReachable': 'That fraction cannot be reached by draining this much: drain more.',
    'says.mix': 'Mix is {percent} % by volume, {wanted} % wanted',
  },
}
