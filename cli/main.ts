import { readFileSync } from 'node:fs'
import { runCli } from './run'

const { status, stdout, stderr } = runCli(process.argv.slice(2), {
  stdin: () => readFileSync(0),
  isTty: process.stdin.isTTY,
})
process.exitCode = status
process.stdout.write(stdout)
process.stderr.write(stderr)
