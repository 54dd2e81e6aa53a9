import { spawn } from 'node:child_process'
import { resolve } from 'node:path'
import { execPath } from 'node:process'
import { build } from 'esbuild'

export interface Ended {
  code: number
  output: string
}

const PROGRAM = 'server/admin/main.ts'
/** The program in one file, made once: started from its sources, it is compiled anew each time. */
let bundled: Promise<string> | undefined
async function bundle(): Promise<string> {
  const outfile = `.data/test-admin/${process.pid}.mjs`
  await build({
    entryPoints: [PROGRAM],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    // It finds its migrations from where it stands.
    define: { 'import.meta.dirname': JSON.stringify(resolve('server/admin')) },
    logLevel: 'error',
  })
  return outfile
}

/** Runs the administration's program as somebody would on the server; `input` comes through a pipe. */
export async function admin(
  words: readonly string[],
  input = '',
  env: NodeJS.ProcessEnv = {},
): Promise<Ended> {
  return run([await (bundled ??= bundle()), ...words], input, env)
}
/** The same as `npm run admin` starts it, from its sources. */
export const adminFromSources = (words: readonly string[]): Promise<Ended> =>
  run(['--import', 'tsx', PROGRAM, ...words], '', {})

function run(program: readonly string[], input: string, env: NodeJS.ProcessEnv): Promise<Ended> {
  return new Promise((done, fail) => {
    const child = spawn(execPath, program, {
      env: { ...process.env, ...env },
    })
    let output = ''
    const take = (chunk: Buffer) => (output += chunk.toString())
    child.stdout.on('data', take)
    child.stderr.on('data', take)
    child.on('error', fail)
    child.on('close', (code) => done({ code: code ?? -1, output }))
    child.stdin.end(input)
  })
}
