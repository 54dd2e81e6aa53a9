import { spawn } from 'node:child_process'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import {
  commandLineOf,
  DATA,
  ensureBuild,
  ensureDataFolder,
  ensurePackages,
  hashOf,
  isAlive,
  main,
  portIsFree,
  readJson,
  ROOT,
  runProgram,
  say,
  sleep,
  UserError,
  writePrivateJson,
} from './lib/common.mjs'
import { startCluster } from './lib/database.mjs'
import { startVehicles } from './lib/stand-ins.mjs'

const runFile = join(DATA, 'demo-run.json')
const doneFile = join(DATA, 'demo-done.json')
const fresh = process.argv.includes('--fresh')

function wantedPort() {
  const text = process.env.PORT ?? '3000'
  const port = Number(text)
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new UserError(`PORT=${text} is not a port number between 1 and 65535.`)
  return port
}

/** A start that was killed may leave its server behind; one that runs as it should is left alone. */
async function clearEarlierStart(port) {
  const earlier = readJson(runFile)
  const ours = (pid, word) => pid && isAlive(pid) && commandLineOf(pid).includes(word)
  if (earlier && ours(earlier.launcher, 'scripts/demo.mjs')) {
    for (let i = 0; i < 20 && isAlive(earlier.launcher); i++) {
      if (!earlier.npm || isAlive(earlier.npm))
        throw new UserError(
          `Thermognosis already runs from this folder: http://127.0.0.1:${earlier.port} (process ${earlier.launcher}). Stop it there with Ctrl-C first.`,
        )
      await sleep(250)
    }
  }
  if (earlier && ours(earlier.server, '.output/server/index.mjs')) {
    process.kill(earlier.server, 'SIGTERM')
    for (let i = 0; i < 40 && isAlive(earlier.server); i++) await sleep(100)
    if (isAlive(earlier.server)) process.kill(earlier.server, 'SIGKILL')
  }
  for (let i = 0; i < 12; i++) {
    if (await portIsFree(port)) return
    await sleep(250)
  }
  if (port < 1024 && process.getuid?.() !== 0)
    throw new UserError(
      `Port ${port} may only be used by root. Choose one above 1023:  PORT=3100 npm run demo`,
    )
  throw new UserError(
    `Port ${port} is taken by another program. Choose another:  PORT=${port + 1} npm run demo`,
  )
}

async function admin(cluster, args) {
  const { code, output } = await runProgram(
    process.execPath,
    ['--import', 'tsx', 'server/admin/main.ts', ...args],
    {
      env: {
        ...process.env,
        DATABASE_URL: cluster.url('thermognosis'),
        DATABASE_MAINTENANCE_URL: cluster.url('postgres'),
      },
    },
  )
  if (code !== 0)
    throw new UserError(
      `Preparing the database failed: ${output.trim().split('\n').slice(-6).join('\n')}`,
    )
}

async function healthy(port) {
  try {
    const answer = await fetch(`http://127.0.0.1:${port}/api/health`)
    return answer.ok && (await answer.json()).ok === true
  } catch {
    return false
  }
}

/** Closed cases of the years before, which the shop has learnt from. */
const PAST_CASES = 'data/vignettes/open'

/** A repair that nobody looked at again would stand on the board as due. */
const isDone = (file) => !readJson(join(ROOT, file)).events.some(({ kind }) => kind === 'repaired')

const filesIn = (folder) =>
  readdirSync(join(ROOT, folder))
    .filter((file) => file.endsWith('.json'))
    .sort()
    .map((file) => join(folder, file))

