import { describe, expect, it } from 'vitest'
import { createLineReader, type VehicleReading } from '#core'
import { adapterSession } from './adapter'
import { vehicleCourse, type VehicleFault } from './course'

const hottest = (fault: VehicleFault, minutes: number) => {
  const course = vehicleCourse(fault)
  let most = -Infinity
  for (let s = 0; s <= minutes * 60; s += 10) {
    course.goTo(s)
    most = Math.max(most, course.values().coolant)
  }
  return most
}
const after = (fault: VehicleFault, minutes: number) => {
  const course = vehicleCourse(fault)
  course.goTo(minutes * 60)
  return course.values().coolant
}

describe('the course of a simulated vehicle', () => {
  it('warms by some degrees a minute and stays where its fan holds it', () => {
    expect((after('none', 8) - after('none', 2)) / 6).toBeGreaterThan(3)
    expect((after('none', 8) - after('none', 2)) / 6).toBeLessThan(6)
    expect(hottest('none', 60)).toBeGreaterThan(92)
    expect(hottest('none', 60)).toBeLessThan(102)
  })
  it('shows each fault', () => {
    expect(hottest('opens-late', 60)).toBeGreaterThan(hottest('none', 60) + 4)
    expect(hottest('stuck-open', 40)).toBeLessThan(88)
    expect(hottest('stuck-shut', 60)).toBeGreaterThan(115)
    expect(hottest('fan-never', 90)).toBeGreaterThan(104)
    expect(after('none', 10) - after('sensor-low', 10)).toBeCloseTo(12, 6)
  })
  it('never goes back', () => {
    const course = vehicleCourse('none')
    course.goTo(600)
    const warm = course.values().coolant
    course.goTo(10)
    expect(course.values().coolant).toBe(warm)
  })
})

describe('its adapter', () => {
  const read = (garbleEvery: number, commands: number) => {
    const session = adapterSession(
      (name) => ({ coolant: 88, 'engine-speed': 820, 'road-speed': 0 })[name as 'coolant'] ?? 14,
      garbleEvery,
    )
    const reader = createLineReader()
    const readings: VehicleReading[] = []
    for (let i = 0; i < commands; i++)
      readings.push(...reader.receive(session.answer(reader.command()!)))
    return { readings, reader }
  }
  it('is understood by the reader, echo, search and all', () => {
    const { readings, reader } = read(0, 14)
    expect(readings).toHaveLength(10)
    expect(readings[0]).toEqual({ name: 'coolant', value: 88 })
    expect(readings.find((r) => r.name === 'engine-speed')!.value).toBeCloseTo(820, 0)
    expect(readings.find((r) => r.name === 'module-voltage')!.value).toBeCloseTo(14, 3)
    expect(reader.garbled()).toBe(0)
  })
  it('garbles what it is told to, and nothing is read from that', () => {
    const { readings, reader } = read(5, 54)
    expect(reader.garbled()).toBe(10)
    expect(readings).toHaveLength(40)
  })
  it('says "?" to what it does not know', () => {
    expect(adapterSession(() => 0).answer('hello')).toBe('hello\r?\r\r>')
  })
})
