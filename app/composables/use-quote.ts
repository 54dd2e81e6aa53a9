import {
  adviceLines,
  type Along,
  BOOK,
  type DraftLine,
  draftLines,
  type Fault,
  ofKind,
  type QuoteDrawn,
  quoteDrawn,
  quoteState,
  type RankedCase,
  type CaseRecord,
  type ShopPrices,
  type SystemProfile,
  type WayId,
} from '#core'

/** A line while it is typed: its price or quantity may be missing, and it has a key that stays. */
export type TypedLine = Omit<QuoteDrawn['lines'][number], 'quantity' | 'unitPrice'> & {
  key: number
  quantity: number | undefined
  unitPrice: number | undefined
}

/** What stands here when a quote is drawn up. */
interface Around {
  id: string
  records: () => readonly CaseRecord[]
  ranked: () => RankedCase | undefined
  profile: () => SystemProfile
  prices: () => ShopPrices | undefined
  /** faults with what their repair takes here */
  faults: () => readonly Fault[]
  /** how far new head bolts belong to the repair of these faults */
  bolts: (faults: readonly string[]) => 'needed' | 'advised' | undefined
}

/** So many suspects are kept with a quote. */
const RANKED_KEPT = 5
/** A suspect as likely as this is offered as a cause where nobody has declared one. */
const OFFERED_FROM = 0.5
const MOST_CAUSES = 6

/** The quote of a case: what was kept of it, and the one that is being drawn up. */
export function useQuote({
  id,
  records,
  ranked,
  profile,
  prices,
  faults: faultsHere,
  bolts,
}: Around) {
  const shop = useShop()
  const preferences = usePreferences()
  const { say } = useWords()
  const kept = computed(() =>
    quoteState(ofKind(records(), 'quote.drawn'), ofKind(records(), 'quote.answered')),
  )
  const suspects = computed(() => ranked()?.ranking.suspects ?? [])
  const offered = computed(() => {
    const as = new Map(
      ofKind(records(), 'suspect.declared').map(({ data }) => [data.fault, data.as]),
    )
    const declared = [...as].flatMap(([fault, said]) => (said === 'withdrawn' ? [] : [fault]))
    const likely = suspects.value.filter((s) => s.probability >= OFFERED_FROM).map((s) => s.fault)
    return (declared.length > 0 ? declared : likely).slice(0, MOST_CAUSES)
  })

  let keys = 0
  const lines = ref<TypedLine[]>([])
  const open = ref<string[]>([])
  const problem = ref('')
  const textOf = (all: readonly TypedLine[]) =>
    JSON.stringify(all.map(({ key: _, ...line }) => line))
  /** the lines as they were kept or taken up last */
  const taken = ref(textOf([]))
  /** what stands in the lines is not kept yet: a version that comes from another device leaves it alone */
  const isTyped = computed(() => textOf(lines.value) !== taken.value)

  const worded = ({ says, ...line }: DraftLine): TypedLine => ({
    ...line,
    key: ++keys,
    text: preferences.say(says),
  })
  /** Lines of these causes by the book and the shop's prices, in place of what stands. */
  function drawUp(causes: readonly string[], ways: Readonly<Partial<Record<string, WayId>>>) {
    const set = prices()
    if (!set) return
    const faults = causes.flatMap((fault) => faultsHere().find((f) => f.id === fault) ?? [])
    const draft = draftLines(faults, {
      profile: profile(),
      prices: set,
      ways,
      bolts: bolts(causes),
    })
    lines.value = draft.lines.map(worded)
    open.value = draft.open.map(preferences.say)
  }
  function addLine() {
    const text = ''
    const line = { kind: 'part', unit: 'piece', quantity: 1, need: 'needed', text } as const
    lines.value.push({ ...line, key: ++keys, unitPrice: undefined })
  }
  /** A component renewed with the repair, advised. */
  function advise(along: Along) {
    const set = prices()
    if (set) lines.value.push(...adviceLines(along, set).map(worded))
  }
  /** The kept version to go on with, as lines that can be changed. */
  function takeUp(quote: QuoteDrawn) {
    lines.value = quote.lines.map((line) => ({ ...line, key: ++keys }))
    taken.value = textOf(lines.value)
    open.value = []
  }
  watch(
    () => kept.value?.quote.id,
    () => kept.value && !isTyped.value && takeUp(kept.value.quote.data),
    { immediate: true },
  )

  /** The first thing that keeps the typed lines from being a quote, as one sentence. */
  function problemOf(): string {
    if (lines.value.length === 0) return say('quote.noLines')
    for (const [i, line] of lines.value.entries()) {
      const told = { line: i + 1 }
      if (!line.text.trim()) return say('quote.noText', told)
      if (line.quantity === undefined) return say('quote.noQuantity', told)
      if (line.unitPrice === undefined) return say('quote.noPrice', told)
    }
    return ''
  }
  async function keep(words: string) {
    problem.value = problemOf()
    const set = prices()
    if (problem.value || !set) return
    const parsed = quoteDrawn.safeParse({
      currency: set.currency,
      taxPercent: set.taxPercent,
      validDays: set.validDays,
      lines: lines.value.map(({ key: _, ...line }) => ({ ...line, text: line.text.trim() })),
      ranked: suspects.value
        .slice(0, RANKED_KEPT)
        .map(({ fault, probability }) => ({ fault, probability })),
      book: BOOK.version,
      ...(words.trim() ? { words: words.trim() } : {}),
    })
    if (!parsed.success) return void (problem.value = say('quote.notAQuote'))
    const text = textOf(lines.value)
    await shop.addRecord(id, 'quote.drawn', parsed.data)
    taken.value = text
  }
  return { kept, suspects, offered, lines, open, problem, drawUp, addLine, advise, keep }
}
