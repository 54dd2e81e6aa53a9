import { z } from 'zod'
import { RECORD_DATA } from './kinds'
import { EVENT_DATA } from './events'
import { caseFile, FORMAT_VERSION } from './schema'

/**
 * JSON Schema (2020-12) of the case file, made from the Zod schema. Refinements (a value and its value in core’s unit agree,
 * ids that must exist) cannot be expressed in it; docs/case-format.md lists them.
 */
export function caseJsonSchema(): object {
  const schema = z.toJSONSchema(caseFile, { target: 'draft-2020-12', unrepresentable: 'throw' })
  return {
    ...schema,
    title: `Thermognosis case file, version ${FORMAT_VERSION}`,
    description: `Record kinds: ${Object.keys(RECORD_DATA).join(', ')}. Event kinds: ${Object.keys(EVENT_DATA).join(', ')}.`,
  }
}
