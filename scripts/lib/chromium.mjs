import { existsSync } from 'node:fs'
import { installDebianPackages } from './common.mjs'

export const CHROMIUM = '/usr/bin/chromium'

/** Debian's Chromium, installed when root finds it missing. */
export async function ensureChromium() {
  if (!existsSync(CHROMIUM)) await installDebianPackages(['chromium'], 'Chromium')
}

/** Keeps headless Chromium from looking for anything outside this machine. */
export const CHROMIUM_ARGUMENTS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--disable-dev-shm-usage',
]
