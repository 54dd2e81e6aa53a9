import { describe, expect, it } from 'vitest'
import { effectScope, nextTick, shallowRef } from 'vue'
import { useWorkedOut } from '../../app/composables/use-worked-out'

/** A worker that answers when it is told to, in whatever order. */
function asking() {
  const question = shallowRef<{ of: string } | undefined>({ of: 'first' })
  const waiting = new Map<string, PromiseWithResolvers<string>>()
  const scope = effectScope()
  const { answer, failure } = scope.run(() =>
    useWorkedOut(
      () => question.value,
      ({ of }) => {
        const open = later()
        waiting.set(of, open)
        return open.promise
      },
    ),
  )!
  const tick = async () => {
    await nextTick()
    await new Promise((done) => setTimeout(done))
  }
  return { question, waiting, answer, failure, tick, stop: () => scope.stop() }
}
function later(): PromiseWithResolvers<string> {
  let [resolve, reject] = [(_: string | PromiseLike<string>) => {}, (_?: unknown) => {}]
  const promise = new Promise<string>((done, fail) => ([resolve, reject] = [done, fail]))
  return { promise, resolve, reject }
}

describe('what the worker makes of a question', () => {
  it('is asked at once, and stands while a new one is worked out', async () => {
    const { question, waiting, answer, tick } = asking()
    waiting.get('first')!.resolve('one')
    await tick()
    expect(answer.value).toBe('one')
    question.value = { of: 'second' }
    await tick()
    expect(answer.value).toBe('one')
    waiting.get('second')!.resolve('two')
    await tick()
    expect(answer.value).toBe('two')
  })
  it('is of the newest question, whichever answer comes last', async () => {
    const { question, waiting, answer, tick } = asking()
    question.value = { of: 'second' }
    await tick()
    waiting.get('second')!.resolve('two')
    waiting.get('first')!.resolve('one')
    await tick()
    expect(answer.value).toBe('two')
  })
  it('is nothing without a question, and what was under way then does not come after', async () => {
    const { question, waiting, answer, tick } = asking()
    question.value = undefined
    await tick()
    waiting.get('first')!.resolve('one')
    await tick()
    expect(answer.value).toBeUndefined()
  })
  it('says that it failed, until it is asked anew', async () => {
    const { question, waiting, answer, failure, tick } = asking()
    waiting.get('first')!.reject(new Error('the worker stopped'))
    await tick()
    expect([answer.value, failure.value]).toEqual([undefined, new Error('the worker stopped')])
    question.value = { of: 'second' }
    await tick()
    expect(failure.value).toBeUndefined()
    waiting.get('second')!.resolve('two')
    await tick()
    expect(answer.value).toBe('two')
  })
  it('drops what comes after its part of the screen has gone', async () => {
    const { waiting, answer, tick, stop } = asking()
    stop()
    waiting.get('first')!.resolve('one')
    await tick()
    expect(answer.value).toBeUndefined()
  })
})
