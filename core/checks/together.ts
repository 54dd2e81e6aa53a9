/** Facts that only findings of several checks together show. */
export const TOGETHER: readonly { fact: string; of: readonly string[] }[] = [
  { fact: 'clutch-slips-hot-and-cold', of: ['clutch-hot-slips', 'clutch-cold-free'] },
  { fact: 'clutch-grips-hot-and-cold', of: ['clutch-hot-locked', 'clutch-cold-seized'] },
  { fact: 'dash-compared-at-two', of: ['dash-compared-cold', 'dash-compared-hot'] },
  { fact: 'dash-fits-at-two', of: ['dash-fits-cold', 'dash-fits-hot'] },
  { fact: 'core-isolated-passes', of: ['hold-without-heater-tight', 'hold-falls'] },
  { fact: 'level-full-air-out', of: ['level-full', 'no-recent-drain'] },
  { fact: 'level-full-air-out', of: ['level-full', 'bled'] },
  {
    fact: 'cooling-proven',
    of: ['thermostat-opened', 'pump-delivers', 'air-side-clean', 'fan-works'],
  },
]
