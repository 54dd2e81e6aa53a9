import { celsius, kPa, type Story } from './writer'

const hot = (
  id: string,
  profile: Story['profile'],
  causes: string[],
  title: string,
  reason: string,
  tell: Story['tell'],
): Story => ({ id, title, complaint: 'overheats', profile, causes, reason, tell })

/** It overheats: flow, air, engine, or only the reading. */
export const HOT_STORIES: readonly Story[] = [
  hot(
    'thermostat-closed',
    'minibus',
    ['thermostat-stuck-closed'],
    'Boils within minutes',
    'The radiator hose stayed cold to 112 °C and the bath never opened it.',
    (t) => {
      t.yes('hot-soon', 'hot-at-load', 'hot-at-idle')
      t.no('recent-drain', 'wet-under')
      t.level({ level: 'right', residualPressure: 'none' })
      t.drivesWell()
      t.run({ minutes: 18 })
      t.rec('thermostat-bath.test', {
        present: 'yes',
        stamped: celsius(88),
        coldState: 'shut',
        startsToOpen: 'never',
        heatingKPerMinute: 1.5,
        hottest: celsius(99),
        bath: 'glycol',
        probe: 'in-liquid',
      })
    },
  ),
  hot(
    'thermostat-late',
    'minibus',
    ['thermostat-opens-late'],
    'Needle climbs, then drops',
    'Overshoot in the run; in the bath it opened 12 K late.',
    (t) => {
      t.yes('hot-at-load')
      t.no('hot-at-idle', 'recent-drain')
      t.level({ level: 'right' })
      t.run({ opens: 101, overshoot: 7, plateau: 96 })
      t.rec('thermostat-bath.test', {
        present: 'yes',
        stamped: celsius(88),
        coldState: 'shut',
        startsToOpen: celsius(101),
        heatingKPerMinute: 1.2,
        hottest: celsius(110),
        liftMm: 5,
        bath: 'glycol',
        probe: 'in-liquid',
      })
    },
  ),
  hot(
    'thermostat-rating-hot',
    'camper',
    ['thermostat-wrong-rating'],
    'Runs hotter since the thermostat job',
    'Stamped 92 where 82 belongs; it worked well at 92.',
    (t) => {
      t.yes('recent-drain')
      t.no('hot-soon', 'hot-at-idle')
      t.level({ level: 'right' })
      t.rec('refill.fill', {
        method: 'gravity-with-bleeders',
        airOut: 'shown',
        complaintAfter: 'still-there',
      })
      t.run({ opens: 93, plateau: 95 })
      t.rec('thermostat-bath.test', {
        present: 'yes',
        stamped: celsius(92),
        specified: celsius(82),
        coldState: 'shut',
        startsToOpen: celsius(92),
        heatingKPerMinute: 1.2,
        hottest: celsius(106),
        liftMm: 9,
        bath: 'glycol',
        probe: 'in-liquid',
      })
    },
  ),
  hot(
    'impeller',
    'minibus',
    ['pump-impeller-loose'],
    'Hot engine, cold radiator, cold heater',
    'Thermostat shown open, air out, drive turning: the impeller had come loose.',
    (t) => {
      t.yes('hot-at-load', 'heater-cold')
      t.no('recent-drain', 'wet-under')
      t.level({ level: 'right' })
      t.drivesWell()
      t.rec('thermostat-bath.test', {
        present: 'yes',
        stamped: celsius(88),
        coldState: 'shut',
        startsToOpen: celsius(88),
        heatingKPerMinute: 1.2,
        hottest: celsius(103),
        liftMm: 9,
        bath: 'glycol',
        probe: 'in-liquid',
      })
      t.survey(52, 40, undefined, { engineC: 105, pumpDelivers: 'not-known' })
      t.rec('pump-delivery.test', { returnStream: 'none', lowerHose: 'round' })
      t.rec('pump-off.look', { impeller: 'loose-on-shaft', seal: 'sound', shaftPlay: 'none' })
    },
  ),
  hot(
    'pump-naive',
    'oldTruck',
    ['pump-impeller-loose'],
    'Pressure looked good',
    'Static pressure had not been taken off: scaled rightly the pump made a sixth.',
    (t) => {
      t.yes('hot-at-load', 'heater-weak-idle')
      t.no('hot-at-idle', 'recent-drain')
      t.level({ level: 'right' })
      t.drivesWell()
      t.rec('pump-delivery.test', {
        port: kPa(79.5),
        static: kPa(70),
        engineRpm: 1100,
        specified: { pressure: kPa(120), rpm: 1600, includesStatic: false },
        returnStream: 'weak',
        lowerHose: 'round',
      })
      t.rec('pump-off.look', { impeller: 'worn', seal: 'sound', shaftPlay: 'none' })
    },
  ),
  hot(
    'belt-slips',
    'oldTruck',
    ['pump-drive-slipping'],
    'Squeals on the climb and runs hot',
    'The belt was glazed and slipped under load.',
    (t) => {
      t.yes('hot-at-load', 'belt-squeal')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.rec('belt-and-pump.look', {
        pumpTurns: 'yes',
        slip: 'much',
        wobble: 'none',
        routing: 'right',
      })
    },
  ),
  hot(
    'electric-pump',
    'rescue',
    ['electric-pump-dead'],
    'Code, and nothing moves',
    'Commanded to 80 % it stood still, with supply.',
    (t) => {
      t.yes('cooling-code', 'hot-soon')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.device('coolant-pump', 80, 'none', { supplyVolts: 13.8 })
    },
  ),
  hot(
    'switchable-pump',
    'van',
    ['switchable-pump-off'],
    'Hot under load, pump never switches on',
    'The switchable pump’s shroud stuck shut.',
    (t) => {
      t.yes('hot-at-load')
      t.no('recent-drain', 'belt-squeal')
      t.level({ level: 'right' })
      t.drivesWell()
      t.device('switchable-pump', 100, 'none', { supplyVolts: 13.6 })
      t.rec('pump-delivery.test', { returnStream: 'none', lowerHose: 'round' })
    },
  ),
  hot(
    'trapped-air',
    'minibus',
    ['trapped-air'],
    'Hot and gurgling after a refill',
    'Bled once, and the complaint was gone.',
    (t) => {
      t.yes('recent-drain', 'gurgle', 'heat-in-bursts', 'heater-cold')
      t.no('wet-under', 'hoses-hard-early')
      t.level({ level: 'low', residualPressure: 'none' })
      t.gas('same')
    },
  ),
  hot(
    'low-coolant',
    'camper',
    ['low-coolant'],
    'Nobody looked for a year',
    'Filled up, tight, and steady since.',
    (t) => {
      t.yes('hot-at-load', 'heater-cold')
      t.no('recent-drain', 'wet-under', 'pushed-out-hot', 'white-exhaust', 'hoses-hard-early')
      t.level({ level: 'low', residualPressure: 'none', oilInCoolant: 'no' })
      t.cap('radiator-neck', 90, 92, 88)
      t.hold({ fall: 0.03 })
      t.gas('same')
      t.rec('level-follow-up.look', { daysAfter: 7, level: 'at-mark' })
    },
  ),
  hot(
    'radiator-restricted',
    'truck',
    ['radiator-restricted'],
    'Hot on every long climb',
    'Cold patches with the thermostat open, and the flow test backed up.',
    (t) => {
      t.yes('hot-at-load', 'slow-over-months')
      t.no('hot-at-idle', 'sealant-added', 'recent-drain')
      t.level({ level: 'right', look: 'brown' })
      t.air({ fins: 'good', stack: 'good', shroud: 'good', duct: 'good' })
      t.run({ opens: 92 })
      t.survey(94, 62, 'patches')
      t.rec('radiator-flow.test', { passes: 'backs-up', lookedFromBothTanks: 'deposits-seen' })
    },
  ),
  hot(
    'lower-hose-flat',
    'camper',
    ['lower-hose-collapsing'],
    'Hot only at high speed',
    'The lower hose was drawn flat when revved.',
    (t) => {
      t.yes('hot-at-load')
      t.no('hot-at-idle', 'slow-over-months')
      t.level({ level: 'right' })
      t.air({ lowerHose: 'bad', fins: 'good', stack: 'good' })
      t.rec('pump-delivery.test', { returnStream: 'not-seen', lowerHose: 'flat' })
    },
  ),
  hot(
    'module-stuck',
    'rescue',
    ['heat-module-stuck'],
    'Code, temperature does not follow',
    'The module stood at a fifth whatever was asked.',
    (t) => {
      t.yes('cooling-code', 'hot-at-load')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.device('heat-module', 90, 20, { supplyVolts: 13.9, calibrated: 'yes' })
      t.device('coolant-pump', 80, 78)
    },
  ),
  hot(
    'map-heater',
    'van',
    ['map-heater-lost'],
    'Runs hotter under load, code set',
    'The map thermostat’s heater had no supply.',
    (t) => {
      t.yes('cooling-code', 'hot-at-load')
      t.no('hot-at-idle', 'recent-drain')
      t.level({ level: 'right' })
      t.device('map-thermostat', 80, 'none', { supplyVolts: 0.2 })
      t.device('switchable-pump', 100, 98)
      t.run({ opens: 104, plateau: 106 })
    },
  ),
  hot(
    'sealant',
    'camper',
    ['sealant-in-system'],
    'Hot, no heat, and flakes in the tank',
    'Sealant had closed heater and radiator.',
    (t) => {
      t.yes('sealant-added', 'hot-at-load', 'heater-cold')
      t.level({ level: 'right', look: 'sludge', sealant: 'yes' })
      t.air({ insideHoses: 'bad' })
      t.heater(84, 48)
      t.survey(92, 66, 'patches')
    },
  ),
  hot(
    'scaled',
    'oldTruck',
    ['jacket-scaled'],
    'Hotter every summer, brown water',
    'Plain hard water for years; the radiator was new and clear.',
    (t) => {
      t.yes('slow-over-months', 'hot-at-load')
      t.no('hot-at-idle', 'sealant-added')
      t.level({ level: 'right', look: 'brown', mixed: 'no' })
      t.rec('mix.test', { instrument: 'refractometer', volumeFraction: 0.03 })
      t.air({ fins: 'good', stack: 'good', insideHoses: 'bad' })
      t.survey(96, 84, 'none')
      t.rec('radiator-flow.test', { passes: 'as-fast-as-in', lookedFromBothTanks: 'both-clear' })
      t.rec('pump-delivery.test', { returnStream: 'strong', lowerHose: 'round' })
    },
  ),
  hot(
    'coolant-mixed',
    'van',
    ['coolant-wrong'],
    'Gel in the tank',
    'Two coolants had been mixed and fell out as gel.',
    (t) => {
      t.yes('slow-over-months')
      t.no('sealant-added', 'hot-at-idle')
      t.level({ level: 'right', mixed: 'yes', look: 'brown', oilInCoolant: 'no', pinkFroth: 'no' })
      t.rec('mix.test', { instrument: 'refractometer', volumeFraction: 0.57 })
    },
  ),
  hot(
    'debris',
    'plough',
    ['radiator-debris'],
    'Hot at speed, fins matted',
    'Salt and straw in the fins, seen from the front.',
    (t) => {
      t.yes('hot-at-load', 'hot-with-ac')
      t.no('hot-at-idle', 'recent-drain')
      t.level({ level: 'right' })
      t.air({ fins: 'bad', stack: 'good', shroud: 'good', duct: 'good' })
      t.survey(97, 95, 'none')
    },
  ),
  hot(
    'stack',
    'minibus',
    ['condenser-stack-blocked'],
    'Looked clear from the front',
    'Between the cores it was matted shut; from the front the fins looked clean.',
    (t) => {
      t.yes('hot-at-load', 'hot-with-ac', 'ac-weak-idle')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.air({ fins: 'good' })
      t.survey(98, 96, 'none')
      t.fanWatch('yes', 98)
      t.air({ fins: 'good', stack: 'bad', shroud: 'good' })
    },
  ),
  hot(
    'shroud',
    'oldTruck',
    ['shroud-broken'],
    'Hot standing since the radiator job',
    'The shroud had been left off.',
    (t) => {
      t.yes('hot-at-idle', 'ac-weak-idle', 'front-work')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.air({ shroud: 'bad', fins: 'good', blades: 'good' })
      t.rec('clutch-hot.test', {
        dragHot: 'firm',
        turnsAfterSwitchOff: 0.5,
        roarHot: 'yes',
        airBehindRadiator: celsius(82),
      })
    },
  ),
  hot(
    'blades',
    'oldTruck',
    ['fan-blades-damaged'],
    'Shakes and runs hot standing',
    'Two blades had gone.',
    (t) => {
      t.yes('hot-at-idle', 'vibration')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.rec('fan-by-hand.test', { drag: 'some', rocking: 'none', streaks: 'no', blades: 'damaged' })
      t.air({ blades: 'bad', shroud: 'good' })
    },
  ),
  hot(
    'clutch-slips',
    'oldTruck',
    ['fan-clutch-slipping'],
    'Hot in the yard, fine on the road',
    'Hot it turned freely and spun on after switch-off.',
    (t) => {
      t.yes('hot-at-idle', 'ac-weak-idle')
      t.no('hot-at-load', 'recent-drain')
      t.level({ level: 'right' })
      t.drivesWell()
      t.rec('fan-by-hand.test', { drag: 'free', rocking: 'none', streaks: 'yes', blades: 'good' })
      t.air({ fins: 'good', shroud: 'good' })
      t.rec('clutch-hot.test', {
        dragHot: 'none',
        turnsAfterSwitchOff: 6,
        roarHot: 'no',
        airBehindRadiator: celsius(84),
      })
    },
  ),
  hot(
    'clutch-free-but-good',
    'plough',
    ['radiator-debris'],
    'Clutch free cold, and innocent',
    'Free when cold and firm when hot: the clutch was good, the fins were matted.',
    (t) => {
      t.yes('hot-at-load', 'hot-at-idle')
      t.level({ level: 'right' })
      t.rec('fan-by-hand.test', { drag: 'free', rocking: 'none', streaks: 'no', blades: 'good' })
      t.rec('clutch-hot.test', {
        dragHot: 'firm',
        turnsAfterSwitchOff: 0.5,
        roarHot: 'yes',
        airBehindRadiator: celsius(80),
      })
      t.air({ fins: 'bad', stack: 'good', shroud: 'good' })
    },
  ),
  hot(
    'fan-motor',
    'minibus',
    ['fan-motor-dead'],
    'Hot in traffic, fan silent',
    'Fed directly through a fuse it stayed dead.',
    (t) => {
      t.yes('hot-at-idle', 'ac-weak-idle')
      t.no('hot-at-load', 'recent-drain')
      t.level({ level: 'right' })
      t.fanWatch('no', 108)
      t.fanWatch('no', 90, 'on')
      t.circuit({
        supplyVolts: 12.2,
        groundDropVolts: 0.1,
        relay: 'passes',
        command: 'present',
        switchingPlace: celsius(105),
        switchesAt: celsius(97),
        directFeed: 'dead',
      })
    },
  ),
  hot(
    'fan-feed',
    'minibus',
    ['fan-feed-lost'],
    'Fuse blown',
    'No supply at the plug: the fuse had blown in a corroded holder.',
    (t) => {
      t.yes('hot-at-idle')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.fanWatch('no', 107)
      t.circuit({
        fuse: 'blown',
        supplyVolts: 0.1,
        groundDropVolts: 0,
        directFeed: 'runs',
        relay: 'passes',
      })
    },
  ),
  hot(
    'fan-relay',
    'minibus',
    ['fan-relay-dead'],
    'Fan runs when the relay is bridged',
    'The relay did not pass.',
    (t) => {
      t.yes('hot-at-idle', 'ac-weak-idle')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.fanWatch('no', 106)
      t.circuit({
        fuse: 'good',
        supplyVolts: 0.2,
        relay: 'fails',
        directFeed: 'runs',
        command: 'present',
        switchingPlace: celsius(104),
        switchesAt: celsius(97),
      })
    },
  ),
  hot(
    'fan-ground',
    'van',
    ['fan-ground-bad'],
    'Fan dead, three volts lost to ground',
    'The ground behind the lamp was green with salt.',
    (t) => {
      t.yes('hot-at-idle')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.fanWatch('no', 107)
      t.circuit({ supplyVolts: 12.3, groundDropVolts: 6.5, directFeed: 'runs' })
    },
  ),
  hot(
    'fan-module',
    'van',
    ['fan-module-dead'],
    'Only full speed, late',
    'The speed module had lost its low speed.',
    (t) => {
      t.yes('hot-at-idle')
      t.no('hot-at-load', 'ac-weak-idle')
      t.level({ level: 'right' })
      t.fanWatch('no', 105, 'off', { speeds: 'one-missing' })
      t.fanWatch('yes', 90, 'on')
      t.circuit({
        speeds: 'one-missing',
        supplyVolts: 12.3,
        groundDropVolts: 0.1,
        directFeed: 'runs',
      })
    },
  ),
  hot(
    'fan-switch',
    'camper',
    ['fan-switch-dead'],
    'Runs with air conditioning, not by itself',
    'The switch was in a radiator shown at 101 °C; bridged, the fan ran.',
    (t) => {
      t.yes('hot-at-idle')
      t.no('hot-at-load', 'ac-weak-idle')
      t.level({ level: 'right' })
      t.fanWatch('yes', 88, 'on')
      t.fanWatch('no', 104)
      t.circuit({
        command: 'absent',
        switchingPlace: celsius(104),
        switchesAt: celsius(95),
        bridged: 'runs',
        supplyVolts: 12.3,
        groundDropVolts: 0.1,
      })
    },
  ),
  hot(
    'switch-blamed',
    'camper',
    ['pump-impeller-loose'],
    'The switch was blamed',
    'The radiator never got hot, so no fan was called for: the pump moved nothing.',
    (t) => {
      t.yes('hot-at-load', 'heater-cold')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.fanWatch('no', 45)
      t.circuit({
        command: 'absent',
        switchingPlace: celsius(45),
        switchesAt: celsius(95),
        bridged: 'runs',
      })
      t.run({ opens: 84, minutes: 20 })
      t.survey(47, 35, undefined, { engineC: 106, pumpDelivers: 'not-known' })
      t.rec('pump-delivery.test', { returnStream: 'none', lowerHose: 'round' })
    },
  ),
  hot(
    'fan-backwards',
    'minibus',
    ['fan-wrong-way'],
    'Hot standing since the new fan',
    'The motor was wired the wrong way round.',
    (t) => {
      t.yes('hot-at-idle', 'belt-or-fan-work')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.fanWatch('yes', 98, 'off', { coolsWhenOn: 'no' })
      t.circuit({ airDirection: 'wrong', supplyVolts: 12.3, groundDropVolts: 0.1 })
    },
  ),
  hot(
    'belt-backwards',
    'minibus',
    ['belt-misrouted'],
    'Hot everywhere since the belt',
    'The belt drove the pump backward.',
    (t) => {
      t.yes('hot-soon', 'hot-at-load', 'belt-or-fan-work')
      t.no('recent-drain')
      t.level({ level: 'right' })
      t.rec('belt-and-pump.look', {
        pumpTurns: 'yes',
        slip: 'none',
        wobble: 'none',
        routing: 'wrong',
      })
    },
  ),
  hot(
    'air-dam',
    'minibus',
    ['air-dam-missing'],
    'Hot at speed since the bumper repair',
    'The air dam had not been fitted again.',
    (t) => {
      t.yes('hot-at-load', 'front-work', 'hot-with-ac')
      t.no('hot-at-idle')
      t.level({ level: 'right' })
      t.air({ duct: 'bad', fins: 'good', stack: 'good', shroud: 'good' })
      t.survey(97, 88, 'none')
    },
  ),
  hot(
    'shutter',
    'rescue',
    ['grille-shutter-stuck'],
    'Hot on the motorway, code set',
    'The shutter stayed shut on command.',
    (t) => {
      t.yes('hot-at-load', 'cooling-code')
      t.no('hot-at-idle')
      t.level({ level: 'right' })
      t.device('grille-shutter', 100, 'none', { supplyVolts: 13.7 })
      t.device('coolant-pump', 80, 79)
      t.device('heat-module', 90, 88, { calibrated: 'yes' })
    },
  ),
  hot(
    'electro-viscous',
    'plough',
    ['electro-viscous-control'],
    'Fan does not follow its command',
    'The coil’s plug had broken.',
    (t) => {
      t.yes('hot-at-idle', 'cooling-code')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.device('fan-clutch', 90, 15, { supplyVolts: 13.5 })
    },
  ),
  hot(
    'sensor-biased',
    'van',
    ['coolant-sensor-biased'],
    'Fan late, cold-soak disagreement',
    'The sensor read 14 K low: the fan came late, and a probe beside it agreed with the gun.',
    (t) => {
      t.yes('hot-at-idle')
      t.no('hot-at-load', 'recent-drain')
      t.level({ level: 'right' })
      t.rec('cold-soak.test', {
        hoursStood: 12,
        coolant: celsius(-3),
        ambient: celsius(11),
        wiring: 'steady',
      })
      t.rec('sensor-agreement.compare', {
        scan: celsius(88),
        second: celsius(102),
        secondKind: 'contact-probe',
        engineHot: 'yes',
        level: 'full',
      })
    },
  ),
  hot(
    'wiring',
    'van',
    ['sensor-wiring'],
    'Needle jumps',
    'The plug of the sensor had a broken wire.',
    (t) => {
      t.yes('gauge-only', 'cooling-code')
      t.no('hot-at-load', 'pushed-out-hot')
      t.level({ level: 'right' })
      t.rec('cold-soak.test', {
        hoursStood: 10,
        coolant: celsius(9),
        ambient: celsius(9),
        wiring: 'jumps',
      })
      t.run({ opens: 98, plateau: 99, wander: 7 })
    },
  ),
  hot(
    'dash-wrong',
    'minibus',
    ['dash-gauge-wrong'],
    'Needle in the red, engine at 89 °C',
    'Scan and gun agreed; the needle did not.',
    (t) => {
      t.yes('gauge-only')
      t.no('pushed-out-hot', 'hot-at-load', 'wet-under')
      t.level({ level: 'right', residualPressure: 'none' })
      t.rec('sensor-agreement.compare', {
        scan: celsius(89),
        second: celsius(88),
        secondKind: 'contact-probe',
        dash: 'red',
        engineHot: 'yes',
        level: 'full',
      })
      t.rec('sensor-agreement.compare', {
        scan: celsius(45),
        second: celsius(45),
        secondKind: 'contact-probe',
        dash: 'high',
        engineHot: 'no',
        level: 'full',
      })
    },
  ),
  hot(
    'gauge-rests',
    'minibus',
    ['gauge-resting'],
    'A new driver watches the needle',
    'It stands where it always stood; scan and gun agree at 91 °C.',
    (t) => {
      t.yes('gauge-only', 'needle-normal')
      t.no('pushed-out-hot', 'hot-at-load', 'hot-at-idle')
      t.level({ level: 'right' })
      t.rec('sensor-agreement.compare', {
        scan: celsius(91),
        second: celsius(90),
        secondKind: 'contact-probe',
        dash: 'middle',
        engineHot: 'yes',
        level: 'full',
      })
    },
  ),
  hot(
    'too-much-heat',
    'oldTruck',
    ['engine-makes-heat'],
    'All cooling good, hot under load',
    'The exhaust was half blocked.',
    (t) => {
      t.yes('hot-at-load', 'low-power')
      t.no('hot-at-idle', 'recent-drain', 'heavy-load')
      t.level({ level: 'right', look: 'clear' })
      t.air({ fins: 'good', stack: 'good', shroud: 'good', duct: 'good' })
      t.drivesWell()
      t.run({ opens: 83 })
      t.survey(95, 84, 'none')
      t.rec('pump-delivery.test', { returnStream: 'strong', lowerHose: 'round' })
      t.gas('same')
    },
  ),
  hot(
    'overload',
    'truck',
    ['overload'],
    'Only with the full brine tank on the pass',
    'Beyond its rated load; within it all was steady.',
    (t) => {
      t.yes('hot-at-load', 'heavy-load')
      t.no('hot-at-idle', 'recent-drain', 'low-power')
      t.level({ level: 'right' })
      t.air({ fins: 'good', stack: 'good', shroud: 'good' })
      t.drive(['town', 86, 90], ['cruise', 88, 92], ['climb', 104, 112, 'beyond'])
    },
  ),
  hot(
    'gas-hot',
    'minibus',
    ['gasket-gas-to-coolant'],
    'Overheats under load, heater goes cold in bursts',
    'Gas pushed the coolant out of the heater; the analyser showed 900 ppm.',
    (t) => {
      t.yes('hot-at-load', 'heat-in-bursts', 'hoses-hard-early', 'pushed-out-hot')
      t.no('recent-drain', 'gasket-done-before')
      t.level({ level: 'low', residualPressure: 'strong' })
      t.rec('gas-analyser.test', {
        hcPpm: 920,
        backgroundHcPpm: 20,
        engine: celsius(90),
        thermostatOpen: 'shown',
        load: 'raised-speed',
      })
      t.rec('running-pressure.run', {
        points: [
          [0, 15, 0],
          [120, 35, 18],
          [240, 50, 42],
          [360, 62, 68],
          [480, 75, 90],
        ].map(([seconds, coolantC, pressureKPaGauge]) => ({
          seconds: seconds!,
          coolantC: coolantC!,
          pressureKPaGauge: pressureKPaGauge!,
        })),
        adapterReliefAtOrBelowCap: 'yes',
        level: 'at-mark',
      })
    },
  ),
  hot(
    'bubbles-were-air',
    'minibus',
    ['trapped-air'],
    'Bubbles after a hose job',
    'Refilled and not bled: the bubbles were air, the gas test stayed negative and valid.',
    (t) => {
      t.yes('recent-drain', 'gurgle', 'pushed-out-hot')
      t.no('hoses-hard-early', 'white-exhaust')
      t.level({ level: 'low', residualPressure: 'none' })
      t.rec('level-creep.watch', {
        points: [0, 3, 6, 9, 12, 15].map((m) => ({ minutes: m, mm: -m })),
        bubbles: 'continuous',
        overflowed: 'yes',
        startedAt: 'at-mark',
        refilledAndNotBled: 'yes',
      })
      t.gas('same')
    },
  ),
  hot(
    'unit-slip',
    'minibus',
    ['fan-relay-dead'],
    'The gun and the scan disagree by a hundred',
    'The gun stood in Fahrenheit: both meant the same. The relay was dead.',
    (t) => {
      t.yes('hot-at-idle')
      t.no('hot-at-load')
      t.level({ level: 'right' })
      t.run({ opens: 89, plateau: 108, gunInFahrenheit: true, fanOn: [], minutes: 26 })
      t.circuit({ fuse: 'good', supplyVolts: 0.1, relay: 'fails', directFeed: 'runs' })
    },
  ),
  hot(
    'bare-metal',
    'minibus',
    ['condenser-stack-blocked'],
    'Infrared on a bright pipe',
    'The gun read 30 K low on bare metal and blamed the sensor; the stack was matted.',
    (t) => {
      t.yes('hot-at-load', 'hot-with-ac')
      t.no('hot-at-idle')
      t.level({ level: 'right' })
      t.rec('sensor-agreement.compare', {
        scan: celsius(98),
        second: celsius(66),
        secondKind: 'infrared',
        surface: 'bare-metal',
        engineHot: 'yes',
        level: 'full',
      })
      t.air({ fins: 'good', stack: 'bad' })
      t.survey(99, 97, 'none')
    },
  ),
  hot(
    'unlisted-air',
    'oldTruck',
    ['unlisted-air'],
    'Hot standing and moving, all air parts good',
    'A lamp bar in front of the grille, which no list names.',
    (t) => {
      t.yes('hot-at-idle', 'hot-at-load', 'hot-with-ac')
      t.no('recent-drain', 'slow-over-months', 'low-power', 'heavy-load', 'belt-squeal')
      t.level({ level: 'right', look: 'clear' })
      t.air({ fins: 'good', stack: 'good', shroud: 'good', blades: 'good', duct: 'good' })
      t.rec('clutch-hot.test', {
        dragHot: 'firm',
        turnsAfterSwitchOff: 0.4,
        roarHot: 'yes',
        airBehindRadiator: celsius(85),
      })
      t.survey(98, 96, 'none')
      t.run({ opens: 83 })
      t.rec('pump-delivery.test', { returnStream: 'strong', lowerHose: 'round' })
    },
  ),
  hot(
    'unlisted-flow',
    'minibus',
    ['unlisted-flow'],
    'Hot at load, everything that moves coolant is good',
    'A cast-in plug of sand in the head, found at last.',
    (t) => {
      t.yes('hot-at-load', 'heater-cold')
      t.no(
        'hot-at-idle',
        'recent-drain',
        'hot-with-ac',
        'slow-over-months',
        'low-power',
        'heavy-load',
        'sealant-added',
      )
      t.level({ level: 'right', look: 'clear', mixed: 'no', residualPressure: 'none' })
      t.rec('mix.test', { instrument: 'refractometer', volumeFraction: 0.5 })
      t.air({ fins: 'good', stack: 'good', shroud: 'good', duct: 'good', lowerHose: 'good' })
      t.drivesWell()
      t.rec('thermostat-bath.test', {
        present: 'yes',
        stamped: celsius(88),
        coldState: 'shut',
        startsToOpen: celsius(88),
        heatingKPerMinute: 1.2,
        hottest: celsius(103),
        liftMm: 9,
        bath: 'glycol',
        probe: 'in-liquid',
      })
      t.survey(95, 84, 'none')
      t.rec('radiator-flow.test', { passes: 'as-fast-as-in', lookedFromBothTanks: 'both-clear' })
      t.rec('pump-off.look', { impeller: 'sound', seal: 'sound', shaftPlay: 'none' })
      t.gas('same')
      t.fanWatch('yes', 98)
    },
  ),
  hot(
    'clutch-and-debris',
    'oldTruck',
    ['fan-clutch-slipping', 'radiator-debris'],
    'Hot always',
    'A slipping clutch and matted fins together.',
    (t) => {
      t.yes('hot-at-idle', 'hot-at-load', 'ac-weak-idle')
      t.level({ level: 'right' })
      t.drivesWell()
      t.air({ fins: 'bad', shroud: 'good' })
      t.rec('clutch-hot.test', {
        dragHot: 'none',
        turnsAfterSwitchOff: 5,
        roarHot: 'no',
        airBehindRadiator: celsius(86),
      })
    },
  ),
  hot(
    'pump-and-thermostat',
    'camper',
    ['thermostat-stuck-closed', 'radiator-restricted'],
    'Closed thermostat, then a tired radiator',
    'The thermostat never opened; with it out the radiator still backed up.',
    (t) => {
      t.yes('hot-soon', 'hot-at-load', 'slow-over-months')
      t.no('recent-drain')
      t.level({ level: 'right', look: 'brown' })
      t.run({ minutes: 18 })
      t.rec('thermostat-bath.test', {
        present: 'yes',
        stamped: celsius(82),
        coldState: 'shut',
        startsToOpen: 'never',
        heatingKPerMinute: 1.5,
        hottest: celsius(98),
        bath: 'glycol',
        probe: 'in-liquid',
      })
      t.rec('radiator-flow.test', { passes: 'backs-up', lookedFromBothTanks: 'deposits-seen' })
    },
  ),
  hot(
    'leak-low-air',
    'minibus',
    ['pump-seal-leak'],
    'Overheats: low, air, and a leak behind it',
    'The root was the pump’s seal; low level and air followed from it.',
    (t) => {
      t.yes('hot-at-load', 'heater-cold', 'gurgle', 'wet-under')
      t.no('recent-drain', 'hoses-hard-early')
      t.level({ level: 'low', residualPressure: 'none' })
      t.goodCap()
      t.hold({ fall: 2, tray: 'wet' })
      t.dry('thermostat', 'bypass-hose')
      t.see('pump', 'issuing')
      t.trace(['weep-hole', 'issuing'])
    },
  ),
]
