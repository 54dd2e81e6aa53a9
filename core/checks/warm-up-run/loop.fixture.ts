import { celsius, records } from '../check.fixture'

export interface Loop {
  opens?: number
  fromStart?: boolean
  settles?: number
  scanBias?: number
  gunFahrenheit?: boolean
  fan?: { on: number; off: number; cools: boolean }
  minutes?: number
  every?: number
}

/** A loop that heats by 4.5 K a minute until it opens; instruments are read off it. */
export function simulate({
  opens,
  fromStart,
  settles,
  scanBias = 0,
  gunFahrenheit,
  minutes = 22,
  every = 10,
}: Loop) {
  const seconds: number[] = []
  const scan: number[] = []
  const hose: number[] = []
  const gun: number[] = []
  let engine = 15
  let radiator = 15
  let open = fromStart ?? false
  for (let s = 0; s <= minutes * 60; s += every) {
    if (opens !== undefined && engine >= opens) open = true
    const top = settles ?? (opens ?? 88) + 2
    engine +=
      (every / 10) * (open ? Math.min(0.75, (top - engine) * 0.03) : engine < 113 ? 0.75 : 0)
    radiator +=
      (every / 10) * (open ? (engine - 6 - radiator) * 0.17 : (engine - radiator) * 0.0005)
    seconds.push(s)
    scan.push(Math.round(engine + scanBias))
    hose.push(Math.round(radiator * 2) / 2)
    gun.push(gunFahrenheit ? ((engine - 2) * 9) / 5 + 32 : engine - 2)
  }
  return { seconds, scan, hose, gun }
}

/** The records of a run of such a loop: scan and radiator side from a log, the gun three times, and marks. */
export function runOf(loop: Loop, start: object = {}, marks: readonly [number, string][] = []) {
  const { seconds, scan, hose, gun } = simulate(loop)
  return records(
    [
      'warm-up-run.start',
      {
        airConditioning: 'off',
        fanWatched: true,
        level: 'full',
        surface: 'painted-or-taped',
        ...start,
      },
    ],
    ['warm-up-run.trace', { run: '', channel: 'scan-coolant', seconds, values: scan }],
    ['warm-up-run.trace', { run: '', channel: 'radiator-side-hose', seconds, values: hose }],
    ...[40, 70, 100]
      .filter((i) => i < gun.length)
      .map((i): ['warm-up-run.reading', object] => [
        'warm-up-run.reading',
        {
          run: '',
          elapsedSeconds: seconds[i],
          channel: 'infrared-engine',
          reading: celsius(Math.round(gun[i]!)),
        },
      ]),
    ...marks.map(([elapsedSeconds, mark]): ['warm-up-run.mark', object] => [
      'warm-up-run.mark',
      { run: '', elapsedSeconds, mark },
    ]),
  )
}
