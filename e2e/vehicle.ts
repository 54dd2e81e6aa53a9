import { spawn } from 'node:child_process'

/** Starts the simulated vehicle as a program of its own; gives what ends it. */
export async function startVehicle(options: Record<string, string | number>) {
  const words = Object.entries(options).flatMap(([name, value]) => [`--${name}`, String(value)])
  const child = spawn(process.execPath, ['--import', 'tsx', 'devices/vehicle/main.ts', ...words], {
    stdio: ['pipe', 'pipe', 'inherit'],
    env: { ...process.env, THERMOGNOSIS_EXIT_WITH_STDIN: '1' },
  })
  await new Promise<void>((done, failed) => {
    child.stdout.once('data', () => done())
    child.once('exit', () => failed(new Error('the simulated vehicle did not start')))
  })
  return () =>
    new Promise<void>((done) => {
      child.removeAllListeners('exit')
      child.once('exit', () => done())
      child.kill('SIGTERM')
    })
}
