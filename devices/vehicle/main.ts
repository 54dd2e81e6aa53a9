import { parseArgs } from 'node:util'
import { VEHICLE_FAULTS, type VehicleFault } from './course'
import { serveVehicle } from './serve'

/** Starts a simulated vehicle: npm run vehicle -- [--port 35000] [--fault opens-late] [--speed 10] */
const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '35000' },
    fault: { type: 'string', default: 'none' },
    speed: { type: 'string', default: '1' },
    garble: { type: 'string', default: '0' },
  },
})
const isFault = (text: string): text is VehicleFault =>
  VEHICLE_FAULTS.some((fault) => fault === text)
const { fault } = values
if (!isFault(fault)) {
  process.stderr.write(`There is no fault ${fault}; there are ${VEHICLE_FAULTS.join(', ')}.\n`)
  process.exit(2)
}
const { port } = await serveVehicle({
  port: Number(values.port),
  fault,
  speed: Number(values.speed),
  garbleEvery: Number(values.garble),
})
process.stdout.write(`vehicle 127.0.0.1:${port}\n`)
if (process.env.THERMOGNOSIS_EXIT_WITH_STDIN === '1') {
  process.stdin.resume()
  process.stdin.once('end', () => process.exit(0))
}
