import { describe, expect, it } from 'vitest'
import { partsOf, type SystemProfile } from '#core'
import { layoutLoop } from './loop-layout'

interface Rect {
  x: number
  y: number
  w: number
  h: number
}
const sides = [undefined, 'not-known', 'outlet', 'inlet'] as const
const flags = [undefined, true, false] as const

const fans = [
  undefined,
  'viscous-clutch',
  'electric-relay',
  'electric-module',
  'thermo-switch',
] as const
const vessels = [undefined, 'pressurised-tank', 'overflow-bottle'] as const

/** Every profile that is drawn differently. */
function* combinations(): Generator<SystemProfile> {
  for (const thermostatSide of sides)
    for (const fan of fans)
      for (const vessel of vessels)
        for (const rearHeater of flags)
          for (const oilCooler of flags)
            for (const egrCooler of flags)
              for (const turboCooled of flags)
                yield {
                  thermostatSide,
                  fan,
                  vessel,
                  rearHeater,
                  oilCooler,
                  egrCooler,
                  turboCooled,
                  transmissionCooler: false,
                }
}

describe('the loop of a vehicle', () => {
  it('shows every part it has, inside the drawing, none over another, no pipe dangling, for every combination', () => {
    const apart = (a: Rect, b: Rect) =>
      a.x + a.w <= b.x || b.x + b.w <= a.x || a.y + a.h <= b.y || b.y + b.h <= a.y
    const bad: string[] = []
    let count = 0
    for (const profile of combinations()) {
      count++
      const { boxes, fittings, pipes, width, height } = layoutLoop(profile)
      const all: (Rect & { name: string })[] = [
        ...boxes.map((b) => ({ ...b, name: b.part as string })),
        ...fittings.map((f) => ({ ...f, name: f.id })),
      ]
      if (
        boxes
          .map((b) => b.part)
          .sort()
          .join() !== [...partsOf(profile)].sort().join()
      )
        bad.push(`parts ${JSON.stringify(profile)}`)
      for (const [i, a] of all.entries()) {
        if (!(a.x >= 0 && a.y >= 0 && a.x + a.w <= width && a.y + a.h <= height))
          bad.push(`${a.name} outside ${JSON.stringify(profile)}`)
        for (const b of all.slice(i + 1))
          if (!apart(a, b)) bad.push(`${a.name} over ${b.name} ${JSON.stringify(profile)}`)
      }
      const inside = ([x, y]: [number, number]) =>
        all.some((b) => x >= b.x - 24 && x <= b.x + b.w + 24 && y >= b.y - 8 && y <= b.y + b.h + 8)
      for (const pipe of pipes)
        for (const end of [pipe.points[0]!, pipe.points.at(-1)!])
          if (!inside(end)) bad.push(`${pipe.id} dangles ${JSON.stringify(profile)}`)
    }
    expect(bad.slice(0, 5)).toEqual([])
    expect(count).toBe(4 * 5 * 3 * 81)
  })
  it('an engine-driven fan stands behind the radiator, an electric one before it; the cap sits where the vessel says', () => {
    const x = (profile: SystemProfile, part: string) =>
      layoutLoop(profile).boxes.find((b) => b.part === part)!.x
    expect(x({ fan: 'viscous-clutch' }, 'fan')).toBeGreaterThan(
      x({ fan: 'viscous-clutch' }, 'radiator'),
    )
    expect(x({ fan: 'electric-relay' }, 'fan')).toBeLessThan(
      x({ fan: 'electric-relay' }, 'radiator'),
    )
    expect(x({ vessel: 'overflow-bottle' }, 'cap')).toBeLessThan(
      x({ vessel: 'overflow-bottle' }, 'expansion-tank'),
    )
    expect(x({ vessel: 'pressurised-tank' }, 'cap')).toBeGreaterThan(
      x({ vessel: 'pressurised-tank' }, 'expansion-tank'),
    )
  })
  it('puts the thermostat on the hose it sits in', () => {
    const y = (side: 'inlet' | 'outlet') =>
      layoutLoop({ thermostatSide: side }).boxes.find((b) => b.part === 'thermostat')!.y
    const hose = (name: string) => layoutLoop({}).boxes.find((b) => b.part === name)!.y
    expect(y('outlet')).toBe(hose('upper-hose'))
    expect(y('inlet')).toBe(hose('lower-hose'))
  })
  it('every pipe ends at a part', () => {
    for (const thermostatSide of sides) {
      const { boxes, pipes } = layoutLoop({
        thermostatSide,
        oilCooler: true,
        egrCooler: true,
        turboCooled: true,
      })
      const inside = ([x, y]: [number, number]) =>
        boxes.some((b) => x >= b.x - 8 && x <= b.x + b.w + 8 && y >= b.y - 8 && y <= b.y + b.h + 8)
      for (const pipe of pipes) {
        expect(inside(pipe.points[0]!), `${pipe.id} start`).toBe(true)
        expect(inside(pipe.points.at(-1)!), `${pipe.id} end`).toBe(true)
      }
    }
  })
})