async function loadDemoCases(port, demo) {
  const base = `http://127.0.0.1:${port}`
  const lead = demo.people.find((p) => p.role === 'lead')
  const signIn = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signIn: lead.signIn, password: demo.password }),
  })
  if (!signIn.ok) throw new UserError(`The demo lead could not sign in (${signIn.status}).`)
  const cookie = signIn.headers
    .getSetCookie()
    .map((c) => c.split(';')[0])
    .join('; ')
  for (const file of [...filesIn('data/demo/cases'), ...filesIn(PAST_CASES).filter(isDone)]) {
    const answer = await fetch(`${base}/api/cases/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: readFileSync(join(ROOT, file)),
    })
    if (!answer.ok)
      throw new UserError(
        `The demo case ${file} was not taken: ${(await answer.json()).error?.sentence}`,
      )
  }
  await fetch(`${base}/api/session`, { method: 'DELETE', headers: { cookie } })
}

await main(async () => {
  const started = Date.now()
  const port = wantedPort()
  ensureDataFolder()
  await clearEarlierStart(port)
  const npm = process.env.npm_lifecycle_event ? process.ppid : undefined
  writePrivateJson(runFile, { launcher: process.pid, npm, port })
  await ensurePackages()
  await ensureBuild()
  let cluster = await startCluster('demo-database', { fresh })
  let stopping = false
  let server
  let vehicles
  const stop = async (code = 0) => {
    if (stopping) return
    stopping = true
    vehicles?.stop()
    if (server && server.exitCode === null && server.signalCode === null) {
      const gone = new Promise((done) => server.once('exit', done))
      server.kill('SIGTERM')
      await Promise.race([gone, sleep(4000).then(() => server.kill('SIGKILL'))])
    }
    await cluster.stop()
    process.exitCode = code
    process.exit()
  }
  process.on('SIGINT', () => {
    say('\nStopping.')
    void stop()
  })
  process.on('SIGTERM', () => void stop())
  process.on('SIGHUP', () => void stop())
  const demo = readJson(join(ROOT, 'data/demo/shop.json'))
  const wanted = {
    schema: hashOf(['server/database', 'server/admin']),
    demo: hashOf(['data/demo', PAST_CASES]),
  }
  const done = fresh ? undefined : readJson(doneFile)
  const clusterKey = cluster.sessionPassword.slice(0, 8)
  const prepared = done?.cluster === clusterKey && done?.schema === wanted.schema
  try {
    if (!prepared) {
      say('Preparing the database.')
      await admin(cluster, ['prepare-demo'])
    }
    vehicles = await startVehicles(demo.shop.id)
    const launchServer = () => {
      server = spawn(process.execPath, ['.output/server/index.mjs'], {
        cwd: ROOT,
        stdio: ['pipe', 'inherit', 'inherit'],
        detached: true,
        env: {
          ...process.env,
          NODE_ENV: 'production',
          HOST: '127.0.0.1',
          NITRO_HOST: '127.0.0.1',
          PORT: String(port),
          NITRO_PORT: String(port),
          NITRO_SHUTDOWN_TIMEOUT: '2000',
          DATABASE_URL: cluster.url('thermognosis'),
          THERMOGNOSIS_ADAPTERS: vehicles.adapters.join(', '),
          NUXT_SESSION_PASSWORD: cluster.sessionPassword,
          // Whoever starts the demo reads what to do with it, not a line for each request.
          THERMOGNOSIS_LOG: process.env.THERMOGNOSIS_LOG ?? 'warn',
          THERMOGNOSIS_EXIT_WITH_STDIN: '1',
        },
      })
      server.once('exit', (code, signal) => {
        if (stopping) return
        process.stderr.write(
          `\nThe server ended (${signal ?? code}). Start again with:  npm run demo\n`,
        )
        void stop(1)
      })
      writePrivateJson(runFile, { launcher: process.pid, npm, port, server: server.pid })
    }
    launchServer()
    for (let i = 0; !(await healthy(port)); i++) {
      if (i > 300)
        throw new UserError('The server started but did not become healthy within 30 seconds.')
      await sleep(100)
    }
    if (!prepared || done?.demo !== wanted.demo) {
      say('Loading the demo cases.')
      await loadDemoCases(port, demo)
      writePrivateJson(doneFile, { cluster: clusterKey, ...wanted })
    }
  } catch (error) {
    process.stderr.write(`\n${error instanceof UserError ? error.message : error.stack}\n`)
    return stop(1)
  }
  say(
    `\nThermognosis runs at http://127.0.0.1:${port}  (ready in ${((Date.now() - started) / 1000).toFixed(1)} s)\n`,
  )
  say(`${demo.shop.name}, demo sign-ins, all with the password ${demo.password}:`)
  for (const person of demo.people)
    say(`  ${person.signIn.padEnd(10)} ${person.name}, ${person.role}`)
  say('\nCtrl-C stops it. The data stay; npm run demo -- --fresh starts over.')
  setInterval(async () => {
    if (stopping) return
    if (npm && !isAlive(npm)) return void stop()
    if (cluster.isRunning()) return
    say('The database ended; starting it again.')
    const port = cluster.port
    try {
      cluster = await startCluster('demo-database')
      if (cluster.port !== port) {
        process.stderr.write(
          'The database came back on another port. Start again with:  npm run demo\n',
        )
        void stop(1)
      }
    } catch (error) {
      process.stderr.write(`${error.message}\n`)
      void stop(1)
    }
  }, 1000)
})
