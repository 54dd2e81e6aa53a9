/** What a check says, in words: its name, why it is worth its time, its findings, and every sentence of its analysis. */
export interface CheckWords {
  name: string
  /** why it is worth its time, in one line of the plan */
  why: string
  /** findings by the state that the analysis names */
  states?: Readonly<Record<string, string>>
  /** what its panel and its part of the report say, by id */
  panel?: Readonly<Record<string, string>>
  /** sentences by message id; `{name}` is a parameter, quantities come in the reader's unit */
  sentences: Readonly<Record<string, string>>
}
