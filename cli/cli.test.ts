import { spawnSync } from 'node:child_process'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { benchmark } from './benchmark/benchmark'
import { runCli } from './run'
import { rankCase, readCaseFile } from '#core'

const run = (args: string[], input?: string) =>
  runCli(args, { stdin: () => Buffer.from(input ?? ''), isTty: false })
/** As it is called from a shell. */
const call = (args: string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', 'cli/main.ts', ...args], {
    encoding: 'utf8',
    input,
  })
const seam = 'data/demo/cases/01-minibus-radiator-seam.json'

describe('the command line', () => {
  it('prints the same ranking that the screens show, for people and for machines', () => {
    const expected = rankCase(readCaseFile(readFileSync(seam, 'utf8'))).ranking
    const json = JSON.parse(run(['rank', seam, '--json']).stdout)
    expect(json.suspects.map((s: { fault: string }) => s.fault)).toEqual(
      expected.suspects.map((s) => s.fault),
    )
    expect(json.suspects[0].probability).toBeCloseTo(expected.suspects[0]!.probability, 12)
    expect(json.book.hash).toMatch(/^[0-9a-f]{16}$/)
    const text = run(['rank', seam])
    expect(text.status).toBe(0)
    expect(text.stdout).toContain(expected.suspects[0]!.name)
    expect(text.stdout).toContain('not yet:')
  })
  it('rank says everything that the format promises, and nothing else', () => {
    const json = JSON.parse(run(['rank', seam, '--json']).stdout)
    expect(Object.keys(json)).toEqual([
      'suspects',
      'nothingWrong',
      'notInTheBook',
      'sets',
      'moved',
      'unexplained',
      'stability',
      'book',
    ])
    expect(Object.keys(json.suspects[0])).toEqual([
      'fault',
      'name',
      'probability',
      'role',
      'guards',
    ])
    expect(Object.keys(json.suspects[0].guards[0]).sort()).toEqual(['id', 'met', 'text'])
    expect(Object.keys(json.moved[0])).toEqual(['source', 'fault', 'decibans'])
    expect(Object.keys(json.sets[0])).toEqual(['faults', 'probability'])
    expect(json.stability.keeps).toBeGreaterThan(0.5)
    const p = json.suspects.map((s: { probability: number }) => s.probability)
    expect([...p].sort((a, b) => b - a)).toEqual(p)
  })
  it('plans, by a policy and with the shop’s prices', () => {
    const json = JSON.parse(run(['plan', seam, '--policy', 'press-first', '--json']).stdout)
    expect(json.policy).toBe('press-first')
    for (const key of ['check', 'phase', 'minutes', 'bits', 'why'])
      expect(json.steps[0]).toHaveProperty(key)
    expect(json.expectedMinutes).toBeGreaterThan(0)
    expect(json.testOrReplace[0].fault).toBe('radiator-seam-leak')
    expect(run(['plan', seam]).stdout).toMatch(/Expected: \d+ minutes/)
    expect(run(['plan', seam, '--policy', 'guess']).status).toBe(2)
    const prices = run(['plan', seam, '--prices', '-', '--json'], '{"hourlyRate":-1,"parts":{}}')
    expect([prices.status, JSON.parse(prices.stdout).path]).toEqual([2, 'hourlyRate'])
  })
  it('says what every recorded check comes to', () => {
    const file = 'data/vignettes/open/overheats-fan-motor.json'
    const json = JSON.parse(run(['check', file, '--json']).stdout)
    expect(json.checks.map((c: { check: string }) => c.check)).toContain('fan-circuit')
    expect(json.checks.find((c: { check: string }) => c.check === 'fan-circuit').states).toContain(
      'motor',
    )
    expect(run(['check', file]).stdout).toContain('does not prove')
    const said = run(['check', seam]).stdout
    expect(said).toContain('Pressure hold: Seep.')
    expect(said).toMatch(/ {4}fall: 0\.91.kPa\/min \(0\.\d\d to 1\.\d\d\)/)
    expect(said).toContain('caution: Cold and below the cap’s mark.')
    expect(said).toContain('note: The tester’s own leak')
    // What a pass leaves open is said of a pass only, and this hold fell.
    expect(said).not.toContain('leaks that open only hot')
    expect(JSON.parse(run(['check', seam, '--json']).stdout).holds[0].state).toBe('seep')
  })
  it('speaks in the units in which a case was typed', () => {
    const text = readFileSync(seam, 'utf8')
    const inPsi = JSON.parse(text, (_, value: unknown) => {
      const q = value as { unit?: string; value: number; coreValue: number } | null
      if (q?.unit !== 'kPa' || typeof q.coreValue !== 'number') return value
      const psi = q.coreValue / 6.894757
      return { ...q, unit: 'psi', value: psi, typed: String(psi) }
    })
    expect(run(['check', '-'], JSON.stringify(inPsi)).stdout).toMatch(/fall: 0\.13\d.psi\/min/)
  })
  it('rank says what nothing likely explains', () => {
    const files = readdirSync('data/vignettes/open').map((name) => `data/vignettes/open/${name}`)
    const odd = files.find(
      (file) => rankCase(readCaseFile(readFileSync(file, 'utf8'))).ranking.unexplained.length > 0,
    )!
    expect(run(['rank', odd]).stdout).toContain('Nothing likely explains: ')
  })
  it('ends quietly when nobody reads on', () => {
    const { stderr } = spawnSync(
      'sh',
      ['-c', `"$0" --import tsx cli/main.ts signs --json | head -c 1`, process.execPath],
      { encoding: 'utf8' },
    )
    expect(stderr).toBe('')
  })
  it('reads a log of any columns, and says which column is wrong', () => {
    const log = 'time;ECT (°F);x\n0:00;68;1\n0:10;104;2\n0:20;140;3\n'
    const json = JSON.parse(run(['log', '-', '--column', 'engine-speed=x', '--json'], log).stdout)
    expect(json.traces.map((t: { channel: string }) => t.channel).sort()).toEqual([
      'engine-speed',
      'scan-coolant',
    ])
    expect(
      json.traces
        .find((t: { channel: string }) => t.channel === 'scan-coolant')
        .values.map(Math.round),
    ).toEqual([20, 40, 60])
    expect(run(['log', '-', '--column', 'dash=none'], log).status).toBe(2)
  })
  it('lists faults and signs, and audits the book', () => {
    expect(JSON.parse(run(['faults', '--json']).stdout).length).toBe(92)
    expect(JSON.parse(run(['signs', '--json']).stdout).length).toBeGreaterThan(180)
    const audit = JSON.parse(run(['knowledge', 'audit', '--json']).stdout)
    expect([
      audit.withoutSign,
      audit.unspokenSigns,
      audit.unreadSigns,
      audit.withoutReason,
    ]).toEqual([[], [], [], []])
    expect(run(['knowledge', 'audit']).stdout).toContain('Pairs that no check can tell apart')
  })
  it('benchmarks with exactly the figures promised, the engine agreeing with a plain enumeration to 1e-9', () => {
    const result = benchmark({ runs: 2, readings: 10, most: 1 })
    const ofEngine = [
      'posteriorMs',
      'fullRankingMs',
      'oneMoreReadingMs',
      'nextCheckMs',
      'questionsMs',
      'planMs',
      'pivotMs',
      'stabilityMs',
    ] as const
    expect(Object.keys(result)).toEqual([
      ...ofEngine,
      'logAnalysisMs',
      'baselineRatio',
      'openingMs',
      'openingColdMs',
      'memoryMB',
      'boardMs',
      'demo',
      'vignettes',
      'nodeVersion',
      'cpu',
    ])
    for (const times of [result, result.demo, result.vignettes])
      for (const key of ofEngine) {
        expect(Object.keys(times[key]), key).toEqual(['median', 'p95'])
        expect(times[key].median, key).toBeGreaterThan(0)
      }
  }, 600_000)
  it('reads standard input, and files from where npm was called', () => {
    expect(call(['validate'], readFileSync(seam, 'utf8')).stdout).toMatch(/^Good: /)
    expect(run(['validate', '-'], readFileSync(seam, 'utf8')).stdout).toMatch(/^Good: /)
    const refused = call(['validate', '-'], '{')
    expect([refused.status, refused.stdout]).toEqual([2, ''])
    expect(refused.stderr).toMatch(/cut short/)
    expect(readdirSync('data/demo/cases').length).toBeGreaterThanOrEqual(6)
  })
  it.each([
    [['rank', 'no-such-file.json'], undefined, /cannot be read/],
    [['rank', '-'], '{"format":"thermognosis-case","version":1', /cut short/],
    [['rank'], undefined, /A file is needed/],
    [['fly'], undefined, /no command fly/],
  ])('ends with 2 and one sentence for %j', (args, input, says) => {
    const { status, stderr } = run(args, input)
    expect(status).toBe(2)
    expect(stderr).toMatch(says)
  })
  it('names the path of the bad field for machines', () => {
    const file = JSON.parse(readFileSync(seam, 'utf8'))
    file.site.elevationMetres = 'high'
    const { status, stdout } = run(['rank', '-', '--json'], JSON.stringify(file))
    expect(status).toBe(2)
    expect(JSON.parse(stdout)).toMatchObject({ ok: false, path: 'site.elevationMetres' })
  })
})
