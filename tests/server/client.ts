import { readFileSync } from 'node:fs'
import pg from 'pg'
import { uuidv7 as v7 } from 'uuidv7'

export const BASE = process.env.TEST_BASE_URL!
export const PASSWORD = 'saddle-ridge-1300'
export const PEOPLE = {
  ilka: '0192f000-0000-7000-8000-000000000001',
  oren: '0192f000-0000-7000-8000-000000000002',
  mave: '0192f000-0000-7000-8000-000000000003',
  desk: '0192f000-0000-7000-8000-000000000004',
}

/** What came over the wire, before anybody has looked at it. */
export type Parsed = ReturnType<typeof JSON.parse>

export interface Answer {
  status: number
  body: Parsed
  headers: Headers
}

/** One signed-in (or signed-out) browser, without a browser. */
export class Client {
  cookie = ''
  async ask(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer> {
    const answer = await fetch(BASE + path, {
      method,
      headers: {
        ...(this.cookie ? { cookie: this.cookie } : {}),
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...headers,
      },
      ...(body === undefined
        ? {}
        : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    })
    for (const set of answer.headers.getSetCookie()) this.keepCookie(set.split(';')[0]!)
    const text = await answer.text()
    let parsed: unknown = text
    try {
      parsed = JSON.parse(text)
    } catch {
      parsed = text
    }
    return { status: answer.status, body: parsed, headers: answer.headers }
  }
  /** As a browser does: a cookie replaces the one of its name. */
  private keepCookie(cookie: string) {
    const nameOf = (one: string) => one.slice(0, one.indexOf('='))
    const others = this.cookie.split('; ').filter((one) => one && nameOf(one) !== nameOf(cookie))
    this.cookie = [...others, cookie].join('; ')
  }
  static async signedIn(name: string, password = PASSWORD) {
    const client = new Client()
    const answer = await client.ask('POST', '/api/session', { signIn: name, password })
    if (answer.status !== 200)
      throw new Error(`sign-in of ${name}: ${answer.status} ${JSON.stringify(answer.body)}`)
    return client
  }
}

export const other = () => Client.signedIn('berit', 'valley-garage-400')
export const demoCase = (prefix: string) => readFileSync(`data/demo/cases/${prefix}`, 'utf8')

const observedAt = '2026-11-20T10:00:00.000Z'

/** A vehicle with a case, made by a person; gives the ids. */
export async function makeCase(client: Client, by: string) {
  const vehicle = v7()
  const id = v7()
  const answers = [
    await client.ask('PUT', `/api/vehicles/${vehicle}`, {
      by,
      observedAt,
      vehicle: { id: vehicle, name: 'Test bus' },
    }),
    await client.ask('PUT', `/api/cases/${id}`, {
      by,
      observedAt,
      case: {
        id,
        complaint: 'coolant-loss',
        title: 'test',
        openedAt: observedAt,
        openedBy: by,
        vehicle,
      },
    }),
  ]
  if (answers.some((a) => a.status !== 201))
    throw new Error(JSON.stringify(answers.map((a) => a.body)))
  return { vehicle, id }
}

export const recordOf = (by: string, kind: string, data: object, extra: object = {}) => ({
  id: v7(),
  by,
  observedAt,
  kind,
  data,
  ...extra,
})
export const putRecord = (
  client: Client,
  caseId: string,
  record: { id: string } & Record<string, unknown>,
) => client.ask('PUT', `/api/records/${record.id}`, { case: caseId, record })

/** A pressure as a field keeps it. */
export const kPa = (value: number, extra: object = {}) => ({
  typed: `${value}`,
  value,
  unit: 'kPa',
  coreValue: value,
  ...extra,
})

/** The server's own database, asked with a template; a row of an answer is what the driver makes of it. */
export function sqlOf(max = 2) {
  const pool = new pg.Pool({ connectionString: process.env.DATABASE_URL!, max })
  const sql = async (parts: TemplateStringsArray, ...values: unknown[]): Promise<Parsed[]> => {
    const { rows } = await pool.query(
      parts.reduce((query, part, i) => `${query}$${i}${part}`),
      values,
    )
    return rows
  }
  const raw = async (text: string, values: unknown[] = []): Promise<Parsed[]> =>
    (await pool.query(text, values)).rows
  return Object.assign(sql, { raw, end: () => pool.end() })
}
