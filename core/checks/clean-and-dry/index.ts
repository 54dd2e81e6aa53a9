import { perRecord } from '../outcome'

/** Says nothing by itself; it makes what is seen wet afterwards new. */
export const cleanAndDryCheck = perRecord('clean-and-dry', 'clean-and-dry.done', ({ parts }) => ({
  states: ['wiped'],
  figures: { wiped: parts.length },
  facts: parts.map((part) => `wiped:${part}`),
}))
