import { readdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { Instrumenter } from '@stryker-mutator/instrumenter'

const silent = () => {}
const LOGGER = {
  isDebugEnabled: () => false,
  trace: silent,
  debug: silent,
  info: silent,
  warn: silent,
  error: silent,
}

/** A schema says what may be recorded, and is tested by the records; a type computes nothing. */
const isMutated = (name) =>
  name.endsWith('.ts') && !/(?:\.test|\.fixture)\.ts$|(?:^|\/)record\.ts$/.test(name)

/** The files of a folder, with those below it where `deep`. */
export const filesIn = (folder, { deep = true } = {}) =>
  readdirSync(folder, { recursive: deep, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts'))
    .map((name) => `${folder}/${name}`)

/**
 * Every small change of a folder's code, all of them in the code at once and none of them active: a change is
 * switched on by its id at run time.
 *
 * @returns {Promise<{ sources: Map<string, string>, mutants: { id: string, file: string, line: number, replacement: string, mutator: string }[] }>}
 */
export async function instrument(folder, options) {
  const files = filesIn(folder, options)
    .filter(isMutated)
    .map((name) => ({ name: resolve(name), mutate: true, content: readFileSync(name, 'utf8') }))
  const result = await new Instrumenter(LOGGER).instrument(files, {
    plugins: null,
    ignorers: [],
    excludedMutations: [],
  })
  return {
    sources: new Map(result.files.map(({ name, content }) => [name, content])),
    mutants: result.mutants.map((m) => ({
      id: m.id,
      file: m.fileName,
      line: m.location.start.line + 1,
      replacement: m.replacement,
      mutator: m.mutatorName,
    })),
  }
}
