import { readdirSync } from 'node:fs'
import { BOOK } from '#core'
import type { Client, sqlOf } from '../server/client'
import { demoCase } from '../server/client'

type Sql = ReturnType<typeof sqlOf>

/** Cases that stay open in a shop of any size, the newest. */
export const OPEN_CASES = 40
/** Cases of one day. */
const A_DAY = 8

const MODELS = readdirSync('data/demo/cases').filter((name) => name.endsWith('.json'))

/** Takes in the cases of the demo shop, which larger shops are copied from. */
export async function takeDemoCases(lead: Client): Promise<void> {
  for (const file of MODELS) await lead.ask('POST', '/api/cases/import', demoCase(file))
}
/** Plates of the demo shop's own vehicles, which no copy has: the letters of some stand in the name of every copy. */
export const modelPlates = (): string[] =>
  MODELS.map((file) => JSON.parse(demoCase(file)).vehicle.plate as string)
const modelIds = () => MODELS.map((file) => JSON.parse(demoCase(file)).case.id as string)

/**
 * Grows the demo shop to so many cases: copies of its own, each with all that was recorded, under ids of their own, a
 * few a day back from now, closed but for the newest. Written into the database at once, as a shop of many years has it.
 */
export async function growShop(sql: Sql, cases: number): Promise<void> {
  const [shop] = await sql`select shop_id as id from accounts where sign_in = 'ilka'`
  const shopId = shop.id
  const [{ made }] = await sql`select count(*)::int as made from cases where shop_id = ${shopId}`
  if (made >= cases) return
  await sql`create or replace function id_of(words text) returns uuid immutable language sql as $$
    select overlay(overlay(md5(words) placing '7' from 13) placing '8' from 17)::uuid $$`
  await sql`drop table if exists model_cases`
  await sql`create table model_cases as
    select c.*, row_number() over (order by id) - 1 as nth
    from cases c where shop_id = ${shopId} and id = any(${modelIds()}::uuid[])`
  await sql`drop table if exists copies`
  await sql`create table copies as
    select n, m.id as model, id_of('case' || n) as id, id_of('vehicle' || n) as vehicle,
      m.vehicle_id as model_vehicle, now() - n * interval '1 day' / ${A_DAY} as at
    from generate_series(${made}::int, ${cases - 1}::int) n
    join model_cases m on m.nth = n % (select count(*) from model_cases)`
  await sql`insert into vehicles (shop_id, id, name, model, plate, author_id, observed_at, received_at, content_hash)
    select v.shop_id, k.vehicle, v.name || ' ' || k.n, v.model, 'N ' || k.n, v.author_id, v.observed_at, k.at, 'x'
    from copies k join vehicles v on v.shop_id = ${shopId} and v.id = k.model_vehicle`
  await sql`insert into vehicle_profiles (shop_id, id, vehicle_id, profile, author_id, observed_at, received_at, content_hash)
    select p.shop_id, id_of('profile' || k.n), k.vehicle, p.profile, p.author_id, p.observed_at, k.at, 'x'
    from copies k join lateral (
      select * from vehicle_profiles p where p.shop_id = ${shopId} and p.vehicle_id = k.model_vehicle
      order by received_at desc limit 1) p on true`
  await sql`insert into cases (shop_id, id, vehicle_id, complaint, title, bay, opened_at, elevation_metres, author_id, observed_at, received_at, content_hash)
    select c.shop_id, k.id, k.vehicle, c.complaint, c.title, 'Bay ' || k.n % 12, to_char(k.at at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS"Z"'),
      c.elevation_metres, c.author_id, c.observed_at, k.at, 'x'
    from copies k join cases c on c.shop_id = ${shopId} and c.id = k.model`
  await copyEntries(sql, 'records', shopId)
  await copyEntries(sql, 'events', shopId)
  await sql`insert into events (shop_id, id, case_id, kind, data, author_id, observed_at, received_at, content_hash)
    select c.shop_id, id_of('end' || k.n), k.id, 'closed', '{"outcome":"not-found","causes":[]}', c.author_id,
      to_char(k.at at time zone 'utc' + interval '1 hour', 'YYYY-MM-DD"T"HH24:MI:SS"Z"'), k.at, 'x'
    from copies k join cases c on c.shop_id = ${shopId} and c.id = k.id where k.n >= ${OPEN_CASES}`
  await sql`insert into case_index (shop_id, case_id, is_open, touched_at, complaint, bay, people, words)
    select c.shop_id, c.id, k.n < ${OPEN_CASES}, k.at, c.complaint, lower(c.bay), array[c.author_id],
      lower(concat_ws(' ', c.title, v.name, v.model, v.plate, c.bay))
    from copies k join cases c on c.shop_id = ${shopId} and c.id = k.id
    join vehicles v on v.shop_id = c.shop_id and v.id = c.vehicle_id`
  await sql`with told as (
      select 'vehicle' as entity, vehicle as id, n, 0 as part from copies
      union all select 'profile', id_of('profile' || n), n, 1 from copies
      union all select 'case', id, n, 2 from copies
      union all select 'record', r.id, k.n, 3 from copies k join records r on r.shop_id = ${shopId} and r.case_id = k.id
      union all select 'event', e.id, k.n, 4 from copies k join events e on e.shop_id = ${shopId} and e.case_id = k.id
    ), moved as (update shops set change_seq = change_seq + (select count(*) from told) where id = ${shopId}
      returning change_seq - (select count(*) from told) as before)
    insert into changes (shop_id, seq, entity, entity_id)
    select ${shopId}, moved.before + row_number() over (order by n, part, told.id), entity, told.id from told, moved`
  // A shop of many years was tidied up long ago; this one's database would do it while its answers are timed.
  await sql`vacuum analyze`
}

