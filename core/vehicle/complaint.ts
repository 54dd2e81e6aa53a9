import { z } from 'zod'

/** What a keeper comes with. The book says of each fault how common it is behind each. */
export const REPORTED_COMPLAINTS = ['coolant-loss', 'overheats', 'no-heat'] as const
export type ReportedComplaint = (typeof REPORTED_COMPLAINTS)[number]

/** What a case is opened for: a complaint, or an inspection of a vehicle about which nobody complains. */
export const COMPLAINTS = [...REPORTED_COMPLAINTS, 'inspection'] as const
export const complaint = z.enum(COMPLAINTS)
export type Complaint = z.infer<typeof complaint>
