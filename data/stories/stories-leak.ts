import type { Story } from './writer'

const loss = (
  id: string,
  profile: Story['profile'],
  causes: string[],
  title: string,
  reason: string,
  tell: Story['tell'],
): Story => ({ id, title, complaint: 'coolant-loss', profile, causes, reason, tell })

/** Coolant gets out to the outside, and what only looks like it. */
export const LEAK_STORIES: readonly Story[] = [
  loss(
    'upper-hose',
    'minibus',
    ['upper-hose-leak'],
    'Loses a litre a week, wet at the front',
    'The upper hose was cracked under its clamp: seen issuing there under pressure.',
    (t) => {
      t.loses(1)
      t.yes('wet-under')
      t.no('white-exhaust', 'carpet-wet', 'recent-drain')
      t.level({ level: 'low', oilInCoolant: 'no' })
      t.goodCap()
      t.hold({ fall: 2.5, tray: 'wet' })
      t.trace(['upper-hose', 'issuing'], ['lower-hose', 'wet'])
      t.see('upper-hose', 'issuing')
    },
  ),
  loss(
    'lower-hose',
    'camper',
    ['lower-hose-leak'],
    'Puddle under the camper each morning',
    'Lower hose at the clamp: dried and wet again, everything above dry.',
    (t) => {
      t.loses(2)
      t.yes('wet-under', 'lost-parked')
      t.no('white-exhaust')
      t.level({ level: 'low' })
      t.hold({ fall: 4, tray: 'wet' })
      t.dry('upper-hose', 'thermostat')
      t.see('lower-hose', 'dried-and-wet-again')
      t.trace(['lower-hose', 'wet-again'], ['upper-hose', 'dry'])
    },
  ),
  loss(
    'heater-hose',
    'camper',
    ['heater-hose-leak'],
    'Slow loss, smell at the bulkhead',
    'The heater hose at the bulkhead was soft and wet after the hold.',
    (t) => {
      t.loses(0.5)
      t.yes('wet-under')
      t.no('carpet-wet', 'white-exhaust')
      t.level({ level: 'low' })
      t.hold({ fall: 1.8, tray: 'wet' })
      t.see('heater-hoses', 'wet')
      t.trace(['heater-hose', 'issuing'], ['heater-valve', 'dry'])
    },
  ),
  loss(
    'small-hose',
    'minibus',
    ['bypass-hose-leak'],
    'Crust on the block, source not seen',
    'A throttle-body hose high on the engine dripped onto the block below.',
    (t) => {
      t.loses(0.3)
      t.no('white-exhaust', 'cold-misfire')
      t.level({ level: 'low', residualPressure: 'none' })
      t.hold({ fall: 0.8, tray: 'dry' })
      t.see('engine', 'wet')
      t.trace(['small-hose', 'issuing'], ['head-joint', 'dry'], ['core-plug', 'wet'])
    },
  ),
  loss(
    'quick-connect',
    'van',
    ['quick-connect-leak'],
    'Wet after frosty nights only',
    'The seal of a quick-connect shrank in frost; a cold hold showed it.',
    (t) => {
      t.loses(0.3)
      t.yes('worse-cold')
      t.no('white-exhaust')
      t.level({ level: 'low' })
      t.hold({ fall: 0.9, tray: 'wet' })
      t.see('bypass-hose', 'stained')
      t.trace(['quick-connect', 'wet-again'], ['small-hose', 'dry'])
    },
  ),
  loss(
    'radiator-core',
    'truck',
    ['radiator-core-leak'],
    'Green crust between the fins',
    'A stone hole in the core: seen issuing between the fins.',
    (t) => {
      t.loses(3)
      t.yes('wet-under')
      t.no('white-exhaust')
      t.level({ level: 'low' })
      t.hold({ fall: 3, tray: 'wet' })
      t.see('radiator', 'wet')
      t.trace(['radiator-core', 'issuing'], ['radiator-seam', 'dry'])
    },
  ),
  loss(
    'radiator-seam',
    'minibus',
    ['radiator-seam-leak'],
    'Stain along the crimp',
    'The crimp of the side tank seeps cold: wet again after drying.',
    (t) => {
      t.loses(0.6)
      t.yes('wet-under', 'lost-parked')
      t.level({ level: 'low', oilInCoolant: 'no' })
      t.goodCap()
      t.hold({ fall: 0.9, tray: 'wet' })
      t.see('radiator', 'dried-and-wet-again')
      t.trace(['radiator-seam', 'wet-again'], ['radiator-core', 'dry'], ['drain-plug', 'dry'])
    },
  ),
  loss(
    'drain-plug',
    'camper',
    ['drain-plug-leak'],
    'Drip since the coolant was changed',
    'The drain plug’s seal was left out at the change.',
    (t) => {
      t.loses(0.5)
      t.yes('wet-under', 'recent-drain')
      t.level({ level: 'low' })
      t.hold({ fall: 1.2, tray: 'wet' })
      t.trace(['drain-plug', 'issuing'], ['radiator-seam', 'dry'], ['lower-hose', 'dry'])
    },
  ),
  loss(
    'tank-crack',
    'minibus',
    ['expansion-tank-leak'],
    'Steam about the tank on climbs',
    'The tank’s seam opened under pressure and hissed.',
    (t) => {
      t.loses(0.7)
      t.yes('pushed-out-hot')
      t.no('hoses-hard-early')
      t.level({ level: 'low', residualPressure: 'none' })
      t.goodCap()
      t.hold({ fall: 2, tray: 'not-looked', hiss: true })
      t.air({ tank: 'bad' })
      t.see('expansion-tank', 'wet')
      t.trace(['tank-seam', 'issuing'], ['tank-seal', 'dry'])
    },
  ),
  loss(
    'tank-seal',
    'van',
    ['tank-seal-leak'],
    'Wet below the tank, the tank sound',
    'The level sensor’s seal in the tank.',
    (t) => {
      t.loses(0.3)
      t.yes('cooling-code')
      t.level({ level: 'low' })
      t.hold({ fall: 0.8, tray: 'wet' })
      t.air({ tank: 'good' })
      t.see('expansion-tank', 'wet')
      t.trace(['tank-seal', 'wet-again'], ['tank-seam', 'dry'])
    },
  ),
  loss(
    'pump-seal',
    'minibus',
    ['pump-seal-leak'],
    'Trace below the pump',
    'The shaft seal: a trace from the weep hole, everything above dry.',
    (t) => {
      t.loses(0.8)
      t.yes('wet-under')
      t.no('white-exhaust')
      t.level({ level: 'low' })
      t.hold({ fall: 1.6, tray: 'wet' })
      t.dry('thermostat', 'bypass-hose')
      t.see('pump', 'wet')
      t.trace(['weep-hole', 'issuing'], ['pump-flange', 'dry'])
    },
  ),
  loss(
    'pump-flange',
    'oldTruck',
    ['pump-gasket-leak'],
    'Leaks since the pump was changed',
    'The new pump’s joint was badly made.',
    (t) => {
      t.loses(1)
      t.yes('recent-drain', 'wet-under')
      t.level({ level: 'low' })
      t.hold({ fall: 2, tray: 'wet' })
      t.dry('thermostat', 'bypass-hose')
      t.see('pump', 'wet')
      t.trace(['pump-flange', 'issuing'], ['weep-hole', 'dry'])
    },
  ),
  loss(
    'thermostat-housing',
    'minibus',
    ['thermostat-housing-leak'],
    'Pump looks wet, and is not the source',
    'The plastic housing above the pump was cracked and wetted the pump below.',
    (t) => {
      t.loses(0.8)
      t.level({ level: 'low' })
      t.goodCap()
      t.hold({ fall: 1.7, tray: 'wet' })
      t.see('pump', 'wet')
      t.see('thermostat', 'issuing')
      t.trace(['thermostat-flange', 'issuing'], ['weep-hole', 'wet'])
    },
  ),
  loss(
    'manifold-joint',
    'oldTruck',
    ['manifold-gasket-leak'],
    'Coolant stands in the valley',
    'The intake-manifold joint at a coolant port, its face pitted.',
    (t) => {
      t.loses(0.5)
      t.no('white-exhaust')
      t.level({ level: 'low', emulsionInOil: 'filler-only' })
      t.hold({ fall: 0.9, tray: 'dry' })
      t.trace(['manifold-joint', 'wet-again'], ['head-joint', 'dry'])
      t.rec('teardown.measure', {
        what: 'manifold-face',
        gaps: [],
        overheated: 'no',
        crack: 'not-tested',
        gasketTrace: 'not-looked',
        pitting: 'at-coolant-port',
      })
    },
  ),
  loss(
    'heat-module',
    'rescue',
    ['heat-module-leak'],
    'Loss behind the engine covers',
    'The heat-management module leaked at its shaft, seen with the covers off.',
    (t) => {
      t.loses(0.4)
      t.level({ level: 'low' })
      t.hold({ fall: 0.9, tray: 'wet' })
      t.trace(['heat-module', 'issuing'], ['thermostat-flange', 'dry'])
    },
  ),
  loss(
    'hard-pipe',
    'truck',
    ['hard-pipe-leak'],
    'Rusty drip behind the starter',
    'The steel pipe on the block had rusted through.',
    (t) => {
      t.loses(1.5)
      t.yes('wet-under')
      t.level({ level: 'low', look: 'brown' })
      t.hold({ fall: 2.2, tray: 'wet' })
      t.see('engine', 'wet')
      t.trace(['hard-pipe', 'issuing'], ['core-plug', 'dry'])
    },
  ),
  loss(
    'core-plug',
    'oldTruck',
    ['core-plug-leak'],
    'Brown coolant and a wet block',
    'A core plug rusted through from inside.',
    (t) => {
      t.loses(1.5)
      t.yes('wet-under')
      t.level({ level: 'low', look: 'brown' })
      t.hold({ fall: 2.5, tray: 'wet' })
      t.see('engine', 'wet')
      t.trace(['core-plug', 'issuing'], ['hard-pipe', 'dry'], ['head-joint', 'dry'])
    },
  ),
  loss(
    'gasket-outside',
    'truck',
    ['gasket-external'],
    'Crust along the head joint',
    'The gasket seeps to the outside: cleaned, and seen wet again.',
    (t) => {
      t.loses(0.4)
      t.no('white-exhaust', 'pushed-out-hot')
      t.yes('overheated-before')
      t.level({ level: 'low', residualPressure: 'none' })
      t.hold({ fall: 0.8, tray: 'dry' })
      t.see('engine', 'dried-and-wet-again')
      t.trace(['head-joint', 'wet-again'], ['core-plug', 'dry'], ['manifold-joint', 'dry'])
    },
  ),
  loss(
    'oil-cooler-joint',
    'truck',
    ['oil-cooler-joint-leak'],
    'Wet about the oil filter',
    'The seal ring of the oil cooler let coolant out.',
    (t) => {
      t.loses(0.8)
      t.yes('wet-under')
      t.level({ level: 'low', oilInCoolant: 'no' })
      t.hold({ fall: 1.4, tray: 'wet' })
      t.see('oil-cooler', 'wet')
      t.trace(['oil-cooler-joint', 'issuing'], ['lower-hose', 'dry'])
    },
  ),
  loss(
    'turbo-line',
    'plough',
    ['turbo-line-leak'],
    'Loss with a dry tray, smell when hot',
    'A banjo joint at the turbo seeped and dried on hot parts.',
    (t) => {
      t.loses(0.4)
      t.no('white-exhaust')
      t.level({ level: 'low' })
      t.hold({ fall: 0.9, tray: 'dry' })
      t.see('turbo-line', 'wet')
      t.trace(['turbo-line', 'wet-again'], ['head-joint', 'dry'])
    },
  ),
  loss(
    'heater-valve',
    'camper',
    ['heater-valve-leak'],
    'Drip at the bulkhead',
    'The heater valve’s shaft seal dripped.',
    (t) => {
      t.loses(0.5)
      t.yes('wet-under')
      t.no('carpet-wet')
      t.level({ level: 'low' })
      t.hold({ fall: 1.1, tray: 'wet' })
      t.trace(['heater-valve', 'issuing'], ['heater-hose', 'dry'])
    },
  ),
  loss(
    'heater-core',
    'minibus',
    ['heater-core-leak'],
    'Wet carpet, dry tray',
    'The heater core: the hold falls with a dry tray and passes with the core isolated.',
    (t) => {
      t.loses(0.5)
      t.yes('carpet-wet')
      t.no('white-exhaust', 'wet-under')
      t.level({ level: 'low' })
      t.hold({ fall: 1.2, tray: 'dry' })
      t.see('heater-core', 'wet')
      t.hold({ fall: 0.03, tray: 'dry', isolated: ['heater-core'] })
    },
  ),
  loss(
    'cap-weak',
    'minibus',
    ['cap-weak'],
    'Boils over on the pass, tight system',
    'The cap opened far below its marking and did not hold; the hold, with the cap off, was tight.',
    (t) => {
      t.loses(0.6)
      t.yes('pushed-out-hot')
      t.no('wet-under', 'hoses-hard-early')
      t.level({ level: 'low', residualPressure: 'none' })
      t.cap('tank', 100, 61, 20, { seals: 'damaged' })
      t.hold({ fall: 0.03 })
    },
  ),
  loss(
    'cap-vacuum',
    'camper',
    ['cap-vacuum-stuck'],
    'Upper hose flat every morning',
    'The vacuum valve was glued: the bottle stayed full and the radiator ran low.',
    (t) => {
      t.loses(0.3)
      t.no('wet-under', 'white-exhaust')
      t.air({ upperHoseCold: 'bad' })
      t.cap('radiator-neck', 90, 92, 88, { vacuumValve: 'stuck' })
      t.hold({ fall: 0.03 })
    },
  ),
  loss(
    'cap-wrong',
    'van',
    ['cap-wrong'],
    'Pushes out since the cap was replaced',
    'A cap of 70 kPa where 140 belongs.',
    (t) => {
      t.loses(0.6)
      t.yes('pushed-out-hot')
      t.no('hoses-hard-early', 'wet-under')
      t.level({ level: 'low' })
      t.cap('tank', 70, 72, 68, { fitsPlace: 'wrong' })
      t.hold({ fall: 0.03 })
    },
  ),
  loss(
    'overfilled',
    'minibus',
    ['overfilled'],
    'Topped up above the mark each week',
    'Filled above the mark, it found its own level each time; steady after a week.',
    (t) => {
      t.loses(0.2)
      t.yes('filled-above-mark')
      t.no('wet-under', 'white-exhaust', 'carpet-wet')
      t.level({ level: 'overfull', residualPressure: 'none' })
      t.goodCap()
      t.hold({ fall: 0.03 })
      t.rec('level-follow-up.look', { daysAfter: 7, level: 'at-mark' })
    },
  ),
  loss(
    'normal-expansion',
    'van',
    ['normal-expansion'],
    'Level goes up and down',
    'Higher when hot, back at the mark when cold: as it should be.',
    (t) => {
      t.yes('level-swings')
      t.no('wet-under', 'white-exhaust', 'pushed-out-hot', 'filled-above-mark')
      t.level({ level: 'right', residualPressure: 'none' })
      t.hold({ fall: 0.03 })
      t.rec('level-follow-up.look', { daysAfter: 7, level: 'at-mark' })
    },
  ),
  loss(
    'condensate',
    'rescue',
    ['condensate'],
    'Clear puddle after a hot day',
    'Plain water from the air conditioning: colour, feel and strip.',
    (t) => {
      t.yes('wet-under', 'ac-water')
      t.no('white-exhaust', 'carpet-wet')
      t.level({ level: 'right', liquidBelow: 'water' })
      t.hold({ fall: 0.03 })
    },
  ),
  loss(
    'unlisted-leak',
    'minibus',
    ['unlisted-leak'],
    'Falls, drips, and every place is dry',
    'A block heater fitted later, which nobody had on the list.',
    (t) => {
      t.loses(0.6)
      t.yes('wet-under')
      t.no('carpet-wet', 'white-exhaust', 'cold-misfire')
      t.level({ level: 'low', residualPressure: 'none' })
      t.goodCap()
      t.hold({ fall: 1.5, tray: 'wet' })
      t.dry(
        'radiator',
        'upper-hose',
        'lower-hose',
        'thermostat',
        'engine',
        'pump',
        'heater-hoses',
        'expansion-tank',
        'bypass-hose',
      )
      t.trace(
        ['upper-hose', 'dry'],
        ['lower-hose', 'dry'],
        ['heater-hose', 'dry'],
        ['small-hose', 'dry'],
        ['quick-connect', 'dry'],
        ['radiator-core', 'dry'],
        ['radiator-seam', 'dry'],
        ['drain-plug', 'dry'],
        ['tank-seam', 'dry'],
        ['tank-seal', 'dry'],
        ['weep-hole', 'dry'],
        ['pump-flange', 'dry'],
        ['thermostat-flange', 'dry'],
        ['manifold-joint', 'dry'],
        ['hard-pipe', 'dry'],
        ['core-plug', 'dry'],
        ['head-joint', 'dry'],
      )
    },
  ),
]
