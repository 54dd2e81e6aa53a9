import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { writeCaseFile } from '#core'
import { allVignettes } from './story'

/** Writes every story as a case file. Run: npm run make:vignettes */
const root = join(dirname(fileURLToPath(import.meta.url)), '../vignettes')
for (const folder of ['open', 'kept-apart']) {
  rmSync(join(root, folder), { recursive: true, force: true })
  mkdirSync(join(root, folder), { recursive: true })
}
const vignettes = allVignettes()
for (const { folder, name, file } of vignettes)
  writeFileSync(join(root, folder, `${name}.json`), writeCaseFile(file))
process.stdout.write(`${vignettes.length} vignettes\n`)
