import { spawn } from 'node:child_process'
import { execPath } from 'node:process'

export interface Ended {
  code: number
  output: string
}

/** Runs the administration's program as somebody would on the server; `input` comes through a pipe. */
export function admin(
  words: readonly string[],
  input = '',
  env: NodeJS.ProcessEnv = {},
): Promise<Ended> {
  return new Promise((done, fail) => {
    const child = spawn(execPath, ['--import', 'tsx', 'server/admin/main.ts', ...words], {
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
