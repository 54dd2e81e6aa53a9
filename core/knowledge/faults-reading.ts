import { at, brings, cost, fault, guard, priors, yes } from './fault-builder'
import type { Effect, Fault, Group } from './types'

const secondAtSamePlace = guard('second-temperature', 'A second temperature at the same place')
const hosesMeasured = guard('heater-hoses-measured', 'Both heater hoses measured hot')

export const READING_FAULTS: readonly Fault[] = [
  fault({
    id: 'coolant-sensor-biased',
    name: 'Coolant sensor biased',
    what: 'The sensor tells another temperature than there is.',
    part: 'engine',
    group: 'reading',
    prior: priors('exceptional', 'rare', 'rare'),
    priorBecause: 'Sensors age.',
    effects: [
      yes('sensor-off-cold', 'mostly', 'Cold it disagrees with the air.'),
      yes('scan-disagrees', 'nearlyAlways', 'Scan against a second source.'),
      yes('sensor-resistance-off', 'mostly', 'Its resistance is not what the maker’s table says.'),
      yes('hot-at-idle', 'seldom', 'Reading low, it has the fan come late.'),
      yes('cooling-code', 'sometimes', 'Implausible values.'),
      yes('sensor-code', 'sometimes', 'Implausible values.'),
      yes('gauge-only', 'sometimes', 'Some dashes show it.'),
      at('opening-late', { late: 'sometimes' }, 'Reading high, every opening looks late.'),
      yes('hot-at-load', 'seldom', 'Reading high, it cries wolf.'),
    ],
    causes: [brings('sensor-low', 'even', 'It errs to either side.')],
    guards: [
      guard(
        'second-temperature-differs',
        'A second temperature at the same place, and it differs, or its resistance beside the maker’s table',
        'second-temperature-differs',
        'sensor-resistance-off',
      ),
      guard(
        'wiring-good',
        'Wiring moved, and the reading steady, or measured with the plug pulled',
        'wiring-good',
        'sensor-resistance-off',
      ),
    ],
    cost: cost(0.4, 40),
    proof: 'Agrees within 3 K after a cold soak.',
  }),
  fault({
    id: 'sensor-wiring',
    name: 'Sensor wiring',
    what: 'Plug or wire of the sensor makes the reading jump or fail.',
    part: 'engine',
    group: 'reading',
    prior: priors('exceptional', 'rare', 'veryRare'),
    priorBecause: 'Plugs in heat and salt.',
    effects: [
      yes('wiring-bad', 'mostly', 'Moved, the reading jumps.'),
      yes('wanders', 'often', 'The reading jumps.'),
      yes('scan-disagrees', 'often', 'A substitute value is shown.'),
      yes('cooling-code', 'often', 'The control sees it.'),
      yes('sensor-code', 'often', 'Open, shorted or coming and going, the control sees it.'),
      yes('sensor-off-cold', 'sometimes', 'Resistance adds.'),
      yes('fan-always', 'even', 'The control runs the fan for safety.'),
      yes('gauge-only', 'even', 'Only the needle is odd.'),
    ],
    causes: [
      brings('sensor-low', 'often', 'Resistance adds, and an open circuit reads as deep frost.'),
    ],
    guards: [secondAtSamePlace, guard('wiring-jumps', 'Wiring moved, and the reading jumps')],
    cost: cost(0.1, 60),
    proof: 'Reading steady while the wiring is moved.',
  }),
  fault({
    id: 'dash-gauge-wrong',
    name: 'Dash gauge wrong',
    what: 'The needle tells another temperature than scan and gun.',
    part: 'engine',
    group: 'reading',
    prior: priors('exceptional', 'uncommon', 'uncommon'),
    priorBecause: 'Own senders, clusters and grounds.',
    effects: [
      yes('dash-disagrees', 'nearlyAlways', 'Dash against scan while scan and gun agree.'),
      yes('gauge-only', 'nearlyAlways', 'Only the needle is odd.'),
    ],
    guards: [
      guard(
        'compared-at-two',
        'Both compared at two temperatures, and the needle odd',
        'dash-compared-at-two + dash-odd',
      ),
    ],
    cost: cost(2, 90),
    proof: 'Needle and scan agree at two temperatures.',
  }),
  fault({
    id: 'blend-door-stuck',
    name: 'Blend door or its calibration',
    what: 'The heater is hot and the door keeps its air away.',
    part: 'heater-core',
    group: 'reading',
    prior: priors('exceptional', 'exceptional', 'veryCommon'),
    priorBecause: 'Doors, gears and lost calibration.',
    effects: [
      yes('heater-cold', 'nearlyAlways', 'The vent is cold whatever the hoses do.'),
      yes('vent-cold', 'nearlyAlways', 'Both hoses hot, vent cold.'),
      yes('door-command', 'mostly', 'It does not follow.'),
      yes('one-side-cold', 'even', 'One door of two.'),
    ],
    guards: [
      hosesMeasured,
      guard(
        'vent-or-door',
        'Vents cold beside hot hoses, or the door does not follow its command',
        'vent-cold-hoses-hot',
        'door-command-fails',
      ),
    ],
    cost: cost(1.5, 180),
    proof: 'Vents warm left and right.',
  }),
  fault({
    id: 'blower-or-filter',
    name: 'Blower or cabin filter',
    what: 'Too little air passes the heater.',
    part: 'heater-core',
    group: 'reading',
    prior: priors('exceptional', 'exceptional', 'fairlyCommon'),
    priorBecause: 'Filters are forgotten.',
    effects: [
      yes('vents-weak', 'nearlyAlways', 'Little air.'),
      yes('air-weak', 'nearlyAlways', 'Measured too.'),
      yes('heater-cold', 'often', 'It is felt as no heat.'),
    ],
    guards: [hosesMeasured, guard('heater-air-weak', 'Little air felt at the vents')],
    cost: cost(0.4, 40),
    proof: 'Air at all vents, warm.',
  }),
  fault({
    id: 'engine-makes-heat',
    name: 'Engine makes too much heat',
    what: 'Timing, lean mixture, a dragging brake or a blocked exhaust.',
    part: 'engine',
    group: 'reading',
    prior: priors('exceptional', 'uncommon', 'exceptional'),
    priorBecause: 'Looked for last, when all cooling is good.',
    effects: [
      yes('hot-at-load', 'mostly', 'Hot under load.'),
      yes('low-power', 'mostly', 'Heat that does not drive.'),
    ],
    guards: [
      guard(
        'cooling-proven',
        'Cooling side proven',
        'thermostat-opened + pump-delivers + air-side-clean + fan-works',
      ),
      guard('hot-under-load', 'Hot under load while it was recorded'),
    ],
    cost: cost(1, 120),
    proof: 'Load run after the engine is put right.',
  }),
  fault({
    id: 'overload',
    name: 'Overload, or heat beyond the vehicle’s rating',
    what: 'More is asked than it was built for.',
    part: 'engine',
    group: 'reading',
    prior: priors('exceptional', 'uncommon', 'exceptional'),
    priorBecause: 'Depots load heavily and passes are long.',
    effects: [
      yes('hot-at-load', 'nearlyAlways', 'Only under that load.'),
      yes('heavy-load', 'nearlyAlways', 'The keeper knows.'),
      yes('load-beyond', 'nearlyAlways', 'Recorded, it is beyond the rating.'),
      yes('margin-thin', 'mostly', 'All good, margin thin.'),
      yes('hot-with-ac', 'even', 'Heat takes the rest.'),
    ],
    guards: [
      guard(
        'load-recorded',
        'Load recorded, and beyond the rating',
        'load-recorded + load-beyond-rating',
      ),
    ],
    cost: cost(0, 10),
    proof: 'Same road within the rating, temperature steady.',
  }),
]

