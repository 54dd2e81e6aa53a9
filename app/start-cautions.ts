/** Cautions of the start card, acknowledged once per case, by id; their sentences are "start.…". */
export const START_CAUTIONS = [
  'never-open-hot',
  'fans-start',
  'marked-pressure',
  'poison',
  'stands',
  'full-cylinder',
  'high-voltage',
] as const
