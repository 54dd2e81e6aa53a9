import { main, prepareTypes, runProgram, say } from './lib/common.mjs'

/**
 * Type checks everything, two projects at a time: core by itself, app, server, cli, e2e and the configuration. Prints
 * what failed. With --prepared it takes the types of the screens as `npm run prepare:types` has just written them.
 */
await main(async () => {
  if (!process.argv.includes('--prepared')) await prepareTypes()
  const projects = [
    ['vue-tsc', '--noEmit', '-p', '.nuxt/tsconfig.app.json'],
    ['vue-tsc', '--noEmit', '-p', '.nuxt/tsconfig.server.json'],
    ['tsc', '-p', 'tsconfig.tools.json'],
    ['tsc', '-p', 'tsconfig.core.json'],
  ]
  let failed = 0
  const checkNext = async () => {
    for (let project = projects.shift(); project; project = projects.shift()) {
      const [command, ...args] = project
      const { code, output } = await runProgram('npx', ['--no-install', command, ...args])
      if (code !== 0) {
        failed++
        say(output.trim())
      }
      say(`${code === 0 ? 'passed' : 'FAILED'}: ${command} ${args.at(-1)}`)
    }
  }
  await Promise.all([checkNext(), checkNext()])
  if (failed > 0) process.exitCode = 1
})
