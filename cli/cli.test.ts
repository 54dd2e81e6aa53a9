import { spawnSync } from 'node:child_process'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { rankCase } from '../core/casefile/rank-case'
import { readCaseFile } from '../core/casefile/read'

const run = (args: string[], input?: string) => spawnSync(process.execPath, ['--import', 'tsx', 'cli/main.ts', ...args], { encoding: 'utf8', ...(input === undefined ? {} : { input }) })
const seam = 'data/demo/cases/01-minibus-radiator-seam.json'

describe('the command line', () => {
  it('prints the same ranking that the screens show, for people and for machines', () => {
    const expected = rankCase(readCaseFile(readFileSync(seam, 'utf8'))).ranking
    const json = JSON.parse(run(['rank', seam, '--json']).stdout)
    expect(json.suspects.map((s: { fault: string }) => s.fault)).toEqual(expected.suspects.map((s) => s.fault))
    expect(json.suspects[0].probability).toBeCloseTo(expected.suspects[0]!.probability, 12)
    expect(json.book.hash).toMatch(/^[0-9a-f]{16}$/)
    const text = run(['rank', seam])
    expect(text.status).toBe(0)
    expect(text.stdout).toContain(expected.suspects[0]!.name)
    expect(text.stdout).toContain('not yet:')
  })
  it('reads standard input, and files from where npm was called', () => {
    expect(run(['validate', '-'], readFileSync(seam, 'utf8')).stdout).toMatch(/^Good: /)
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
