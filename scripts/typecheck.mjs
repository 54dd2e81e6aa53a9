import { main, runProgram, UserError, say } from './lib/common.mjs'

/** Type checks everything: core by itself, then app, server, cli, e2e and the configuration. Prints how many projects failed. */
await main(async () => {
  const prepare = await runProgram('npx', ['--no-install', 'nuxt', 'prepare'], { env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' } })
  if (prepare.code !== 0) throw new UserError(prepare.output)
  const projects = [
    ['tsc', '-p', 'tsconfig.core.json'],
    ['vue-tsc', '--noEmit', '-p', '.nuxt/tsconfig.app.json'],
    ['vue-tsc', '--noEmit', '-p', '.nuxt/tsconfig.server.json'],
    ['tsc', '-p', 'tsconfig.tools.json'],
  ]
  let failed = 0
  for (const [command, ...args] of projects) {
    const { code, output } = await runProgram('npx', ['--no-install', command, ...args])
    if (code !== 0) {
      failed++
      say(output.trim())
    }
    say(`${code === 0 ? 'passed' : 'FAILED'}: ${command} ${args.at(-1)}`)
  }
  if (failed > 0) process.exitCode = 1
})
