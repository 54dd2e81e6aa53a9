import { expect, it } from 'vitest'
import { oneAtATime } from './one-at-a-time'

/** Work whose runs are ended by hand; tells how many began. */
function byHand() {
  const ends: ((failed?: Error) => void)[] = []
  const work = oneAtATime(
    () =>
      new Promise<void>((done, fail) => ends.push((failed) => (failed ? fail(failed) : done()))),
  )
  return { work, ends }
}

it('asked for again while it runs, it runs once more, however often it was asked', async () => {
  const { work, ends } = byHand()
  const first = work()
  const others = [work(), work(), work()]
  expect(ends.length).toBe(1)
  ends[0]!()
  await new Promise((soon) => setTimeout(soon))
  expect(ends.length).toBe(2)
  ends[1]!()
  await Promise.all([first, ...others])
  expect(ends.length).toBe(2)
})

it('asked for after it ended, it runs again', async () => {
  const { work, ends } = byHand()
  const first = work()
  ends[0]!()
  await first
  void work()
  expect(ends.length).toBe(2)
})

it('fails for those who wait, and can be asked for again', async () => {
  const { work, ends } = byHand()
  const failing = [work(), work()]
  ends[0]!(new Error('gone'))
  for (const answer of await Promise.allSettled(failing)) expect(answer.status).toBe('rejected')
  const next = work()
  ends[1]!()
  await expect(next).resolves.toBeUndefined()
})
