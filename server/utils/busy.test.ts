import { describe, expect, it } from 'vitest'
import { ApiError } from './api-error'
import { countRequest } from './busy'

const ask = async (key: string, times: number) => {
  for (let n = 0; n < times; n++) await countRequest('session', key)
}

describe('how much one may ask at once', () => {
  it('is far more than a device does, and then a wait with its seconds; others are not held up', async () => {
    await ask('one', 3_000)
    const error = await ask('one', 1).catch((thrown: unknown) => thrown)
    expect(error).toBeInstanceOf(ApiError)
    expect(error).toMatchObject({ status: 429, code: 'too-busy' })
    expect((error as ApiError).retryAfterSeconds).toBeGreaterThanOrEqual(1)
    await ask('another', 10)
  })
})
