import {
  both,
  everything,
  isOneHold,
  notRecorded,
  onOneScreen,
  type Pair,
  report,
  reportOf,
  screens,
} from './said'

/** Sentences about holds, and about what is said not to be recorded. */
export const PAIRS_OF_HOLDS: readonly Pair[] = [
  {
    pair: 'more minutes to be sure | the hold has ended',
    clashes: onOneScreen(/more minutes? with this gauge/, /^Ended at \d/),
    caught: screens({ 'pressure-hold': ['Ended at 12:20', '2 more minutes with this gauge.'] }),
    allowed: screens({ 'pressure-hold': ['Ended at 12:20', 'It ended 2 minutes too soon.'] }),
  },
  {
    pair: 'no reading yet, take the first | readings listed, or a verdict on them',
    clashes: onOneScreen(
      /No reading yet|Take the first reading|Add the first reading/,
      /^\d+ readings?: look|it will not pass|Within the limit|^At \d/,
    ),
    caught: screens({ 'pressure-hold': ['No reading yet. Above the limit; it will not pass.'] }),
    allowed: screens({ 'pressure-hold': ['No reading yet. Take the first reading.'] }),
  },
  {
    pair: 'tight, within the limit | seep, leak, gross, it will not pass, of one hold',
    clashes: (told) =>
      isOneHold(told)
        ? onOneScreen(
            /^(?:Tight|Settling|Undecided)\.|Within the limit/,
            /^(?:Seep|Leak|Gross leak)\.|it will not pass/,
          )(told)
        : [],
    caught: screens(
      { 'pressure-hold': ['Tight. Above the limit; it will not pass.'] },
      'pressure-hold.start id: a',
    ),
    allowed: screens(
      { 'pressure-hold': ['Tight.', 'Seep. Above the limit; it will not pass.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start id: b',
    ),
  },
  {
    pair: 'hold tight | its fall above its limit',
    clashes: (told) =>
      reportOf(told).flatMap((line, i, lines) => {
        const fall = /Falls ([\d.]+) \S+ \([^)]*\); limit ([\d.]+)/.exec(lines[i + 1] ?? '')
        const isTight = /^Pressure hold[ \d]*: tight/.test(line)
        return isTight && fall && Number(fall[1]) > Number(fall[2])
          ? [[line, fall.input] as const]
          : []
      }),
    caught: report('Pressure hold: tight.', 'Falls 0.9 kPa/min (0.8 to 1.0); limit 0.47 kPa/min.'),
    allowed: report('Pressure hold: tight.', 'Falls 0.1 kPa/min (0.0 to 0.2); limit 0.47 kPa/min.'),
  },
  {
    pair: 'coolant temperature not recorded | a temperature in the record of that hold',
    clashes: (told) =>
      both(
        /^Coolant temperature at the (start|end) was not recorded/,
        /^pressure-hold\.(?:start|end) coolantAt(Start|End): \d/,
        everything,
        ([, one], [, other]) => one === other?.toLowerCase() && isOneHold(told),
      )(told),
    caught: screens(
      { report: ['Coolant temperature at the start was not recorded: cooling may be in it.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start coolantAtStart: 21',
    ),
    allowed: screens(
      { report: ['Coolant temperature at the end was not recorded: cooling may be in it.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start coolantAtStart: 21',
    ),
  },
  {
    pair: 'the profile does not say how much glycol | glycol in the profile, or a mix measured',
    ...notRecorded(
      /the system profile does not say how much/,
      /(?:profile glycolVolumeFraction|mix\.test volumeFraction)/,
    ),
    caught: screens(
      { report: ['Boiling points are for half: the system profile does not say how much.'] },
      'profile glycolVolumeFraction: 0.5',
    ),
    allowed: screens(
      { report: ['Boiling points are for half: the system profile does not say how much.'] },
      'profile glycolVolumeFraction: unknown',
    ),
  },
  {
    pair: 'cylinders assumed or not recorded | cylinders in the profile',
    ...notRecorded(
      /[Cc]ylinders assumed|Number of cylinders taken as \d+: not recorded/,
      /profile cylinders/,
    ),
    caught: screens(
      { endoscope: ['Four cylinders assumed: say how many.'] },
      'profile cylinders: 6',
    ),
    allowed: screens({ endoscope: ['Four cylinders assumed: say how many.'] }),
  },
  {
    pair: 'thermostat’s rating is not recorded | rating in the profile',
    ...notRecorded(/rating is not recorded/, /profile thermostatRatingC/),
    caught: screens(
      { report: ['Thermostat taken as 88 °C: its rating is not recorded.'] },
      'profile thermostatRatingC: 82',
    ),
    allowed: screens({ report: ['Thermostat taken as 88 °C: its rating is not recorded.'] }),
  },
  {
    pair: 'capacity not recorded | capacity in the profile',
    ...notRecorded(/^Capacity not recorded/, /profile capacityLitres/),
    caught: screens(
      { mix: ['Capacity not recorded: it cannot be said.'] },
      'profile capacityLitres: 9',
    ),
    allowed: screens({ mix: ['Capacity not recorded: it cannot be said.'] }),
  },
  {
    pair: 'side of the thermostat not known | side in the profile',
    ...notRecorded(/Side of the thermostat not known/, /profile thermostatSide/),
    caught: screens(
      { report: ['Side of the thermostat not known.'] },
      'profile thermostatSide: inlet',
    ),
    allowed: screens({ report: ['Side of the thermostat not known.'] }),
  },
  {
    pair: 'hours of driving a week not recorded | hours of driving recorded',
    ...notRecorded(/hours of driving a week.*not recorded/, /interview\.usage hoursPerWeek/),
    caught: screens(
      { report: ['Litres rest on about 10 hours of driving a week, 5 to 20: not recorded.'] },
      'interview.usage hoursPerWeek: 6',
    ),
    allowed: screens({
      report: ['Litres rest on about 10 hours of driving a week, 5 to 20: not recorded.'],
    }),
  },
]
