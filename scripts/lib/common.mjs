import { spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync, chmodSync } from 'node:fs'
import { createServer } from 'node:net'
import { constants, setPriority } from 'node:os'
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '../..')
export const DATA = join(ROOT, '.data')
export const isRoot = process.getuid?.() === 0

/** Something the person at the keyboard can mend: printed as one sentence, without a stack. */
export class UserError extends Error {}

export function say(text) {
  process.stdout.write(`${text}\n`)
}

/** Runs a script's main function; a UserError ends it with its sentence and exit code 1. */
export async function main(run) {
  try {
    await run()
  } catch (error) {
    process.exitCode = 1
    if (error instanceof UserError) process.stderr.write(`\n${error.message}\n`)
    else throw error
  }
}

/**
 * Runs a program to its end and gives its exit code and output; shows a line of progress every ten seconds. One in the
 * background, with all that it starts, takes only the time that others leave.
 */
export function runProgram(
  command,
  args,
  { env = process.env, cwd = ROOT, label, show = false, logFile, background = false, input } = {},
) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, {
      env,
      cwd,
      stdio: [input === undefined ? 'ignore' : 'pipe', 'pipe', 'pipe'],
    })
    child.stdin?.end(input)
    if (background && child.pid) setPriority(child.pid, constants.priority.PRIORITY_LOW)
    let output = ''
    const started = Date.now()
    const tick =
      label &&
      setInterval(() => say(`  ${label}: ${Math.round((Date.now() - started) / 1000)} s …`), 10000)
    const take = (chunk) => {
      output += chunk
      if (output.length > 8e6) output = output.slice(-4e6)
      if (show) process.stdout.write(chunk)
    }
    child.stdout.on('data', take)
    child.stderr.on('data', take)
    const finish = () => {
      if (tick) clearInterval(tick)
      if (logFile) writeFileSync(logFile, output)
    }
    child.on('error', (error) => {
      finish()
      fail(
        error.code === 'ENOENT'
          ? new UserError(`The program ${command} is not on this machine.`)
          : error,
      )
    })
    child.on('close', (code, signal) => {
      finish()
      done({ code: code ?? (signal ? 1 : 0), output })
    })
  })
}

export function readJson(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'))
  } catch {
    return undefined
  }
}

export function writePrivateJson(file, value) {
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, `${JSON.stringify(value, null, 2)}\n`, { mode: 0o600 })
  chmodSync(file, 0o600)
}

/** Makes the folder for everything that is not source, where the database's user can pass through it. */
export function ensureDataFolder() {
  try {
    mkdirSync(DATA, { recursive: true })
    if (isRoot) chmodSync(DATA, 0o755)
  } catch (error) {
    throw new UserError(
      `The folder ${relative(process.cwd(), DATA) || DATA} cannot be written (${error.code}). Give this user the right to write there.`,
    )
  }
}

/** SHA-256 over names and contents of files below the given paths, so that "nothing changed" is a fact. */
export function hashOf(paths) {
  const hash = createHash('sha256')
  const walk = (path) => {
    if (!existsSync(path)) return
    let entries
    try {
      entries = readdirSync(path, { withFileTypes: true })
    } catch {
      hash.update(relative(ROOT, path)).update(readFileSync(path))
      return
    }
    for (const entry of entries.sort((a, b) => (a.name < b.name ? -1 : 1)))
      if (!/\.(test|fixture)\.ts$/.test(entry.name)) walk(join(path, entry.name))
  }
  for (const path of paths) walk(join(ROOT, path))
  return hash.digest('hex')
}

export function portIsFree(port, host = '127.0.0.1') {
  return new Promise((done) => {
    const server = createServer()
    server.once('error', () => done(false))
    server.listen(port, host, () => server.close(() => done(true)))
  })
}

export function freePort() {
  return new Promise((done, fail) => {
    const server = createServer()
    server.once('error', fail)
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address()
      server.close(() => done(port))
    })
  })
}

export const sleep = (ms) => new Promise((done) => setTimeout(done, ms))

export function isAlive(pid) {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return error.code === 'EPERM'
  }
}

/** Command line of a process, with spaces between the words; empty when it is gone. */
export function commandLineOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ').trim()
  } catch {
    return ''
  }
}

/** Installs Debian packages when run by root; otherwise says the one line to type. */
export async function installDebianPackages(packages, what) {
  if (!existsSync('/usr/bin/apt-get'))
    throw new UserError(
      `${what} is missing and this is no Debian machine: install ${packages.join(' ')} by its own means.`,
    )
  if (!isRoot)
    throw new UserError(
      `${what} is missing. Install it with:  sudo apt-get update && sudo apt-get install -y --no-install-recommends ${packages.join(' ')}`,
    )
  say(`${what} is missing: installing ${packages.join(' ')} from Debian's packages.`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  await runProgram('apt-get', ['update'], { env, label: 'reading package lists' })
  const { code, output } = await runProgram(
    'apt-get',
    ['install', '-y', '--no-install-recommends', ...packages],
    { env, label: `installing ${packages.join(' ')}` },
  )
  if (code !== 0)
    throw new UserError(
      `apt-get could not install ${packages.join(' ')}: ${output.trim().split('\n').at(-1)}`,
    )
}

/** npm packages from the lock file, when the lock file or Node's version changed since the last time. */
export async function ensurePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 19))
    throw new UserError(`Node 20.19 or later is needed; this is ${process.versions.node}.`)
  const stamp = join(ROOT, 'node_modules/.thermognosis-lock')
  const wanted = `${hashOf(['package-lock.json'])} ${process.versions.modules} ${process.platform}-${process.arch}`
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Installing npm packages from the lock file (a minute or two the first time).')
  const { code, output } = await runProgram(
    'npm',
    ['ci', '--include=dev', '--no-audit', '--no-fund'],
    { label: 'npm packages' },
  )
  if (code !== 0)
    throw new UserError(
      `npm could not install the packages: ${
        output
          .trim()
          .split('\n')
          .filter((l) => /error/i.test(l))
          .slice(0, 2)
          .join(' ') || 'see the npm log'
      }`,
    )
  writeFileSync(stamp, wanted)
}

const BUILD_INPUTS = [
  'app',
  'server',
  'core',
  'words',
  'public',
  'nuxt.config.ts',
  'package-lock.json',
  'tsconfig.json',
]

/** The production build, made anew when a source changed. */
export async function prepareTypes() {
  const { code, output } = await runProgram('npx', ['--no-install', 'nuxt', 'prepare'], {
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1' },
  })
  if (code !== 0) throw new UserError(`Nuxt could not prepare its types: ${output}`)
}

export async function ensureBuild() {
  const stamp = join(ROOT, '.output/.sources')
  const wanted = hashOf(BUILD_INPUTS)
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return
  say('Building the application (about a minute).')
  const logFile = join(DATA, 'build.log')
  const { code, output } = await runProgram('npx', ['--no-install', 'nuxt', 'build'], {
    label: 'building',
    logFile,
    env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production', CI: '1' },
  })
  if (code !== 0)
    throw new UserError(
      `The build failed; its last lines:\n${output.trim().split('\n').slice(-15).join('\n')}`,
    )
  writeFileSync(stamp, wanted)
}
