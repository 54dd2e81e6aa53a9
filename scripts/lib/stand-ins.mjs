import { spawn } from 'node:child_process'
import { ROOT, UserError } from './common.mjs'

/** Vehicles of the demo, by the name of the line they stand on. */
const VEHICLES = [
  { name: 'Stand-in (opens late)', fault: 'opens-late', speed: 1 },
  { name: 'Stand-in (fan never starts; ten times as fast)', fault: 'fan-never', speed: 10 },
]

/** Starts the demo's simulated vehicles. Gives what the server is told of them, and what stops them. */
export async function startVehicles(shopId) {
  const started = await Promise.all(
    VEHICLES.map(async ({ name, ...options }) => ({ name, ...(await startVehicle(options)) })),
  )
  return {
    adapters: started.map(({ name, port }) => `${shopId}/${name}=${port}`),
    stop: () => started.forEach(({ stop }) => void stop()),
  }
}

/**
 * Starts one simulated vehicle as a program of its own, with the options of devices/vehicle/main.ts and on any free port
 * of loopback where none is named; it ends with this process, even when that is killed.
 */
export async function startVehicle({ port = 0, ...options }) {
  const words = Object.entries({ port, ...options }).flatMap(([name, value]) => [
    `--${name}`,
    String(value),
  ])
  const child = spawn(process.execPath, ['--import', 'tsx', 'devices/vehicle/main.ts', ...words], {
    cwd: ROOT,
    stdio: ['pipe', 'pipe', 'inherit'],
    env: { ...process.env, THERMOGNOSIS_EXIT_WITH_STDIN: '1' },
  })
  const told = await new Promise((done, failed) => {
    child.once('exit', () => failed(new UserError('A simulated vehicle did not start.')))
    child.stdout.on('data', (text) => {
      const [, given] = /vehicle 127\.0\.0\.1:(\d+)/.exec(String(text)) ?? []
      if (given) done(Number(given))
    })
  })
  const stop = () =>
    new Promise((done) => {
      child.once('exit', () => done(undefined))
      child.kill('SIGTERM')
    })
  return { port: told, stop }
}
