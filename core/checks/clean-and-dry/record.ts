import { z } from 'zod'
import { part } from '../../vehicle/parts'

/** Joints wiped before pressing: what is wet afterwards is new. */
export const cleanAndDry = z.strictObject({ parts: z.array(part).min(1).max(20) })