const harmless = (row: Omit<Fault, 'group' | 'causes' | 'links' | 'cost' | 'disturbs'>): Fault =>
  fault({ ...row, group: 'nothing-wrong', cost: cost(0, 5) })

export const HARMLESS: readonly Fault[] = [
  harmless({
    id: 'overfilled',
    name: 'Harmless: overfilled',
    what: 'It was filled above the mark and finds its own level.',
    part: 'expansion-tank',
    prior: priors('fairlyCommon', 'veryRare', 'exceptional'),
    priorBecause: 'Kind keepers fill to the brim.',
    effects: [
      yes('filled-above-mark', 'nearlyAlways', 'That is what it is.'),
      yes('pushed-out-hot', 'sometimes', 'Expansion pushes the surplus out.'),
      at('loss-size', { moderate: 'seldom' }, 'Only the surplus goes.'),
      at('creep', { settles: 'even' }, 'It rises and holds.'),
    ],
    guards: [
      guard('level-mark-identified', 'Level mark identified, and level steady there'),
      guard('level-above-mark', 'Seen filled above the mark'),
    ],
    proof: 'Level steady at the mark after 7 days.',
  }),
  harmless({
    id: 'normal-expansion',
    name: 'Harmless: normal expansion',
    what: 'The level rises hot and comes back cold, as it should.',
    part: 'expansion-tank',
    prior: priors('fairlyCommon', 'veryRare', 'exceptional'),
    priorBecause: 'Seen by those who look for the first time.',
    effects: [
      yes('level-swings', 'nearlyAlways', 'That is what was seen.'),
      at('creep', { settles: 'mostly' }, 'It rises and holds.'),
    ],
    guards: [
      guard('level-mark-identified', 'Level mark identified, and level steady there'),
      guard('rises-and-holds', 'Watched hot: it rises and holds'),
    ],
    proof: 'Level steady at the mark after 7 days.',
  }),
  harmless({
    id: 'condensate',
    name: 'Harmless: air-conditioning water',
    what: 'The water under it is condensate.',
    part: 'heater-core',
    prior: priors('fairlyCommon', 'exceptional', 'exceptional'),
    priorBecause: 'Clear water under the bulkhead on warm days.',
    effects: [
      yes('ac-water', 'nearlyAlways', 'Clear, without feel or smell, after air conditioning.'),
      yes('wet-under', 'nearlyAlways', 'It wets the ground.'),
      yes('liquid-is-water', 'nearlyAlways', 'By colour, feel or strip it is water.'),
    ],
    guards: [guard('liquid-identified', 'Liquid identified as water')],
    proof: 'Level steady at the mark after 7 days.',
  }),
  harmless({
    id: 'gauge-resting',
    name: 'Harmless: gauge rests where it should',
    what: 'The needle stands where it is built to stand.',
    part: 'engine',
    prior: priors('exceptional', 'uncommon', 'rare'),
    priorBecause: 'A flat band of 35 degrees and an anxious driver.',
    effects: [
      yes('needle-normal', 'nearlyAlways', 'It always stood there.'),
      yes('gauge-only', 'mostly', 'Nothing else is odd.'),
    ],
    guards: [
      guard(
        'compared-at-two',
        'Needle and scan compared at two temperatures, and the needle fits',
        'dash-fits-at-two',
      ),
    ],
    proof: 'Needle and scan agree at two temperatures.',
  }),
]

