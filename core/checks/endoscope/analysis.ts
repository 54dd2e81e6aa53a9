import type { EndoscopeLook } from './record'

/**
 * "Coolant in cylinder k", "steam-cleaned", or dry; a dry look without pressure before it clears little.
 * @example analyseEndoscope(example('endoscope.look')).finding // 'coolant-in-cylinder'
 */
export function analyseEndoscope({ cylinder, seen, pressed }: EndoscopeLook) {
  return {
    cylinder,
    finding: seen === 'wet' ? ('coolant-in-cylinder' as const) : seen,
    clears: seen === 'dry' && pressed,
  }
}
