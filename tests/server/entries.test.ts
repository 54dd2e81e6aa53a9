import { uuidv7 } from 'uuidv7'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Client, kPa, makeCase, other, PEOPLE, putRecord, recordOf, sqlOf } from './client'

let ilka: Client
let valley: Client
let own: { vehicle: string; id: string }
const sql = sqlOf()

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  valley = await other()
  own = await makeCase(ilka, PEOPLE.ilka)
})
afterAll(() => sql.end())

describe('entries', () => {
  it('written twice are there once; the same id with other content is a conflict that changes nothing', async () => {
    const record = recordOf(PEOPLE.ilka, 'note', { text: 'first' })
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    expect((await putRecord(ilka, own.id, record)).status).toBe(200)
    expect((await putRecord(ilka, own.id, { ...record, clockOffsetMs: 500 } as never)).status).toBe(
      200,
    )
    expect((await putRecord(ilka, own.id, { ...record, data: { text: 'second' } })).status).toBe(
      409,
    )
    const rows = await sql`select data from records where id = ${record.id}`
    expect(rows.map((r) => r.data)).toEqual([{ text: 'first' }])
  })
  it('retried at the same moment are there once', async () => {
    const record = recordOf(PEOPLE.ilka, 'note', { text: 'race' })
    const answers = await Promise.all(
      Array.from({ length: 8 }, () => putRecord(ilka, own.id, record)),
    )
    expect(answers.filter((a) => a.status === 201).length).toBe(1)
    expect(answers.every((a) => a.status === 201 || a.status === 200)).toBe(true)
  })
  it('may not be sent in somebody else’s name', async () => {
    expect(
      (await putRecord(ilka, own.id, recordOf(PEOPLE.oren, 'note', { text: 'x' }))).status,
    ).toBe(403)
  })
  it('the same id in another shop neither collides nor reveals', async () => {
    const session = (await valley.ask('GET', '/api/session')).body
    const there = await makeCase(valley, session.person.id)
    const record = recordOf(PEOPLE.ilka, 'note', { text: 'here' })
    await putRecord(ilka, own.id, record)
    expect(
      (
        await putRecord(valley, there.id, {
          ...record,
          by: session.person.id,
          data: { text: 'there' },
        } as never)
      ).status,
    ).toBe(201)
    expect(
      (await putRecord(valley, own.id, recordOf(session.person.id, 'note', { text: 'x' }))).status,
    ).toBe(422)
  })
  it('keep a quantity with what was typed, its unit, value in core’s unit, instrument and offset', async () => {
    const instrument = uuidv7()
    await ilka.ask('PUT', `/api/instruments/${instrument}`, {
      by: PEOPLE.ilka,
      observedAt: '2026-11-20T10:00:00.000Z',
      instrument: { id: instrument, kind: 'pressure-tester', name: 'T', offsetInCoreUnit: -2 },
    })
    const record = recordOf(PEOPLE.ilka, 'tester-self-check.test', {
      startPressure: {
        typed: '13.5 psi',
        value: 13.5,
        unit: 'psi',
        coreValue: 93.0792195,
        instrument,
        instrumentOffsetInCoreUnit: -2,
      },
      endPressure: kPa(92),
      durationSeconds: 60,
      resolutionKPa: 1,
    })
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    const [row] =
      await sql`select * from quantities where record_id = ${record.id} and path = 'startPressure'`
    expect(row).toMatchObject({
      typed: '13.5 psi',
      value: 13.5,
      unit: 'psi',
      instrument_id: instrument,
      instrument_offset_in_core_unit: -2,
    })
    expect(row!.core_value).toBeCloseTo(93.079, 3)
  })
  it('correct by superseding: both stay, and only a record of the same kind and case can be replaced', async () => {
    const first = recordOf(PEOPLE.ilka, 'note', { text: 'wrong' })
    await putRecord(ilka, own.id, first)
    expect(
      (
        await putRecord(
          ilka,
          own.id,
          recordOf(PEOPLE.ilka, 'note', { text: 'right' }, { supersedes: first.id }),
        )
      ).status,
    ).toBe(201)
    expect(
      (
        await putRecord(
          ilka,
          own.id,
          recordOf(PEOPLE.ilka, 'level-and-condition.look', {}, { supersedes: first.id }),
        )
      ).status,
    ).toBe(422)
    expect(
      (
        await putRecord(
          ilka,
          own.id,
          recordOf(PEOPLE.ilka, 'note', { text: 'x' }, { supersedes: uuidv7() }),
        )
      ).status,
    ).toBe(422)
    expect((await sql`select 1 from records where id = ${first.id}`).length).toBe(1)
  })
  it.each([
    [
      'a value that does not follow from its unit',
      {
        startPressure: { typed: '13', value: 13, unit: 'psi', coreValue: 13 },
        endPressure: kPa(9),
        durationSeconds: 60,
        resolutionKPa: 1,
      },
    ],
    [
      'a pressure out of range',
      { startPressure: kPa(4000), endPressure: kPa(9), durationSeconds: 60, resolutionKPa: 1 },
    ],
    [
      'a word for a number',
      { startPressure: 'high', endPressure: kPa(9), durationSeconds: 60, resolutionKPa: 1 },
    ],
    [
      'a field nobody knows',
      {
        startPressure: kPa(90),
        endPressure: kPa(9),
        durationSeconds: 60,
        resolutionKPa: 1,
        magic: 1,
      },
    ],
  ])('refuse %s with the path of the field', async (_, data) => {
    const answer = await putRecord(
      ilka,
      own.id,
      recordOf(PEOPLE.ilka, 'tester-self-check.test', data),
    )
    expect(answer.status).toBe(422)
    expect(answer.body.error.path).toMatch(/^record\.data/)
  })
  it('refuse a reading that belongs to no hold, or to another case', async () => {
    const answer = await putRecord(
      ilka,
      own.id,
      recordOf(PEOPLE.ilka, 'pressure-hold.reading', {
        run: uuidv7(),
        elapsedSeconds: 1,
        pressure: kPa(90),
      }),
    )
    expect(answer.status).toBe(422)
  })
  it('observed with a clock that is wrong are kept and flagged by both times and the offset', async () => {
    const record = {
      ...recordOf(PEOPLE.ilka, 'note', { text: 'future' }),
      observedAt: '2031-01-01T00:00:00.000Z',
      clockOffsetMs: -129_000_000,
    }
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    const [row] =
      await sql`select observed_at, received_at, clock_offset_ms from records where id = ${record.id}`
    expect(row!.observed_at).toBe(record.observedAt)
    expect(Number(row!.clock_offset_ms)).toBe(-129_000_000)
    expect(new Date(row!.received_at).getFullYear()).toBeLessThan(2031)
  })
  it('of others are taken back by a technician, not by an apprentice, who takes back their own', async () => {
    const mave = await Client.signedIn('mave')
    const theirs = recordOf(PEOPLE.ilka, 'note', { text: 'theirs' })
    const own_ = recordOf(PEOPLE.mave, 'note', { text: 'own' })
    await putRecord(ilka, own.id, theirs)
    await putRecord(mave, own.id, own_)
    const takeBack = (who: Client, by: string, supersedes: string) =>
      putRecord(who, own.id, recordOf(by, 'withdrawn', {}, { supersedes }))
    expect((await takeBack(mave, PEOPLE.mave, theirs.id)).status).toBe(403)
    expect((await takeBack(mave, PEOPLE.mave, own_.id)).status).toBe(201)
    expect((await takeBack(ilka, PEOPLE.ilka, theirs.id)).status).toBe(201)
  })
  it('that declare a fault proven are a technician’s', async () => {
    const mave = await Client.signedIn('mave')
    const declared = { fault: 'wrong-cap', as: 'proven', because: 'seen', probability: 0.9 }
    const as = (who: Client, by: string) =>
      putRecord(who, own.id, recordOf(by, 'suspect.declared', declared))
    expect((await as(mave, PEOPLE.mave)).status).toBe(403)
    expect((await as(ilka, PEOPLE.ilka)).status).toBe(201)
  })
  it('that order a part without its proofs are the lead’s', async () => {
    const [mave, oren] = [await Client.signedIn('mave'), await Client.signedIn('oren')]
    const order = (who: Client, by: string, as: string) => {
      const data = { fault: 'wrong-cap', as, because: 'asked for', probability: 0.4 }
      const notShown = as === 'ordered' ? {} : { notShown: ['Marking read'] }
      return putRecord(who, own.id, recordOf(by, 'suspect.declared', { ...data, ...notShown }))
    }
    expect((await order(mave, PEOPLE.mave, 'ordered')).status).toBe(403)
    expect((await order(ilka, PEOPLE.ilka, 'ordered')).status).toBe(201)
    expect((await order(ilka, PEOPLE.ilka, 'ordered-unproven')).status).toBe(403)
    expect((await order(oren, PEOPLE.oren, 'ordered-unproven')).status).toBe(201)
  })
  it('are numbered in the order they commit, without a gap', async () => {
    await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        putRecord(ilka, own.id, recordOf(PEOPLE.ilka, 'note', { text: `${i}` })),
      ),
    )
    const rows =
      await sql`select seq from changes where shop_id = '0192f000-0000-7000-8000-00000000d390' order by seq`
    rows.forEach((row, i) => expect(Number(row.seq)).toBe(i + 1))
  })
  it('reach a listener within a second', async () => {
    const stream = await fetch(`${process.env.TEST_BASE_URL}/api/live`, {
      headers: { cookie: ilka.cookie },
    })
    const reader = stream.body!.getReader()
    const heard = (async () => {
      let text = ''
      for (;;) {
        const { value, done } = await reader.read()
        if (done) return false
        text += new TextDecoder().decode(value)
        if (text.includes('change')) return true
      }
    })()
    await new Promise((done) => setTimeout(done, 200))
    await putRecord(ilka, own.id, recordOf(PEOPLE.ilka, 'note', { text: 'ping' }))
    const late = new Promise((done) => setTimeout(() => done('late'), 1000))
    expect(await Promise.race([heard, late])).toBe(true)
    await reader.cancel()
  })
})

