/** So many possible truths are played through; a power of two, so that every odd number walks through all slices. */
export const PARTICLES = 32

/** Bits of a number stirred (Knuth's multiplicative hash, 32 bits): neighbours come out far apart. */
const stirred = (n: number) => Math.imul(n + 1, 0x9e3779b1) >>> 0

/**
 * What decides how a sign comes out where the truth of a particle holds, between 0 and 1: over the particles it falls
 * once into each of as many equal slices, in another order for every sign (a Latin hypercube). It is the same whatever
 * was done before, so that the same checks in another order show the same, and two plans differ by what they do alone.
 * @example drawnFor(0, 0) === drawnFor(0, 0) // true
 */
export function drawnFor(sign: number, particle: number): number {
  const hash = stirred(sign)
  const step = (hash >>> 20) | 1
  const slice = (particle * step + (hash >>> 8)) % PARTICLES
  return (slice + 0.5) / PARTICLES
}
