/** What each state of a check is called on a screen and in a report. */
export const STATE_NAMES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'level-and-condition': {
    overfull: 'Above the mark.',
    right: 'Level right.',
    low: 'Level low.',
    empty: 'Nearly empty.',
    'pressure-left': 'Pressure left after the night.',
    'oil-in-coolant': 'Oil in the coolant.',
    'coolant-in-oil': 'Coolant in the engine oil.',
    'gearbox-fluid': 'Gearbox fluid in the coolant.',
    brown: 'Rusty coolant.',
    sludge: 'Sludge.',
    mixed: 'Two coolants mixed.',
    sealant: 'Sealant in it.',
    'water-below': 'The liquid below is water.',
  },
  'look-round': {
    fins: 'Fins blocked.',
    stack: 'Matted between the cores.',
    shroud: 'Shroud broken or missing.',
    blades: 'Blades broken.',
    duct: 'Air duct missing.',
    lowerHose: 'Lower hose soft.',
    upperHoseCold: 'Upper hose drawn flat.',
    tank: 'Tank bulged.',
    insideHoses: 'Hoses crunch inside.',
  },
  mix: { right: 'Mix is right.', 'too-thin': 'Too thin.', 'too-strong': 'Too strong.' },
  'clean-and-dry': { wiped: 'Wiped.' },
  'leak-trace': { 'source-found': 'Source found.', 'not-found': 'Source not found yet.' },
  'cranking-rise': {
    'no-run': 'No run counts yet.',
    'no-rise': 'No rise.',
    rise: 'Pressure rises with cranking.',
    doubtful: 'Doubtful: within the gauge’s step.',
  },
  'fan-by-hand': {
    'clutch-free': 'Clutch turns too freely.',
    'clutch-dragging': 'Clutch drags cold.',
    'clutch-seized': 'Clutch seized.',
    'pump-bearing': 'The pump’s bearing rocks.',
    'clutch-bearing': 'The clutch’s bearing rocks.',
    streaks: 'Fluid streaks on the clutch.',
    'blades-damaged': 'Blades damaged.',
  },
  'belt-and-pump': {
    'drive-good': 'The drive turns the pump.',
    slipping: 'The belt slips.',
    still: 'The pump stands still.',
    bearing: 'A pulley wobbles.',
    misrouted: 'The belt runs the wrong way.',
  },
  'cold-soak': {
    agrees: 'The sensor agrees.',
    biased: 'The sensor is off.',
    'not-soaked': 'Not stood long enough to judge.',
    'nothing-to-compare': 'Nothing to compare with yet.',
  },
  'fan-circuit': {
    'no-break-found': 'No break found yet.',
    feed: 'Breaks in the feed.',
    relay: 'Breaks at the relay.',
    control: 'Breaks in the control.',
    ground: 'Breaks in the ground.',
    motor: 'The motor is dead.',
    speeds: 'One speed is missing.',
    direction: 'It blows the wrong way.',
  },
  'vacuum-decay': { holds: 'Vacuum holds.', falls: 'Vacuum is lost.' },
  endoscope: {
    'coolant-in-cylinder': 'Coolant in the cylinder.',
    'steam-cleaned': 'Steam-cleaned.',
    dry: 'Dry.',
  },
  'cylinder-leakage': {
    'leaks-to-coolant': 'Leaks to the coolant.',
    'leaks-elsewhere': 'Leaks elsewhere.',
    tight: 'Tight.',
  },
  'cooler-test': { leaks: 'Leaks.', tight: 'Tight.' },
}

/** The states of an outcome in words, joined; `nothing` when it names none. */
export function stateWords(
  check: string,
  states: readonly string[],
  nothing = 'Nothing found.',
): string {
  return states.length === 0
    ? nothing
    : states.map((s) => STATE_NAMES[check]?.[s] ?? `${s.replaceAll('-', ' ')}.`).join(' ')
}
