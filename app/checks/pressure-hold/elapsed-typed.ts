/**
 * How long after its start something was, as typed: "4:30", or whole minutes.
 * @param mostSeconds - what has passed since the start
 * @returns seconds, or the id of the sentence that says what is wrong with it
 */
export function elapsedTyped(
  text: string,
  mostSeconds: number,
): { seconds: number } | { problem: string } {
  const match = /^(-?)(\d{1,4})(?::([0-5]?\d))?$/.exec(text.trim())
  if (!match) return { problem: 'input.badTime' }
  const [, minus, minutes, rest] = match
  if (minus) return { problem: 'input.beforeStart' }
  const seconds = Number(minutes) * 60 + Number(rest ?? 0)
  return seconds > mostSeconds + 1 ? { problem: 'input.inFuture' } : { seconds }
}
