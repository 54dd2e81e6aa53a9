import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import packageJson from '../package.json'

const ROOT = join(import.meta.dirname, '..')
const PAGES = [
  'README.md',
  'CONTRIBUTING.md',
  ...readdirSync(join(ROOT, 'docs'))
    .filter((file) => file.endsWith('.md'))
    .map((file) => `docs/${file}`),
  ...readdirSync(join(ROOT, 'core')).flatMap((folder) =>
    existsSync(join(ROOT, 'core', folder, 'README.md')) ? [`core/${folder}/README.md`] : [],
  ),
]
const ROOMS = ['app', 'cli', 'core', 'data', 'docs', 'e2e', 'scripts', 'server', 'tests', 'words']

/** A path from the root that the page names, without those of the invented check and with a placeholder. */
const pathsOf = (text: string) =>
  [...text.matchAll(/`((?:[\w.-]+\/)+[\w.-]*)`/g)]
    .map(([, path]) => path!)
    .filter((path) => ROOMS.includes(path.split('/')[0]!) && !path.includes('hose-squeeze'))
const linksOf = (text: string) =>
  [...text.matchAll(/\]\(([^)#:]+)\)/g)].map(([, target]) => target!)
const scriptsOf = (text: string) =>
  [...text.matchAll(/npm run (?:-s )?([\w:-]+)/g)].map(([, script]) => script!)

describe('the pages of the handbook', () => {
  it.each(PAGES)('%s names files, links and commands that there are', (page) => {
    const text = readFileSync(join(ROOT, page), 'utf8')
    expect(pathsOf(text).filter((path) => !existsSync(join(ROOT, path)))).toEqual([])
    expect(linksOf(text).filter((link) => !existsSync(join(ROOT, page, '..', link)))).toEqual([])
    expect(scriptsOf(text).filter((script) => !(script in packageJson.scripts))).toEqual([])
  })
})
