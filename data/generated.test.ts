import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { demoCases } from './demo/demo-cases'
import { allVignettes } from './stories/story'

/** A case file without what tells the version that wrote it. */
const told = (file: object) => ({ ...file, writtenBy: undefined })
const onDisk = (path: string) => told(JSON.parse(readFileSync(path, 'utf8')) as object)

describe('files that are made from tables', () => {
  it('hold what the tables of the stories say', () => {
    const vignettes = allVignettes()
    for (const { folder, name, file } of vignettes)
      expect(onDisk(`data/vignettes/${folder}/${name}.json`), name).toEqual(
        told(JSON.parse(JSON.stringify(file)) as object),
      )
    for (const folder of ['open', 'kept-apart'])
      expect(readdirSync(`data/vignettes/${folder}`).sort()).toEqual(
        vignettes
          .filter((v) => v.folder === folder)
          .map((v) => `${v.name}.json`)
          .sort(),
      )
  })

  it('hold what the tables of the demo shop say', () => {
    const cases = demoCases()
    for (const [name, file] of cases)
      expect(onDisk(`data/demo/cases/${name}.json`), name).toEqual(
        told(JSON.parse(JSON.stringify(file)) as object),
      )
    expect(readdirSync('data/demo/cases').sort()).toEqual(cases.map(([name]) => `${name}.json`))
  })
})

describe('stories', () => {
  it('have a title, a reason and a name of their own', () => {
    const vignettes = allVignettes()
    expect(new Set(vignettes.map((v) => v.name)).size).toBe(vignettes.length)
    for (const { name, file } of vignettes) {
      expect(file.case.title, name).not.toBe('')
      const closed = file.events.find((e) => e.kind === 'closed')
      expect(closed?.data, name).toMatchObject({ words: expect.stringMatching(/\.$/) as string })
    }
  })

  it('name differences of temperature in degrees, never in kelvin', () => {
    for (const table of readdirSync('data/stories').filter((f) => f.endsWith('.yaml')))
      expect(readFileSync(`data/stories/${table}`, 'utf8'), table).not.toMatch(/\d K\b/)
  })
})
