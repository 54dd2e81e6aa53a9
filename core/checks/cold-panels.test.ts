import { holdsOf } from '../diagnosis/holds.fixture'
import { describe, expect, it } from 'vitest'
import { composeCaseFile } from '../record/compose'
import { readCaseFile } from '../record/read'
import { assess } from '../diagnosis/assess'
import { rankCase } from '../diagnosis/rank-case'
import { LEAK_PLACES, positionOf } from '../vehicle/places'
import { QUESTIONS } from './interview/questions'
import { openLinks, analyseFanCircuit, LINKS } from './fan-circuit/analysis'
import { analyseTrace } from './leak-trace/analysis'
import { lookSigns } from './look-round/signs'
import { readFileSync } from 'node:fs'

const load = (name: string) => readCaseFile(readFileSync(`data/demo/cases/${name}.json`, 'utf8'))

describe('walk along the fan circuit', () => {
  it('each measurement leaves only links that it cannot clear', () => {
    expect(openLinks({})).toEqual([...LINKS])
    expect(openLinks({ batteryVolts: 12.5, supplyVolts: 12.3 })).toEqual(['motor', 'ground'])
    expect(openLinks({ batteryVolts: 12.5, supplyVolts: 0.2 })).toEqual([
      'fuse',
      'wire',
      'relay',
      'control',
    ])
    expect(openLinks({ batteryVolts: 12.5, supplyVolts: 0.2, bridged: 'runs' })).toEqual([
      'relay',
      'control',
    ])
    expect(openLinks({ supplyVolts: 0.2, bridged: 'runs', command: 'present' })).toEqual(['relay'])
    expect(openLinks({ directFeed: 'runs', groundDropVolts: 0.1, supplyVolts: 12.4 })).toEqual([])
  })
  it('the next measurement halves what is left: from six links one is found in three', () => {
    const truths = {
      fuse: {
        supplyVolts: 0.2,
        bridged: 'dead',
        fuse: 'blown',
        relay: 'passes',
        command: 'present',
        groundDropVolts: 0.1,
        directFeed: 'runs',
      },
      control: {
        supplyVolts: 0.2,
        bridged: 'runs',
        fuse: 'good',
        relay: 'passes',
        command: 'absent',
        groundDropVolts: 0.1,
        directFeed: 'runs',
      },
      motor: {
        supplyVolts: 12.4,
        bridged: 'dead',
        fuse: 'good',
        relay: 'passes',
        command: 'present',
        groundDropVolts: 0.1,
        directFeed: 'dead',
      },
      ground: {
        supplyVolts: 12.4,
        bridged: 'dead',
        fuse: 'good',
        relay: 'passes',
        command: 'present',
        groundDropVolts: 4,
        directFeed: 'runs',
      },
    } as const
    for (const [link, truth] of Object.entries(truths)) {
      let record: Record<string, unknown> = {
        switchingPlace: { typed: '98', value: 98, unit: '°C', coreValue: 98 },
        switchesAt: { typed: '96', value: 96, unit: '°C', coreValue: 96 },
        batteryVolts: 12.5,
      }
      let steps = 0
      for (
        let next = analyseFanCircuit(record).next;
        openLinks(record).length > 1 && next;
        next = analyseFanCircuit(record).next
      ) {
        record = { ...record, [next]: (truth as Record<string, unknown>)[next] }
        steps++
      }
      expect(openLinks(record), link).toEqual(
        link === 'fuse' ? expect.arrayContaining(['fuse']) : [link],
      )
      expect(steps).toBeLessThanOrEqual(4)
    }
  })
  it('a place that was not hot comes before any blame', () => {
    expect(analyseFanCircuit({ command: 'absent' }).next).toBe('switchingPlace')
  })
})

