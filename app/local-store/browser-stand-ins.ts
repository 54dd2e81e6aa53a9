/** Small stand-ins for what a browser gives its pages, for tests that run without one. */

/** The lock manager: one holder of a name at a time, the others in line, a wait ended by its signal. */
export class Locks {
  private readonly tails = new Map<string, Promise<unknown>>()
  request<T>(
    name: string,
    options: { signal?: AbortSignal } | (() => Promise<T>),
    work?: () => Promise<T>,
  ): Promise<T> {
    const [signal, run] =
      typeof options === 'function' ? [undefined, options] : [options.signal, work!]
    const turn = (this.tails.get(name) ?? Promise.resolve()).then(() =>
      signal?.aborted ? Promise.reject(new Error('aborted')) : run(),
    )
    this.tails.set(
      name,
      turn.catch(() => undefined),
    )
    return turn
  }
}

/** Connections for notices of the server; `open` are those that hang on it now. */
export class Source extends EventTarget {
  static readonly CLOSED = 2
  static open: Source[] = []
  readyState = 1
  constructor(readonly url: string) {
    super()
    Source.open.push(this)
  }
  close() {
    this.readyState = 2
    Source.open = Source.open.filter((s) => s !== this)
  }
  say(data: string) {
    this.dispatchEvent(new MessageEvent('message', { data }))
  }
  fail() {
    this.close()
    this.dispatchEvent(new Event('error'))
  }
}
