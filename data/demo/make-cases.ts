import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { writeCaseFile } from '#core'
import { demoCases } from './demo-cases'

/** Writes the demo shop's cases. Run: npm run make:demo */
const folder = join(dirname(fileURLToPath(import.meta.url)), 'cases')
mkdirSync(folder, { recursive: true })
for (const [name, file] of demoCases())
  writeFileSync(join(folder, `${name}.json`), writeCaseFile(file))
