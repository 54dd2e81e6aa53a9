import { celsius, type Story } from './writer'

const cold = (
  id: string,
  profile: Story['profile'],
  causes: string[],
  title: string,
  reason: string,
  tell: Story['tell'],
): Story => ({ id, title, complaint: 'no-heat', profile, causes, reason, tell })

/** It makes no heat. */
export const COLD_STORIES: readonly Story[] = [
  cold(
    'thermostat-open',
    'minibus',
    ['thermostat-stuck-open'],
    'Never warms on the road',
    'Radiator side warm from the start; it settled at 68 °C.',
    (t) => {
      t.yes('never-warms')
      t.no('recent-drain', 'fan-roars')
      t.level({ level: 'right' })
      t.run({ fromStart: true, plateau: 68, minutes: 26 })
    },
  ),
  cold(
    'thermostat-missing',
    'camper',
    ['thermostat-stuck-open'],
    'Somebody took it out',
    'The housing was empty.',
    (t) => {
      t.yes('never-warms', 'heater-cold')
      t.level({ level: 'right' })
      t.run({ fromStart: true, plateau: 62, minutes: 26 })
      t.rec('thermostat-bath.test', {
        present: 'missing',
        coldState: 'open',
        hottest: celsius(20),
        bath: 'water',
        probe: 'in-liquid',
      })
    },
  ),
  cold(
    'thermostat-rating-cold',
    'van',
    ['thermostat-wrong-rating'],
    'Lukewarm since the service',
    'Stamped 82 where 97 belongs.',
    (t) => {
      t.yes('recent-drain', 'never-warms')
      t.no('gurgle')
      t.level({ level: 'right' })
      t.run({ opens: 83, plateau: 84 })
      t.rec('thermostat-bath.test', {
        present: 'yes',
        stamped: celsius(82),
        specified: celsius(97),
        coldState: 'shut',
        startsToOpen: celsius(82),
        heatingKPerMinute: 1.2,
        hottest: celsius(98),
        liftMm: 9,
        bath: 'glycol',
        probe: 'in-liquid',
      })
    },
  ),
  cold(
    'heater-core',
    'minibus',
    ['heater-core-restricted'],
    'Inlet hot, outlet cool',
    'The core was closed with deposits: 38 K across it.',
    (t) => {
      t.yes('heater-cold', 'slow-over-months')
      t.no('recent-drain', 'vents-weak', 'never-warms')
      t.level({ level: 'right', look: 'brown' })
      t.heater(84, 46, { vents: [34, 33] })
    },
  ),
  cold(
    'heater-valve',
    'camper',
    ['heater-valve-shut'],
    'Valve does not follow',
    'The cable had slipped off the valve.',
    (t) => {
      t.yes('heater-cold')
      t.no('never-warms', 'slow-over-months', 'recent-drain')
      t.level({ level: 'right' })
      t.device('heater-valve', 100, 0)
      t.heater(83, 40)
    },
  ),
  cold(
    'one-zone',
    'camper',
    ['heater-valve-shut'],
    'Driver warm, passengers cold',
    'One zone’s valve stayed shut.',
    (t) => {
      t.yes('one-side-cold')
      t.no('never-warms', 'vents-weak')
      t.level({ level: 'right' })
      t.heater(84, 62, { vents: [58, 24] })
      t.device('heater-valve', 100, 5)
      t.device('blend-door', 100, 98)
    },
  ),
  cold(
    'aux-pump',
    'rescue',
    ['aux-pump-dead'],
    'Cold at the lights, warm on the road',
    'The auxiliary pump did not run when asked.',
    (t) => {
      t.yes('heater-weak-idle')
      t.no('never-warms', 'gurgle', 'recent-drain')
      t.level({ level: 'right' })
      t.device('aux-heater-pump', 100, 'none', { supplyVolts: 13.4 })
      t.device('coolant-pump', 60, 60)
    },
  ),
  cold(
    'hoses-swapped',
    'camper',
    ['heater-hoses-swapped'],
    'No heat since the hose job',
    'The heater hoses had been exchanged.',
    (t) => {
      t.yes('heater-since-work', 'recent-drain', 'heater-cold')
      t.no('never-warms', 'gurgle')
      t.level({ level: 'right' })
      t.rec('refill.fill', { method: 'vacuum', airOut: 'shown', complaintAfter: 'still-there' })
      t.heater(70, 52, { direction: 'exchanged' })
    },
  ),
  cold(
    'air-in-heater',
    'minibus',
    ['trapped-air'],
    'Cold, then hot, then cold',
    'Air left by the refill; bled once and gone.',
    (t) => {
      t.yes('heater-cold', 'gurgle', 'heat-in-bursts', 'recent-drain')
      t.no('never-warms')
      t.level({ level: 'low' })
      t.heater(48, 38)
    },
  ),
  cold(
    'low',
    'minibus',
    ['low-coolant'],
    'Heater cold, level low',
    'Low for a year and tight: filled up and steady.',
    (t) => {
      t.yes('heater-cold')
      t.no('recent-drain', 'never-warms', 'sealant-added', 'vents-weak')
      t.level({ level: 'low', residualPressure: 'none', oilInCoolant: 'no' })
      t.hold({ fall: 0.03 })
      t.goodCap()
      t.rec('level-follow-up.look', { daysAfter: 7, level: 'at-mark' })
    },
  ),
  cold(
    'impeller-cold',
    'camper',
    ['pump-impeller-loose'],
    'Heater only when revved',
    'The impeller slipped on its shaft.',
    (t) => {
      t.yes('heater-weak-idle', 'heater-cold')
      t.no('never-warms', 'recent-drain', 'gurgle')
      t.level({ level: 'right' })
      t.drivesWell()
      t.heater(50, 34, { engineC: 92 })
      t.rec('pump-delivery.test', { returnStream: 'weak', lowerHose: 'round' })
      t.rec('pump-off.look', { impeller: 'loose-on-shaft', seal: 'sound', shaftPlay: 'none' })
    },
  ),
  cold(
    'blend-door',
    'minibus',
    ['blend-door-stuck'],
    'Hoses hot, vents cold',
    'Both hoses hot, and the door did not follow.',
    (t) => {
      t.yes('heater-cold')
      t.no('never-warms', 'recent-drain', 'vents-weak')
      t.level({ level: 'right' })
      t.heater(85, 74, { vents: [22, 21] })
      t.device('blend-door', 100, 10)
    },
  ),
  cold(
    'cabin-filter',
    'van',
    ['blower-or-filter'],
    'Warm air, but hardly any',
    'The cabin filter was felted.',
    (t) => {
      t.yes('vents-weak', 'heater-cold')
      t.no('never-warms', 'recent-drain')
      t.level({ level: 'right' })
      t.heater(86, 78, { vents: [55, 54], air: 'weak' })
    },
  ),
  cold(
    'clutch-locked',
    'oldTruck',
    ['fan-clutch-locked'],
    'Roars all winter and stays cool',
    'The clutch had seized.',
    (t) => {
      t.yes('fan-roars', 'never-warms')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.rec('fan-by-hand.test', { drag: 'seized', rocking: 'none', streaks: 'no', blades: 'good' })
      t.rec('clutch-hot.test', {
        dragHot: 'seized',
        roarHot: 'always',
        airBehindRadiator: celsius(40),
      })
    },
  ),
  cold(
    'fan-always',
    'minibus',
    ['fan-always-on'],
    'Fan runs from the first minute',
    'The relay was welded.',
    (t) => {
      t.yes('fan-roars')
      t.no('recent-drain', 'gurgle')
      t.level({ level: 'right' })
      t.fanWatch('always', 60)
      t.run({ opens: 88, plateau: 86, minutes: 26 })
    },
  ),
  cold(
    'module-open',
    'rescue',
    ['heat-module-stuck'],
    'Never warms, code set',
    'The module stood open whatever was asked.',
    (t) => {
      t.yes('never-warms', 'cooling-code')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.device('heat-module', 5, 80, { supplyVolts: 13.8, calibrated: 'yes' })
      t.run({ fromStart: true, plateau: 70, minutes: 26 })
    },
  ),
  cold(
    'reads-low',
    'van',
    ['coolant-sensor-biased'],
    'Gauge low, cabin warm',
    'The sensor read 20 K low; the heater was hot.',
    (t) => {
      t.yes('never-warms', 'gauge-only')
      t.no('heater-cold', 'fan-roars')
      t.level({ level: 'right' })
      t.rec('cold-soak.test', {
        hoursStood: 11,
        coolant: celsius(-8),
        ambient: celsius(10),
        wiring: 'steady',
      })
      t.rec('sensor-agreement.compare', {
        scan: celsius(74),
        second: celsius(95),
        secondKind: 'contact-probe',
        engineHot: 'yes',
        level: 'full',
      })
      t.heater(90, 80, { vents: [62, 61], engineC: 95 })
    },
  ),
  cold(
    'dash-low',
    'minibus',
    ['dash-gauge-wrong'],
    'Needle at the bottom, engine hot',
    'The cluster’s ground had gone.',
    (t) => {
      t.yes('gauge-only', 'never-warms')
      t.no('heater-cold')
      t.level({ level: 'right' })
      t.rec('sensor-agreement.compare', {
        scan: celsius(89),
        second: celsius(88),
        secondKind: 'contact-probe',
        dash: 'low',
        engineHot: 'yes',
        level: 'full',
      })
      t.run({ opens: 88, plateau: 90, dash: 50 })
    },
  ),
  cold(
    'core-and-air',
    'minibus',
    ['heater-core-restricted', 'trapped-air'],
    'No heat after a flush',
    'The core was restricted and the flush had left air.',
    (t) => {
      t.yes('heater-cold', 'recent-drain', 'gurgle', 'slow-over-months')
      t.level({ level: 'low', look: 'brown' })
      t.heater(80, 42)
    },
  ),
  cold(
    'door-and-thermostat',
    'minibus',
    ['thermostat-stuck-open', 'blend-door-stuck'],
    'Lukewarm engine, cold vents',
    'Thermostat open and a door that did not follow.',
    (t) => {
      t.yes('never-warms', 'heater-cold')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.run({ fromStart: true, plateau: 70, minutes: 26 })
      t.heater(66, 58, { vents: [16, 15], engineC: 70 })
      t.device('blend-door', 100, 5)
    },
  ),
  cold(
    'belt-slip-cold',
    'oldTruck',
    ['pump-drive-slipping'],
    'Squeals on wet mornings, no heat',
    'The belt slipped on the pump.',
    (t) => {
      t.yes('belt-squeal', 'heater-weak-idle')
      t.no('never-warms', 'recent-drain')
      t.level({ level: 'right' })
      t.rec('belt-and-pump.look', {
        pumpTurns: 'yes',
        slip: 'much',
        wobble: 'none',
        routing: 'right',
      })
    },
  ),
  cold(
    'unlisted-cabin',
    'rescue',
    ['unlisted-reading'],
    'Vent cold, and the book has no word for it',
    'A rear-climate retrofit with its own box.',
    (t) => {
      t.yes('heater-cold')
      t.no(
        'never-warms',
        'recent-drain',
        'gurgle',
        'vents-weak',
        'heater-weak-idle',
        'slow-over-months',
        'one-side-cold',
      )
      t.level({ level: 'right', look: 'clear' })
      t.heater(86, 77, { vents: [24, 23] })
      t.device('blend-door', 100, 99)
      t.device('aux-heater-pump', 100, 98, { supplyVolts: 13.6 })
      t.run({ opens: 96, plateau: 97 })
    },
  ),
]
