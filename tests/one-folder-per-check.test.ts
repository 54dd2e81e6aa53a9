import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { ALL_CHECKS } from '#core'

/** Rooms of the product; tests, data that is written as cases, and generated files are no part of it. */
const ROOMS = ['app', 'core', 'server', 'cli', 'words']

/**
 * Places that may name a check: its own three folders, the three index files, the book, whose signs it reads, and
 * the files of other languages, which need none of its names.
 */
const mayName = (file: string, id: string) =>
  [
    `core/checks/${id}/`,
    `words/checks/${id}.`,
    `app/checks/${id}/`,
    'core/knowledge/',
    'words/languages/',
  ].some((p) => file.startsWith(p)) ||
  ['core/checks/index.ts', 'words/checks/index.ts', 'app/checks/index.ts'].includes(file)

/** Ids that are words of their own as well: a part of the loop, a role of the engine. Only their records are looked for. */
const ALSO_A_WORD: ReadonlySet<string> = new Set(['cap', 'mix', 'heater'])

function sourcesIn(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) return sourcesIn(path)
    return /\.(ts|vue|mjs)$/.test(name) && !/\.(test|fixture)\.ts$/.test(name) ? [path] : []
  })
}

const sources = ROOMS.flatMap(sourcesIn).map((file) => ({ file, text: readFileSync(file, 'utf8') }))

describe('a check is one folder in each room, and one line in three index files', () => {
  it.each(ALL_CHECKS.map((check) => check.id))('%s stands in no other product file', (id) => {
    const named = new RegExp(ALSO_A_WORD.has(id) ? `['"\`]${id}\\.` : `['"\`]${id}['"\`.]`)
    const elsewhere = sources
      .filter(({ file, text }) => !mayName(file, id) && named.test(text))
      .map(({ file }) => file)
    expect(elsewhere).toEqual([])
  })
  it('every check has a folder in core and its words, named as it is', () => {
    for (const { id } of ALL_CHECKS) {
      expect(statSync(`core/checks/${id}/check.ts`).isFile()).toBe(true)
      expect(statSync(`words/checks/${id}.ts`).isFile()).toBe(true)
    }
  })
})
