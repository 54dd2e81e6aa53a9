import { useSessionStorage } from '@vueuse/core'
import type { Ref } from 'vue'
import { ask } from '../../local-store/api'
import type { RunChannel, RunSeries, VehicleValue } from '#core'
import { followOwnPort, followServer, type LiveNews, type LiveState, OWN_PORT } from './live-source'
import { choosePort, serialOf } from './serial-line'

/** Values that are kept with the run, and the channel of each; the others are shown. */
const CHANNEL_OF: Partial<Record<VehicleValue, RunChannel>> = {
  coolant: 'scan-coolant',
  'engine-speed': 'engine-speed',
  ambient: 'ambient',
}
/** What was read is kept in pieces of so long; until then a reload gets it from the server again, s. */
const PIECE_SECONDS = 15

interface Piece {
  seconds: number[]
  values: number[]
}
type Pieces = Partial<Record<RunChannel, Piece>>
/** What of a run is followed on this device, kept over a reload. */
interface Followed {
  adapter: string
  /** moment of the last sample that is kept, by the clock of whoever reads */
  since: number
  /** what the page had read from its own port and not kept when it went: nobody else has it */
  unkept?: Pieces
}
/** Nothing from before is asked for. */
const FROM_NOW = Number.MAX_SAFE_INTEGER
/** Runs that are followed on this device, by their ids. */
const onDevice = useSessionStorage<Record<string, Followed>>('thermognosis.live', {})

/**
 * A run that the vehicle writes down by itself: follows an adapter, shows what comes, and keeps it piece by piece. A
 * reload or a lost network goes on where the last piece ended.
 */
export function useLive(
  run: Ref<{ id: string; observedAt: string } | undefined>,
  series: Ref<RunSeries>,
  keepPiece: (channel: RunChannel, piece: Piece, from: string) => Promise<unknown>,
) {
  const adapters = ref<string[]>([])
  const followed = shallowRef<Followed>()
  const state = ref<LiveState>('connecting')
  const garbled = ref(0)
  const latest = shallowRef(new Map<VehicleValue, number>())
  const pending = shallowRef<Pieces>({})
  let hangUp = () => {}
  let lastAt = 0
  let behindMs: number | undefined

  const lastSeconds = (channel: RunChannel) =>
    pending.value[channel]?.seconds.at(-1) ?? series.value[channel]?.x.at(-1) ?? -1

  function take(news: LiveNews) {
    state.value = news.state
    garbled.value = news.garbled
    // The device's clock may stand otherwise than the server's: what took the shortest way tells by how much.
    behindMs = Math.min(behindMs ?? Infinity, Date.now() - news.now)
    if (followed.value?.since === FROM_NOW) remember({ ...followed.value, since: news.now })
    if (news.samples.length === 0 || !run.value) return
    const startMs = Date.parse(run.value.observedAt)
    const now = new Map(latest.value)
    const next = { ...pending.value }
    for (const { at, name, value } of news.samples) {
      lastAt = Math.max(lastAt, at)
      now.set(name, value)
      const channel = CHANNEL_OF[name]
      const seconds = (at + behindMs - startMs) / 1000
      if (!channel || seconds <= lastSeconds(channel)) continue
      const piece = next[channel] ?? { seconds: [], values: [] }
      next[channel] = {
        seconds: [...piece.seconds, seconds],
        values: [...piece.values, value],
      }
      pending.value = next
    }
    latest.value = now
    const first = Math.min(...Object.values(next).map((piece) => piece.seconds[0] ?? Infinity))
    const last = Math.max(...Object.values(next).map((piece) => piece.seconds.at(-1) ?? -Infinity))
    if (last - first >= PIECE_SECONDS) void flush()
  }

  /** Keeps what has come; a channel with a single sample waits for its next. */
  async function flush() {
    const { value: now } = followed
    if (!now || !run.value) return
    const whole = Object.entries(pending.value).filter(([, { seconds }]) => seconds.length > 1)
    const since = lastAt
    pending.value = Object.fromEntries(
      Object.entries(pending.value).filter(([, { seconds }]) => seconds.length === 1),
    )
    for (const [channel, piece] of whole) await keepPiece(channel as RunChannel, piece, now.adapter)
    if (followed.value) remember({ ...followed.value, since })
  }

  function remember(now: Followed) {
    followed.value = now
    if (run.value) onDevice.value = { ...onDevice.value, [run.value.id]: now }
  }

  function connect() {
    const { value: now } = followed
    if (!now) return
    hangUp()
    state.value = 'connecting'
    if (now.adapter === OWN_PORT) {
      hangUp = followOwnPort(serialOf(navigator), take)
      return
    }
    const mine = (hangUp = followServer(now.adapter, now.since, take, () => {
      state.value = 'gone'
      setTimeout(() => {
        if (hangUp !== mine || !followed.value) return
        followed.value = { ...followed.value, since: lastAt || followed.value.since }
        connect()
      }, AGAIN_MS)
    }))
  }

  function follow(adapter: string) {
    // Another line may go by another clock.
    behindMs = undefined
    lastAt = 0
    remember({ adapter, since: FROM_NOW })
    connect()
  }
  async function followPort() {
    const serial = serialOf(navigator)
    if (serial && (await choosePort(serial))) follow(OWN_PORT)
  }

  async function stop() {
    hangUp()
    hangUp = () => {}
    await flush()
    const { [run.value?.id ?? '']: _ended, ...others } = onDevice.value
    onDevice.value = others
    followed.value = undefined
    latest.value = new Map()
  }

  onMounted(async () => {
    adapters.value = await ask<{ adapters: string[] }>('GET', '/api/adapters').then(
      (told) => told.adapters,
      () => [],
    )
  })
  watch(
    () => run.value?.id,
    (id) => {
      hangUp()
      followed.value = undefined
      const kept = id === undefined ? undefined : onDevice.value[id]
      if (!kept) return
      const { unkept, ...on } = kept
      if (unkept) pending.value = unkept
      remember(on)
      connect()
    },
    { immediate: true },
  )
  // A page that goes has no time to keep an entry; what only it has read is put where the next one finds it at once.
  useEventListener('pagehide', () => {
    if (followed.value?.adapter === OWN_PORT) remember({ ...followed.value, unkept: pending.value })
  })
  onBeforeUnmount(() => {
    void flush()
    hangUp()
  })

  const hasPorts = import.meta.client && serialOf(navigator) !== undefined
  return { adapters, hasPorts, followPort, followed, state, garbled, latest, pending, follow, stop }
}

const AGAIN_MS = 2_000
