/** A small repeatable disturbance of a reading, −1 to 1, the same for the same number. */
export const disturbance = (i: number) =>
  ((((Math.sin(i * 12.9898) * 43758.5453) % 1) + 1) % 1) * 2 - 1
