import { spawn } from 'node:child_process'
import { ROOT, UserError } from './common.mjs'

/** Vehicles of the demo, by the name of the line they stand on. */
const VEHICLES = [
  { name: 'Stand-in (opens late)', fault: 'opens-late', speed: 1 },
  { name: 'Stand-in (fan never starts; ten times as fast)', fault: 'fan-never', speed: 10 },
]

/**
 * Starts the demo's simulated vehicles, each on a free port of loopback; they end with this process, even when that is
 * killed. Gives what the server is told of them, and what stops them.
 */
export async function startVehicles(shopId) {
  const started = await Promise.all(VEHICLES.map(startOne))
  return {
    adapters: started.map(({ name, port }) => `${shopId}/${name}=${port}`),
    stop: () => started.forEach(({ child }) => child.kill('SIGTERM')),
  }
}

async function startOne({ name, fault, speed }) {
  const child = spawn(
    process.execPath,
    ['--import', 'tsx', 'devices/vehicle/main.ts', '--port', '0'].concat([
      '--fault',
      fault,
      '--speed',
      String(speed),
    ]),
    {
      cwd: ROOT,
      stdio: ['pipe', 'pipe', 'inherit'],
      env: { ...process.env, THERMOGNOSIS_EXIT_WITH_STDIN: '1' },
    },
  )
  const port = await new Promise((done, failed) => {
    child.once('exit', () => failed(new UserError('A simulated vehicle did not start.')))
    child.stdout.on('data', (text) => {
      const [, told] = /vehicle 127\.0\.0\.1:(\d+)/.exec(String(text)) ?? []
      if (told) done(Number(told))
    })
  })
  return { name, port, child }
}
