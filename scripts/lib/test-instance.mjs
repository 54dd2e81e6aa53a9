import { spawn } from 'node:child_process'
import { openSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { DATA, freePort, ROOT, runProgram, sleep, UserError } from './common.mjs'

/**
 * A production server of its own on a database of its own, with the demo shop and a second shop in it; for tests.
 * Gives the environment that the tests read and a function that stops the server.
 */
export async function startInstance(cluster, name, { withCases = false } = {}) {
  const env = {
    ...process.env,
    DATABASE_URL: cluster.url(`test_${name}`),
    DATABASE_MAINTENANCE_URL: cluster.url('postgres'),
  }
  const admin = async (args, input) => {
    const { code, output } = await runProgram(
      process.execPath,
      ['--import', 'tsx', 'server/admin/main.ts', ...args],
      { env, input },
    )
    if (code !== 0) throw new UserError(`Preparing the test database failed: ${output}`)
    return output.trim().split('\n').at(-1)
  }
  await admin(['prepare-demo'])
  const otherShop = await admin(['create-shop', 'Valley Garage', '400'])
  await admin(['add-person', otherShop, 'berit', 'Berit Aune', 'lead'], 'valley-garage-400')
  const port = await freePort()
  const adapterPort = await freePort()
  const demoShop = JSON.parse(readFileSync(join(ROOT, 'data/demo/shop.json'), 'utf8')).shop.id
  const logFile = join(DATA, `test-${name}.log`)
  const log = openSync(logFile, 'w')
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    cwd: ROOT,
    stdio: ['pipe', log, log],
    env: {
      ...env,
      NODE_ENV: 'production',
      HOST: '127.0.0.1',
      NITRO_HOST: '127.0.0.1',
      PORT: String(port),
      NITRO_PORT: String(port),
      NITRO_SHUTDOWN_TIMEOUT: '1000',
      NUXT_SESSION_PASSWORD: cluster.sessionPassword,
      THERMOGNOSIS_ADAPTERS: `${demoShop}/Bay 1=${adapterPort}`,
      THERMOGNOSIS_EXIT_WITH_STDIN: '1',
    },
  })
  const base = `http://127.0.0.1:${port}`
  for (let i = 0; ; i++) {
    const ok = await fetch(`${base}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
    if (ok) break
    if (i > 150 || server.exitCode !== null)
      throw new UserError(`The test server did not start; see .data/test-${name}.log`)
    await sleep(100)
  }
  if (withCases) {
    const signIn = await fetch(`${base}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ signIn: 'oren', password: 'saddle-ridge-1300' }),
    })
    const cookie = signIn.headers
      .getSetCookie()
      .map((c) => c.split(';')[0])
      .join('; ')
    for (const file of readdirSync(join(ROOT, 'data/demo/cases'))) {
      const taken = await fetch(`${base}/api/cases/import`, {
        method: 'POST',
        headers: { cookie },
        body: readFileSync(join(ROOT, 'data/demo/cases', file)),
      })
      if (!taken.ok)
        throw new UserError(`The demo case ${file} was not taken: ${await taken.text()}`)
    }
  }
  return {
    env: {
      TEST_BASE_URL: base,
      DATABASE_URL: env.DATABASE_URL,
      TEST_SERVER_LOG: logFile,
      TEST_ADAPTER_PORT: String(adapterPort),
    },
    stop: async () => {
      const gone = new Promise((done) => server.once('exit', done))
      server.kill('SIGTERM')
      await Promise.race([gone, sleep(3000).then(() => server.kill('SIGKILL'))])
    },
  }
}