interface UnlistedRow {
  group: Group
  id: string
  of: string
  prior: Fault['prior']
  effects: readonly Effect[]
}

/** One for each group: something of that kind which nobody wrote down, raising that group's abnormal signs. */
const unlisted = ({ id, of, prior, effects }: UnlistedRow): Fault =>
  fault({
    id,
    name: `Not in the book: ${of}`,
    what: `Something of this kind that the book does not list: ${of}.`,
    group: 'not-in-the-book',
    prior,
    priorBecause: 'No book lists everything.',
    effects,
    guards: [guard('all-excluded', 'Every listed suspect excluded')],
    cost: cost(2, 120),
    proof: 'The complaint gone, and the cause written down for the book.',
  })

export const UNLISTED: readonly Fault[] = [
  {
    ...unlisted({
      group: 'leak',
      id: 'unlisted-leak',
      of: 'a way out for coolant',
      prior: priors('uncommon', 'veryRare', 'veryRare'),
      effects: [
        at(
          'hold-cold',
          { seep: 'even', leak: 'seldom', gross: 'rarely' },
          'An unlisted leak makes the hold fall like any other.',
        ),
        at(
          'hold-hot',
          { seep: 'even', leak: 'seldom', gross: 'rarely' },
          'An unlisted leak makes the hold fall like any other.',
        ),
        yes('tray-wet', 'even', 'An unlisted leak drips as often as not.'),
        yes('wet-under', 'even', 'An unlisted leak drips as often as not.'),
        at('loss-size', { moderate: 'sometimes', heavy: 'seldom' }, 'Any size.'),
        yes('white-exhaust', 'seldom', 'Coolant may burn by a way not listed.'),
        yes('vacuum-falls', 'sometimes', 'As any leak.'),
        yes('level-falls-after', 'mostly', 'As any leak.'),
        yes('pushed-out-hot', 'seldom', 'As any leak.'),
        yes('traced:elsewhere', 'often', 'It comes out where the list has no place.'),
      ],
    }),
    guards: [
      guard(
        'seen-elsewhere',
        'Seen coming out at a place that the list does not have',
        'traced:elsewhere',
      ),
    ],
    causes: [brings('level-low', 'even', 'What goes out is missing.')],
  },
  {
    ...unlisted({
      group: 'flow',
      id: 'unlisted-flow',
      of: 'coolant that does not move',
      prior: priors('exceptional', 'uncommon', 'uncommon'),
      effects: [
        yes('hot-at-load', 'even', 'Heat not carried by a cause not listed.'),
        yes('heater-cold', 'even', 'No heat by a cause not listed.'),
        at('opening-late', { late: 'seldom' }, 'As any lack of flow.'),
        yes('heater-drop', 'seldom', 'As any lack of flow.'),
        yes('radiator-patches', 'seldom', 'As any lack of flow.'),
        yes('wanders', 'seldom', 'As any lack of flow.'),
      ],
    }),
    causes: [
      brings('flow-poor', 'sometimes', 'As any lack of flow.'),
      brings('engine-cool', 'seldom', 'Cold by a cause not listed.'),
    ],
  },
  unlisted({
    group: 'air',
    id: 'unlisted-air',
    of: 'heat that is not shed',
    prior: priors('exceptional', 'uncommon', 'exceptional'),
    effects: [
      yes('hot-at-idle', 'even', 'Heat not shed by a cause not listed.'),
      yes('hot-at-load', 'even', 'Heat not shed by a cause not listed.'),
      yes('hot-with-ac', 'sometimes', 'Heat not shed by a cause not listed.'),
      yes('radiator-hot-through', 'sometimes', 'Heat not shed by a cause not listed.'),
      at('fan-late', { late: 'seldom', never: 'seldom' }, 'A fan fault not listed.'),
      yes('fan-no-effect', 'sometimes', 'Heat not shed by a cause not listed.'),
    ],
  }),
  unlisted({
    group: 'reading',
    id: 'unlisted-reading',
    of: 'engine, reading or cabin',
    prior: priors('exceptional', 'uncommon', 'uncommon'),
    effects: [
      yes('heater-cold', 'even', 'No heat by a cause not listed.'),
      yes('hot-at-load', 'sometimes', 'Heat made by a cause not listed.'),
      yes('gauge-only', 'sometimes', 'A reading fault not listed.'),
      yes('scan-disagrees', 'seldom', 'A reading fault not listed.'),
      yes('vent-cold', 'seldom', 'A cabin fault not listed.'),
    ],
  }),
]
