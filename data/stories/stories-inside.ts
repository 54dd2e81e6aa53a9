import type { Story } from './writer'

const loss = (
  id: string,
  profile: Story['profile'],
  causes: string[],
  title: string,
  reason: string,
  tell: Story['tell'],
): Story => ({ id, title, complaint: 'coolant-loss', profile, causes, reason, tell })

const outsideDry: Story['tell'] = (t) =>
  t.dry(
    'radiator',
    'upper-hose',
    'lower-hose',
    'pump',
    'expansion-tank',
    'thermostat',
    'heater-hoses',
  )

/** Coolant goes inside, or gas and oil come in. */
export const INSIDE_STORIES: readonly Story[] = [
  loss(
    'gasket-cylinder',
    'minibus',
    ['gasket-to-cylinder'],
    'White exhaust and a dry tray',
    'Cylinder 3 was wet after a hold: the gasket let coolant in.',
    (t) => {
      t.loses(0.8)
      t.yes('white-exhaust', 'cold-misfire')
      t.no('wet-under', 'carpet-wet')
      t.level({ level: 'low', oilInCoolant: 'no', emulsionInOil: 'no' })
      t.goodCap()
      t.hold({ fall: 0.9, cylinders: 'wet' })
      outsideDry(t)
      t.rec('endoscope.look', { cylinder: 3, seen: 'wet', pressed: true })
    },
  ),
  loss(
    'gasket-gas',
    'minibus',
    ['gasket-gas-to-coolant'],
    'Hard hoses in the morning, pushes out hot',
    'Gas in the coolant: colour changed, pressure rose before it was warm.',
    (t) => {
      t.loses(1)
      t.yes('pushed-out-hot', 'hoses-hard-early')
      t.no('wet-under', 'recent-drain', 'white-exhaust')
      t.level({ level: 'low', residualPressure: 'strong' })
      t.goodCap()
      t.hold({ fall: 0.03 })
      t.gas('changed')
      t.crank([1, 2, 3, 4], 6)
    },
  ),
  loss(
    'gasket-oil',
    'minibus',
    ['gasket-to-oil'],
    'Milky oil, level falls',
    'Milk on the dipstick on long drives; no oil cooler on this engine.',
    (t) => {
      t.loses(0.5)
      t.no('white-exhaust', 'wet-under', 'pushed-out-hot', 'gasket-done-before')
      t.level({
        level: 'low',
        emulsionInOil: 'dipstick',
        oilInCoolant: 'yes',
        residualPressure: 'none',
      })
      t.goodCap()
      t.hold({ fall: 0.7 })
      outsideDry(t)
      t.rec('teardown.measure', {
        what: 'head-face',
        gaps: [],
        overheated: 'no',
        crack: 'none-after-test',
        gasketTrace: 'across',
        pitting: 'not-looked',
      })
    },
  ),
  loss(
    'head-crack',
    'plough',
    ['head-cracked'],
    'Back after a new head gasket',
    'The head was cracked between the valves; the gasket had been replaced for nothing.',
    (t) => {
      t.loses(1)
      t.yes('gasket-done-before', 'overheated-before', 'pushed-out-hot', 'hoses-hard-early')
      t.no('wet-under')
      t.level({ level: 'low', residualPressure: 'strong', emulsionInOil: 'no' })
      t.hold({ fall: 0.5 })
      t.gas('changed')
      t.rec('teardown.measure', {
        what: 'head-face',
        gaps: [],
        overheated: 'yes',
        crack: 'found',
        gasketTrace: 'none',
        pitting: 'not-looked',
      })
    },
  ),
  loss(
    'block-crack',
    'oldTruck',
    ['block-cracked'],
    'Froze in winter, milky oil since',
    'The block cracked in frost with plain water in it.',
    (t) => {
      t.loses(1)
      t.yes('gasket-done-before')
      t.no('wet-under', 'white-exhaust')
      t.level({ level: 'low', emulsionInOil: 'dipstick' })
      t.rec('mix.test', { instrument: 'refractometer', volumeFraction: 0.08 })
      t.hold({ fall: 0.8 })
      t.rec('teardown.measure', {
        what: 'block-face',
        gaps: [],
        overheated: 'no',
        crack: 'found',
        gasketTrace: 'none',
        pitting: 'not-looked',
      })
      t.rec('teardown.measure', {
        what: 'head-face',
        gaps: [],
        overheated: 'no',
        crack: 'none-after-test',
        gasketTrace: 'none',
        pitting: 'not-looked',
      })
    },
  ),
  loss(
    'oil-cooler',
    'truck',
    ['oil-cooler-internal'],
    'Oil in the tank, no gas',
    'The oil cooler leaked inside: pressed alone it let air through.',
    (t) => {
      t.no('white-exhaust', 'pushed-out-hot', 'wet-under')
      t.level({
        level: 'right',
        oilInCoolant: 'yes',
        emulsionInOil: 'no',
        residualPressure: 'none',
        pinkFroth: 'no',
      })
      t.hold({ fall: 0.1 })
      t.gas('same')
      t.rec('cooler-test.test', { which: 'oil-cooler', result: 'leaks' })
    },
  ),
  loss(
    'gearbox-cooler',
    'van',
    ['gearbox-cooler-internal'],
    'Strawberry foam in the tank',
    'Gearbox fluid in the coolant: the cooler in the radiator.',
    (t) => {
      t.no('white-exhaust', 'wet-under')
      t.level({ level: 'right', pinkFroth: 'yes', oilInCoolant: 'yes', residualPressure: 'none' })
      t.rec('cooler-test.test', { which: 'gearbox-cooler', result: 'leaks' })
      t.rec('cooler-test.test', { which: 'oil-cooler', result: 'tight' })
    },
  ),
  loss(
    'egr-cooler',
    'truck',
    ['egr-cooler-internal'],
    'White exhaust without gasket signs',
    'The EGR cooler burnt coolant: tight with the coolers isolated, and it failed alone.',
    (t) => {
      t.loses(1)
      t.yes('white-exhaust')
      t.no('wet-under', 'hoses-hard-early', 'cold-misfire')
      t.level({ level: 'low', residualPressure: 'none', oilInCoolant: 'no' })
      t.hold({ fall: 0.9 })
      t.hold({ fall: 0.03, isolated: ['coolers'] })
      t.rec('cooler-test.test', { which: 'egr-cooler', result: 'leaks' })
    },
  ),
  loss(
    'injector-sleeve',
    'truck',
    ['injector-sleeve-leak'],
    'Gas in the coolant after injector work',
    'An injector sleeve let gas by; isolated one by one it was found.',
    (t) => {
      t.loses(0.8)
      t.yes('pushed-out-hot', 'hoses-hard-early')
      t.no('wet-under', 'white-exhaust')
      t.level({ level: 'low', residualPressure: 'some' })
      t.hold({ fall: 0.3 })
      t.gas('changed')
      t.rec('cooler-test.test', { which: 'injector-sleeve', result: 'leaks' })
      t.rec('cooler-test.test', { which: 'air-compressor', result: 'tight' })
    },
  ),
  loss(
    'liner-pinhole',
    'truck',
    ['liner-pinhole'],
    'Coolant in the sump',
    'A wet liner holed by cavitation dripped with the sump off.',
    (t) => {
      t.loses(1)
      t.no('wet-under', 'white-exhaust', 'gasket-done-before')
      t.level({ level: 'low', emulsionInOil: 'dipstick', look: 'brown', oilInCoolant: 'no' })
      t.hold({ fall: 0.9 })
      t.rec('cooler-test.test', { which: 'liner', result: 'leaks' })
      t.rec('cooler-test.test', { which: 'oil-cooler', result: 'tight' })
    },
  ),
  loss(
    'compressor',
    'truck',
    ['compressor-gasket'],
    'Bubbles, and the gas test stays negative',
    'The air compressor pressed air in: isolated, the bubbles stopped.',
    (t) => {
      t.loses(0.5)
      t.yes('pushed-out-hot')
      t.no('white-exhaust', 'wet-under')
      t.level({ level: 'low', residualPressure: 'some' })
      t.hold({ fall: 0.03 })
      t.gas('same')
      t.gas('same')
      t.rec('level-creep.watch', {
        points: [0, 3, 6, 9, 12, 15].map((m) => ({ minutes: m, mm: m * 2 })),
        bubbles: 'continuous',
        overflowed: 'yes',
        startedAt: 'at-mark',
        refilledAndNotBled: 'no',
      })
      t.rec('cooler-test.test', { which: 'air-compressor', result: 'leaks' })
    },
  ),
  loss(
    'negative-thrice',
    'minibus',
    ['gasket-gas-to-coolant'],
    'Three negative gas tests at idle',
    'The breach opened only under load: three tests at idle were one test. After a climb the colour changed.',
    (t) => {
      t.loses(0.8)
      t.yes('pushed-out-hot', 'hot-at-load')
      t.no('wet-under', 'recent-drain', 'carpet-wet')
      t.level({ level: 'low', residualPressure: 'strong' })
      t.goodCap()
      t.hold({ fall: 0.03 })
      t.gas('same', false)
      t.gas('same', false)
      t.gas('same', false)
      t.gas('changed', true, { load: 'after-load-run' })
    },
  ),
  loss(
    'hot-only',
    'van',
    ['gasket-external'],
    'Tight cold, wet when hot',
    'The joint opened hot only; a hot hold showed it.',
    (t) => {
      t.loses(0.5)
      t.no('white-exhaust')
      t.level({ level: 'low' })
      t.hold({ fall: 0.05 })
      t.hold({ fall: 0.9, engine: 'hot', tray: 'dry' })
      t.see('engine', 'dried-and-wet-again')
      t.trace(['head-joint', 'wet-again'], ['hard-pipe', 'dry'])
    },
  ),
  loss(
    'low-level-pass',
    'camper',
    ['radiator-seam-leak'],
    'A pass with an empty radiator',
    'The first hold pressed air and proved nothing; filled, the crimp seeped.',
    (t) => {
      t.loses(0.8)
      t.yes('wet-under')
      t.level({ level: 'low' })
      t.hold({ fall: 0.05, level: 'low' })
      t.hold({ fall: 1.2, tray: 'wet' })
      t.see('radiator', 'dried-and-wet-again')
      t.trace(['radiator-seam', 'wet-again'], ['radiator-core', 'dry'])
    },
  ),
  loss(
    'froth-only',
    'minibus',
    ['pump-seal-leak'],
    'Froth under the filler cap',
    'Short trips made the froth; the loss was the pump’s seal.',
    (t) => {
      t.loses(0.6)
      t.yes('wet-under')
      t.no('white-exhaust')
      t.level({
        level: 'low',
        emulsionInOil: 'filler-only',
        oilInCoolant: 'no',
        residualPressure: 'none',
      })
      t.hold({ fall: 1.5, tray: 'wet' })
      t.dry('thermostat', 'bypass-hose')
      t.trace(['weep-hole', 'issuing'])
    },
  ),
  loss(
    'steam-not-gasket',
    'van',
    ['tank-seal-leak'],
    'White exhaust on cold mornings',
    'A cold engine steams; the loss was a small seal.',
    (t) => {
      t.loses(0.2)
      t.yes('white-exhaust')
      t.no('cold-misfire', 'pushed-out-hot')
      t.level({ level: 'low', residualPressure: 'none' })
      t.hold({ fall: 0.7, tray: 'wet' })
      t.trace(['tank-seal', 'wet-again'], ['tank-seam', 'dry'])
      t.rec('endoscope.look', { cylinder: 1, seen: 'dry', pressed: true })
      t.rec('endoscope.look', { cylinder: 2, seen: 'dry', pressed: true })
    },
  ),
  loss(
    'two-cylinders',
    'plough',
    ['gasket-gas-to-coolant'],
    'Gas from two neighbours',
    'Cranking showed cylinders 2 and 3: the gasket between them.',
    (t) => {
      t.loses(1)
      t.yes('hoses-hard-early', 'pushed-out-hot', 'overheated-before')
      t.no('recent-drain', 'wet-under', 'gasket-done-before')
      t.level({ level: 'low', residualPressure: 'strong' })
      t.hold({ fall: 0.05 })
      t.crank([1, 2, 3, 4, 5], 8)
      t.crank([2], 4)
      t.crank([3], 4)
      t.crank([1], 0)
      t.crank([4, 5], 0)
    },
  ),
  loss(
    'leak-and-cap',
    'minibus',
    ['lower-hose-leak', 'cap-weak'],
    'Two things at once',
    'The hose leaked and the cap did not hold: both were found before the first was repaired.',
    (t) => {
      t.loses(2)
      t.yes('wet-under', 'pushed-out-hot')
      t.level({ level: 'low' })
      t.cap('tank', 100, 55, 15, { seals: 'damaged' })
      t.hold({ fall: 3, tray: 'wet' })
      t.see('lower-hose', 'issuing')
      t.trace(['lower-hose', 'issuing'], ['upper-hose', 'dry'])
    },
  ),
  loss(
    'two-leaks',
    'minibus',
    ['radiator-seam-leak', 'pump-seal-leak'],
    'Two sources seen',
    'Crimp and weep hole both issued under pressure.',
    (t) => {
      t.loses(1.5)
      t.yes('wet-under')
      t.level({ level: 'low' })
      t.goodCap()
      t.hold({ fall: 2.6, tray: 'wet' })
      t.dry('thermostat', 'bypass-hose')
      t.see('radiator', 'issuing')
      t.see('pump', 'issuing')
      t.trace(['radiator-seam', 'issuing'], ['weep-hole', 'issuing'])
    },
  ),
  loss(
    'first-hid-second',
    'minibus',
    ['thermostat-housing-leak'],
    'Still losing after the new hose',
    'The hose was replaced; the housing let go next.',
    (t) => {
      t.loses(1)
      t.yes('wet-under')
      t.level({ level: 'low' })
      t.hold({ fall: 4, tray: 'wet' })
      t.see('lower-hose', 'issuing')
      t.event('repaired', { faults: ['lower-hose-leak'], work: 'Lower hose replaced' })
      t.hold({ fall: 1.1, tray: 'wet' })
      t.see('thermostat', 'dried-and-wet-again')
      t.dry('lower-hose')
      t.trace(['thermostat-flange', 'wet-again'])
    },
  ),
  loss(
    'repaired-and-tight',
    'minibus',
    [],
    'Repaired, pressed again, tight',
    'The hose was the cause; nothing is left.',
    (t) => {
      t.loses(1)
      t.yes('wet-under')
      t.level({ level: 'low' })
      t.hold({ fall: 4, tray: 'wet' })
      t.see('lower-hose', 'issuing')
      t.event('repaired', { faults: ['lower-hose-leak'] })
      t.hold({ fall: 0.03 })
      t.goodCap()
      t.gas('same')
      t.rec('level-follow-up.look', { daysAfter: 7, level: 'at-mark' })
    },
  ),
  loss(
    'gas-broke-tank',
    'minibus',
    ['gasket-gas-to-coolant', 'expansion-tank-leak'],
    'Second tank in a month',
    'Gas overpressured the tank: the tank was the consequence, the gasket the root.',
    (t) => {
      t.loses(1.5)
      t.yes('hoses-hard-early', 'pushed-out-hot', 'overheated-before')
      t.no('recent-drain', 'gasket-done-before')
      t.level({ level: 'low', residualPressure: 'some' })
      t.goodCap()
      t.air({ tank: 'bad' })
      t.hold({ fall: 1.8, hiss: true, tray: 'wet' })
      t.see('expansion-tank', 'issuing')
      t.trace(['tank-seam', 'issuing'], ['tank-seal', 'dry'])
      t.gas('changed')
      t.crank([1, 2, 3, 4], 7)
    },
  ),
  loss(
    'three-leaks',
    'oldTruck',
    ['upper-hose-leak', 'lower-hose-leak', 'core-plug-leak'],
    'Everything old at once',
    'Two hoses and a core plug: all seen issuing.',
    (t) => {
      t.loses(4)
      t.yes('wet-under')
      t.level({ level: 'low', look: 'brown' })
      t.hold({ fall: 8, minutes: 8, tray: 'wet' })
      t.trace(
        ['upper-hose', 'issuing'],
        ['lower-hose', 'issuing'],
        ['core-plug', 'issuing'],
        ['radiator-seam', 'dry'],
      )
    },
  ),
]
