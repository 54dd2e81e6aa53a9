import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import { isShownBad, type ActuatorAnalysis } from './analysis'
import type { ActuatorTest } from './record'

const SIGN_OF: Readonly<Record<ActuatorTest['device'], string>> = {
  'coolant-pump': 'pump-command',
  'switchable-pump': 'pump-switch',
  'heat-module': 'module-command',
  'map-thermostat': 'map-heater-dead',
  'aux-heater-pump': 'aux-pump-still',
  'heater-valve': 'valve-command',
  'grille-shutter': 'shutter-shut',
  'fan-clutch': 'clutch-command',
  'blend-door': 'door-command',
}

/**
 * A command near nothing tells nothing: what is not asked for is not missing.
 * @example signsOf(actuatorSigns('r', example('actuators.test'), analyseActuator(example('actuators.test'))))
 *   // 'aux-pump-still'
 */
export function actuatorSigns(
  source: string,
  record: ActuatorTest,
  a: ActuatorAnalysis,
): SignReading[] {
  const sign = SIGN_OF[record.device]
  const device = message(`device.${record.device}`)
  if (a.state === 'not-shown' || a.state === 'not-asked') return []
  if (isShownBad(record))
    return [
      laidBare(
        source,
        sign,
        0.93,
        message(a.state === 'not-supplied' ? 'says.device.notSupplied' : 'says.device.not', {
          device,
        }),
      ),
    ]
  if (a.state === 'not-supplied')
    return [
      binaryReading(
        source,
        sign,
        true,
        { whenPresent: 0.7, whenAbsent: 0.03 },
        message('says.device.notSupplied', { device }),
        0.93,
      ),
    ]
  return [
    measuredReading({
      source,
      sign,
      value: Math.abs(a.errorPercent ?? 0),
      error: 5,
      given: { no: { mean: 3, sd: 5 }, yes: { low: 18, high: 110 } },
      validity: 0.98,
      conditions: `${record.device} commanded`,
      says: message(`says.device.${a.state === 'follows' ? 'follows' : 'not'}`, { device }),
    }),
  ]
}