describe('the tray from above', () => {
  const at = (place: string) =>
    positionOf(
      LEAK_PLACES.find((p) => p.id === place)!,
      'lengthwise',
    )
  const lead = (drips: { x: number; y: number; perMinute: number }[], more = {}, options = {}) =>
    analyseTrace({ drips, airFlow: false, places: [], ...more }, options)
  it('a drip under a place puts it first', () => {
    for (const place of ['drain-plug', 'heater-valve', 'tank-seam', 'turbo-line'])
      expect(lead([{ ...at(place), perMinute: 4 }]).byDrip[0]!.map((c) => c.place)).toContain(place)
  })
  it('two drips far apart bring two sources to the top', () => {
    const { candidates, byDrip } = lead([
      { ...at('tank-seam'), perMinute: 4 },
      { ...at('turbo-line'), perMinute: 4 },
    ])
    expect(byDrip).toHaveLength(2)
    expect(candidates.slice(0, 4).map((c) => c.place)).toEqual(
      expect.arrayContaining(['turbo-line']),
    )
    expect(candidates.slice(0, 4).some((c) => c.place.startsWith('tank'))).toBe(true)
  })
  it('air blowing across moves the source ahead of the drip', () => {
    /** How far ahead of a drip in the middle its source is expected, shares of the tray. */
    const ahead = (airFlow: boolean) => {
      const { candidates } = lead([{ x: 0.5, y: 0.5, perMinute: 4 }], { airFlow })
      const placeOf = (id: string) => LEAK_PLACES.find((p) => p.id === id)!
      return 0.5 - candidates.reduce((sum, c) => sum + c.share * placeOf(c.place).y, 0)
    }
    // Without the drift of 0.12 the wider scatter alone moves it by 0.016.
    expect(ahead(true) - ahead(false)).toBeGreaterThan(0.04)
  })
  it('what the record already knows counts', () => {
    const history = (fault: string) => (fault === 'core-plug-leak' ? 0.5 : 0.01)
    expect(lead([{ x: 0.36, y: 0.57, perMinute: 3 }], {}, { history }).candidates[0]!.place).toBe(
      'core-plug',
    )
  })
  it('every place lies on the tray, engine lengthwise or crosswise', () => {
    for (const place of LEAK_PLACES)
      for (const orientation of ['lengthwise', 'crosswise'] as const) {
        const { x, y } = positionOf(place, orientation)
        expect(x >= 0 && x <= 1 && y >= 0 && y <= 1, `${place.id} ${orientation}`).toBe(true)
      }
  })
})

describe('wear, pictures and clamps', () => {
  const look = (more: object) =>
    lookSigns('a', { part: 'lower-hose', seen: 'dry', pressed: false, ...more } as never)
  it('a soft lower hose speaks for it, a firm one against, and one not felt says nothing', () => {
    const speaks = (wear: string[] | undefined) =>
      look(wear ? { wear } : {}).find((s) => s.sign === 'lower-hose-soft')?.likelihood
    expect(speaks(['soft'])!.yes! / speaks(['soft'])!.no!).toBeGreaterThan(5)
    expect(speaks([])!.yes! / speaks([])!.no!).toBeLessThan(0.5)
    expect(speaks(undefined)).toBeUndefined()
  })
  it('a photograph is named in the case file, once', () => {
    const file = load('01-minibus-radiator-seam')
    const photo = {
      ...file.records[0]!,
      id: '0193a001-0000-7000-8000-00000000ffff',
      kind: 'photo.taken',
      data: { sha256: 'ab'.repeat(32), mediaType: 'image/jpeg', bytes: 1234 },
    } as never
    const composed = composeCaseFile(
      { ...file, records: [...file.records, photo] },
      file.exportedAt,
    )
    expect(composed.attachments).toEqual([
      {
        sha256: 'ab'.repeat(32),
        bytes: 1234,
        mediaType: 'image/jpeg',
        record: '0193a001-0000-7000-8000-00000000ffff',
      },
    ])
    expect(composeCaseFile({ ...composed }, file.exportedAt).attachments).toHaveLength(1)
  })
  it('a leak clamped off before a hold is no longer the gross leak that was seen', () => {
    const file = load('05-minibus-second-leak')
    const records = file.records.map((r) =>
      r.kind === 'look-round.part' && (r.data as { part: string }).part === 'lower-hose'
        ? { ...r, observedAt: '2026-11-17T08:25:00.000Z' }
        : r,
    ) as typeof file.records
    const clamp = {
      id: '0193a005-0000-7000-8000-00000000fffe',
      by: file.records[0]!.by,
      observedAt: '2026-11-17T08:28:00.000Z',
      kind: 'isolated',
      data: { part: 'lower-hose' },
    } as never
    const cautions = (events: typeof file.events) =>
      holdsOf(assess({ ...file, records, events })).flatMap((h) =>
        [...h.cautions, ...h.notes].map((m) => m.id),
      )
    expect(cautions(file.events)).not.toEqual(cautions([...file.events, clamp]))
  })
  it('a suspect declared proven moves no probability', () => {
    const file = load('03-rescue-coolant-to-cylinder')
    const declared = {
      ...file.records[0]!,
      id: '0193a003-0000-7000-8000-00000000fffd',
      kind: 'suspect.declared',
      data: { fault: 'gasket-to-cylinder', as: 'proven', because: 'Seen', probability: 0.9 },
    } as never
    expect(rankCase({ ...file, records: [...file.records, declared] }).ranking.suspects).toEqual(
      rankCase(file).ranking.suspects,
    )
  })
})

describe('questions to the keeper', () => {
  it('are ordered by what they tell, and an answered one is not asked again', () => {
    const file = load('07-camper-hot-in-traffic')
    const { questions } = rankCase(file)
    expect(questions.length).toBeGreaterThan(5)
    expect(questions.every((q, i) => i === 0 || q.bits <= questions[i - 1]!.bits)).toBe(true)
    expect(questions.every((q) => QUESTIONS.some((x) => x.id === q.question))).toBe(true)
    expect(questions.some((q) => q.question === 'hot-at-idle')).toBe(false)
  })
})
