import { expect, it } from 'vitest'
import { BASE } from './client'

it('a connection that idles outlives the minute for which proxies and clients keep theirs', async () => {
  await fetch(`${BASE}/api/health`)
  const { headers } = await fetch(`${BASE}/api/health`)
  const seconds = /timeout=(\d+)/.exec(headers.get('keep-alive') ?? '')?.[1]
  expect(Number(seconds)).toBeGreaterThan(60)
})
