import { type CaseEvent, type CaseRecord, type RecordKind } from '#core'

/** How a case was written down: by whom, from when, at what pace. */
export interface Manner {
  /** what all ids of the case begin with, a UUID without its last twelve digits */
  readonly idPrefix: string
  readonly startMs: number
  /** time between two entries where a row gives none */
  readonly stepMs: number
  readonly by: string
  readonly eventsBy: string
  /** entries reached a server, with its clock beside the device's */
  readonly received: boolean
}

export interface Occasion {
  readonly atMs?: number
  readonly by?: string
}

/** Writes down what a technician saw and measured, in the order told. */
export class Teller {
  readonly records: CaseRecord[] = []
  readonly events: CaseEvent[] = []
  private entries = 0
  private clockMs: number

  constructor(private readonly manner: Manner) {
    this.clockMs = manner.startMs
  }

  /** One record of any kind; its id is given back. The case file that is made of it checks the data. */
  record(kind: RecordKind, data: unknown, occasion: Occasion = {}): string {
    const envelope = this.envelope(occasion.by ?? this.manner.by, occasion.atMs)
    this.records.push({ ...envelope, kind, data } as CaseRecord)
    return envelope.id
  }

  event(kind: CaseEvent['kind'], data: unknown, occasion: Occasion = {}): void {
    const envelope = this.envelope(this.manner.eventsBy, occasion.atMs)
    this.events.push({ ...envelope, kind, data } as CaseEvent)
  }

  private envelope(by: string, atMs: number = this.clockMs + this.manner.stepMs) {
    this.clockMs = atMs
    this.entries += 1
    return {
      id: this.manner.idPrefix + this.entries.toString(16).padStart(12, '0'),
      by,
      observedAt: new Date(atMs).toISOString(),
      ...(this.manner.received
        ? { receivedAt: new Date(atMs + 400).toISOString(), clockOffsetMs: 120 }
        : {}),
    }
  }
}