describe('taking an event back', () => {
  const putEvent = (client: Client, event: { id: string }, caseId = own.id) =>
    client.ask('PUT', `/api/events/${event.id}`, { case: caseId, event })
  const took = (by: string, id: string) => recordOf(by, 'withdrawn', {}, { supersedes: id })

  it('whoever may record it may take it back, and bring it back again', async () => {
    const mave = await Client.signedIn('mave')
    const started = recordOf(PEOPLE.mave, 'engine-started', {})
    const back = took(PEOPLE.mave, started.id)
    for (const event of [started, back, took(PEOPLE.mave, back.id)])
      expect((await putEvent(mave, event)).status).toBe(201)
    const file = (await ilka.ask('GET', `/api/cases/${own.id}/export`)).body
    expect(
      file.events.filter(
        (e: { id: string; supersedes?: string }) =>
          e.id === started.id || e.supersedes === started.id || e.supersedes === back.id,
      ),
    ).toHaveLength(3)
  })
  it('work on the vehicle is taken back, and brought back, by those who may do it', async () => {
    const mave = await Client.signedIn('mave')
    const repaired = recordOf(PEOPLE.ilka, 'repaired', { faults: ['lower-hose-leak'] })
    expect((await putEvent(ilka, repaired)).status).toBe(201)
    const refused = await putEvent(mave, took(PEOPLE.mave, repaired.id))
    expect([refused.status, refused.body.error.sentence]).toEqual([
      403,
      'Your role, apprentice, may not take this back. Ask your lead.',
    ])
    const back = took(PEOPLE.ilka, repaired.id)
    expect((await putEvent(ilka, back)).status).toBe(201)
    expect((await putEvent(mave, took(PEOPLE.mave, back.id))).status).toBe(403)
  })
  it('a withdrawal of nothing, of another case’s event, or of a record is refused', async () => {
    expect((await putEvent(ilka, recordOf(PEOPLE.ilka, 'withdrawn', {}))).status).toBe(422)
    expect((await putEvent(ilka, took(PEOPLE.ilka, uuidv7()))).status).toBe(422)
    const elsewhere = await makeCase(ilka, PEOPLE.ilka)
    const started = recordOf(PEOPLE.ilka, 'engine-started', {})
    await putEvent(ilka, started, elsewhere.id)
    expect((await putEvent(ilka, took(PEOPLE.ilka, started.id))).status).toBe(422)
    const note = recordOf(PEOPLE.ilka, 'note', { text: 'a record' })
    await putRecord(ilka, own.id, note)
    expect((await putEvent(ilka, took(PEOPLE.ilka, note.id))).status).toBe(422)
  })
})
