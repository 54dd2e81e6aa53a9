/** Numbers of many short-lived lists in few large arrays: a typed array of its own costs more than what is written to it. */
export class Slab<T extends Uint16Array | Float64Array> {
  private part: T
  private used = 0

  constructor(
    private readonly make: (length: number) => T,
    private readonly size: number,
  ) {
    this.part = make(size)
  }

  /** A list of so many zeros. */
  take(length: number): T {
    if (this.used + length > this.part.length) {
      this.part = this.make(Math.max(this.size, length))
      this.used = 0
    }
    const from = this.used
    this.used += length
    return this.part.subarray(from, this.used) as T
  }
}
