import { describe, expect, it } from 'vitest'
import { askedOfEngine } from './waits'

const ENGINE = ['cold', 'warming', 'hot', 'cooling'] as const

describe('what a check asks of the engine', () => {
  it.each([
    ['any', ['nothing', 'nothing', 'nothing', 'nothing']],
    ['cold', ['nothing', 'cool', 'cool', 'cool']],
    ['bench', ['nothing', 'cool', 'cool', 'cool']],
    ['hot', ['start', 'nothing', 'nothing', 'nothing']],
    ['road', ['start', 'nothing', 'nothing', 'nothing']],
    // It begins cold: what is hot already has nothing left to warm.
    ['warm-up', ['start', 'nothing', 'cool', 'cool']],
  ] as const)('%s, on an engine cold, warming, hot, cooling', (phase, asked) => {
    expect(ENGINE.map((engine) => askedOfEngine(phase, engine))).toEqual(asked)
  })
})
