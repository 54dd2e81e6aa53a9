import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buildSync } from 'esbuild'
import { spreadOf } from './timing'

export interface Opened {
  ms: number
  memoryMB: number
}

/** Makes one file of the program that opens a case, as the screens' worker is one; gives what `use` gives of it. */
function withProgram<T>(use: (program: string) => T): T {
  const folder = mkdtempSync(join(tmpdir(), 'thermognosis-opening-'))
  const outfile = join(folder, 'open-one.mjs')
  try {
    buildSync({
      entryPoints: ['cli/benchmark/open-one.ts'],
      outfile,
      bundle: true,
      minify: true,
      platform: 'node',
      format: 'esm',
      logLevel: 'error',
    })
    return use(outfile)
  } finally {
    rmSync(folder, { recursive: true })
  }
}

function openInProcess(program: string, path: string, how: 'warmed' | 'cold'): Opened {
  const { stdout, stderr, status } = spawnSync(process.execPath, [program, path, how], {
    encoding: 'utf8',
  })
  if (status !== 0) throw new Error(`${path} could not be opened: ${stderr}`)
  return JSON.parse(stdout) as Opened
}

/** Opening of each file in a process of its own, one that has warmed itself and one that has not; the most memory. */
export function openingTimes(paths: readonly string[]) {
  return withProgram((program) => {
    const warmed = paths.map((path) => openInProcess(program, path, 'warmed'))
    const cold = paths.map((path) => openInProcess(program, path, 'cold'))
    return {
      openingMs: spreadOf(warmed.map(({ ms }) => ms)),
      openingColdMs: spreadOf(cold.map(({ ms }) => ms)),
      memoryMB: Math.max(...warmed.map(({ memoryMB }) => memoryMB)),
    }
  })
}
