import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { InputError, MAX_FILE_BYTES, message } from '#core'
import { formatted } from '../words/catalogue'

/** A sentence of the shell, by its name in the words. */
export const told = (name: string, values: Readonly<Record<string, string | number>> = {}) =>
  formatted(`shell.${name}`, values)

/** Relative files are taken from where npm was called, not from the project's folder. */
export const fromCaller = (path: string) => resolve(process.env.INIT_CWD ?? process.cwd(), path)

/** Text of a case, a log or a list of prices: a file's, or what `stdin` gives. */
export type Read = (path: string | undefined) => string

export function reader({ stdin, isTty }: Streams): Read {
  return (path) => {
    if (path === undefined && isTty) throw new UsageError(told('needsFile'))
    let bytes: Buffer
    try {
      bytes = path === undefined || path === '-' ? stdin() : readFileSync(fromCaller(path))
    } catch {
      throw new UsageError(told('cannotBeRead', { path: path ?? told('standardInput') }))
    }
    if (path === undefined && bytes.length === 0) throw new UsageError(told('needsFile'))
    if (bytes.length > MAX_FILE_BYTES)
      throw new InputError('', message('file.tooLarge', { megabytes: MAX_FILE_BYTES / 1048576 }))
    return bytes.toString('utf8')
  }
}

export class UsageError extends Error {}

export const lines = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`

/** Where the text without a file comes from. */
export interface Streams {
  stdin: () => Buffer
  /** nobody pipes anything in */
  isTty: boolean
}
