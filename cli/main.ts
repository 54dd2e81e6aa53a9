import { readFileSync } from 'node:fs'
import { runCli } from './run'

const { status, stdout, stderr } = runCli(process.argv.slice(2), {
  stdin: () => readFileSync(0),
  isTty: process.stdin.isTTY,
})
// Whoever reads may have had enough: a pipe that was closed ends it quietly.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error
})
process.exitCode = status
process.stdout.write(stdout)
process.stderr.write(stderr)
