import { describe, expect, it } from 'vitest'
import { partsOf, type SystemProfile } from '../../../core/casefile/profile'
import { layoutLoop } from './loop-layout'

const sides = [undefined, 'unknown', 'outlet', 'inlet'] as const
const flags = [undefined, true, false] as const

describe('the loop of a vehicle', () => {
  it('shows every part it has, inside the drawing, none over another, for every combination', () => {
    for (const thermostatSide of sides)
      for (const oilCooler of flags)
        for (const egrCooler of flags)
          for (const turboCooled of flags) {
            const profile: SystemProfile = { thermostatSide, oilCooler, egrCooler, turboCooled, transmissionCooler: false }
            const { boxes, width, height } = layoutLoop(profile)
            expect(boxes.map((b) => b.part).sort()).toEqual([...partsOf(profile)].sort())
            for (const [i, a] of boxes.entries()) {
              expect(a.x >= 0 && a.y >= 0 && a.x + a.w <= width && a.y + a.h <= height, a.part).toBe(true)
              for (const b of boxes.slice(i + 1)) {
                const apart = a.x + a.w <= b.x || b.x + b.w <= a.x || a.y + a.h <= b.y || b.y + b.h <= a.y
                expect(apart, `${a.part} ${b.part} ${JSON.stringify(profile)}`).toBe(true)
              }
            }
          }
  })
  it('puts the thermostat on the hose it sits in', () => {
    const y = (side: 'inlet' | 'outlet') => layoutLoop({ thermostatSide: side }).boxes.find((b) => b.part === 'thermostat')!.y
    const hose = (name: string) => layoutLoop({}).boxes.find((b) => b.part === name)!.y
    expect(y('outlet')).toBe(hose('upper-hose'))
    expect(y('inlet')).toBe(hose('lower-hose'))
  })
  it('every pipe ends at a part', () => {
    for (const thermostatSide of sides) {
      const { boxes, pipes } = layoutLoop({ thermostatSide, oilCooler: true, egrCooler: true, turboCooled: true })
      const inside = ([x, y]: [number, number]) => boxes.some((b) => x >= b.x - 8 && x <= b.x + b.w + 8 && y >= b.y - 8 && y <= b.y + b.h + 8)
      for (const pipe of pipes) {
        expect(inside(pipe.points[0]!), `${pipe.id} start`).toBe(true)
        expect(inside(pipe.points.at(-1)!), `${pipe.id} end`).toBe(true)
      }
    }
  })
})
