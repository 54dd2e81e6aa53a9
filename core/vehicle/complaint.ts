import { z } from 'zod'

export const COMPLAINTS = ['coolant-loss', 'overheats', 'no-heat'] as const
export const complaint = z.enum(COMPLAINTS)
export type Complaint = z.infer<typeof complaint>