/**
 * Gives every closed case of the demo shop something that was learnt of it: a cause, and about a dozen of the book's
 * signs, by chance that is the same each time, some seen in every third case and some in one of thousands.
 */
export async function learnAtOnce(sql: Sql): Promise<void> {
  const [shop] = await sql`select shop_id as id from accounts where sign_in = 'ilka'`
  const signs = BOOK.signs.flatMap(({ id, states }) => states.map((state) => `${id}:${state}`))
  const faults = BOOK.faults.map(({ id }) => id)
  await sql`insert into closed_cases (shop_id, case_id, complaint, outcome, causes, closed_at, is_comeback, lead,
      lead_probability, cause_probability, signs, checks)
    select i.shop_id, i.case_id, i.complaint, 'cause-confirmed', array[f.cause], i.touched_at, false, f.cause,
      f.chance, f.chance, s.signs, '[{"check":"look-round","minutes":12,"decibans":9.5},{"check":"cap","minutes":5,"decibans":2}]'
    from case_index i
    join lateral (
      select (${faults}::text[])[1 + abs(hashtext(i.case_id::text)) % ${faults.length}::int] as cause,
        (abs(hashtext('p' || i.case_id::text)) % 1000) / 1000.0 as chance
    ) f on true
    join lateral (
      select array_agg(sign) as signs from unnest(${signs}::text[]) with ordinality as one(sign, nth)
      where abs(hashtext(i.case_id::text || sign)) % 100000 < 33000 / (1 + (nth * 7919) % 400)
    ) s on true
    where i.shop_id = ${shop.id} and not i.is_open and s.signs is not null
    on conflict do nothing`
  await sql`delete from sign_counts where shop_id = ${shop.id}`
  await sql`insert into sign_counts (shop_id, sign, cases)
    select shop_id, sign, count(*) from (
      select shop_id, unnest(signs || 'case:closed'::text) as sign from closed_cases where shop_id = ${shop.id}
    ) one group by shop_id, sign`
  await sql`update case_index set is_due = false where shop_id = ${shop.id}`
  await sql`vacuum analyze closed_cases`
}

/** Copies records, or events: what they replace and belong to is copied with them. */
async function copyEntries(sql: Sql, table: 'records' | 'events', shopId: string): Promise<void> {
  const copied = (column: string) => `id_of(k.n || ${column})`
  await sql.raw(
    `insert into ${table} (shop_id, id, case_id, kind, data, note, supersedes, author_id, observed_at, received_at, content_hash)
     select e.shop_id, ${copied('e.id::text')}, k.id, e.kind,
       case when e.data ? 'run' then jsonb_set(e.data, '{run}', to_jsonb(${copied("(e.data->>'run')")}::text)) else e.data end,
       e.note, ${copied('e.supersedes::text')}, e.author_id,
       to_char(k.at at time zone 'utc' + interval '30 minutes', 'YYYY-MM-DD"T"HH24:MI:SS"Z"'), k.at, 'x'
     from copies k join ${table} e on e.shop_id = $1 and e.case_id = k.model`,
    [shopId],
  )
}
