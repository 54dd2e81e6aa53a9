import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { IntlMessageFormat } from 'intl-messageformat'
import { describe, expect, it } from 'vitest'
import { SENTENCES, sentence } from './catalogue'
import { CHECK_WORDS } from './checks'
import { LANGUAGES } from './languages'
import { SCREENS } from './screens'
import { formatChance, formatClock, formatQuantity } from './format'

function sourcesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? sourcesIn(join(folder, entry.name))
      : /(?<!test|fixture)\.(ts|vue)$/.test(entry.name)
        ? [join(folder, entry.name)]
        : [],
  )
}
/** Sentences that are looked up by an id put together: a stage, a caution of the start card. */
const NAMED_BY_ID = [
  'shell.archive.',
  'quote.way.',
  'quote.leaves.',
  'shop.cold.',
  'stage.',
  'policy.',
  'phase.',
  'complaint.',
  'start.',
  'tab.',
  'drive.',
  'case.strip-down.item.',
  'frame.group.',
  'fan-circuit.control.',
  'outbox.entity.',
  'loop.fitting.',
  'look-round.wear.',
  'shop.hold.',
  'shop.bolts.',
  'repair-step.',
  'case.accounts.',
  'common.note-strip.tells.',
  'look-round.trace.',
  'look-round.smell.',
  'level-and-condition.colour.',
  'case.profile-loop.side.',
  'pressure-hold.hold-compare.level.',
  'pressure-hold.hold-setup.plan.',
  'audit.part.',
  'audit.condition.',
  'audit.consequence.',
  'library.level.',
  'library.prior.',
  'quote.unit.',
  'quote.need.',
  'quote.sum.',
  'quote.how.',
  'form.',
  'warm-up-run.channel.',
  'warm-up-run.mark.',
  'warm-up-run.live.state.',
  'calculators.base.',
  'calculators.kind.',
  'warm-up-run.live.value.',
  'load-run.told.',
  'answer.',
]
const textsOf = (folder: string) =>
  sourcesIn(folder).map((file) => ({ file, text: readFileSync(file, 'utf8') }))

type Elements = ReturnType<IntlMessageFormat['getAst']>
/** What the parser calls a piece of text that stands as it is. */
const LITERAL = 0

/** Names that a pattern asks for, in the choices it offers too. */
function asked(pattern: string): ReadonlySet<string> {
  const namesIn = (elements: Elements): string[] =>
    elements.flatMap((element) => {
      if (element.type === LITERAL || !('value' in element)) return []
      const choices = 'options' in element ? Object.values(element.options ?? {}) : []
      return [element.value, ...choices.flatMap((choice) => namesIn(choice.value))]
    })
  const format = new IntlMessageFormat(pattern, 'en', undefined, { ignoreTag: true })
  return new Set(namesIn(format.getAst()))
}

describe('the catalogue', () => {
  it('has a sentence for every message id that core writes out', () => {
    const missing = textsOf('core').flatMap(({ text }) =>
      [
        ...text.matchAll(/\bmessage\('([\w.-]+)'/g),
        ...text.matchAll(/\bfail\([^,]+, '([\w.-]+)'/g),
        ...text.matchAll(/\? '([a-z][A-Za-z]+\.[\w.-]+)'\s*:/g),
      ]
        .map((m) => m[1]!)
        .filter((id) => id.includes('.') && !(id in SENTENCES)),
    )
    expect(missing).toEqual([])
  })
  it('has a sentence for everything the screens say, and the screens say every sentence of theirs', () => {
    const screens = [...textsOf('app'), ...textsOf('server'), ...textsOf('words')].filter(
      ({ file }) => !/^words\/(screens|checks|languages)\//.test(file),
    )
    const called = screens.flatMap(({ text }) =>
      [...text.matchAll(/\bsay\(\s*'([\w.-]+)'/g)].map((m) => m[1]!),
    )
    expect(called.filter((id) => !(id in SENTENCES))).toEqual([])
    const isSaid = (id: string) => screens.some(({ text }) => text.includes(`'${id}'`))
    const written = [
      ...Object.keys(SCREENS),
      ...Object.values(CHECK_WORDS).flatMap(({ panel = {} }) => Object.keys(panel)),
    ]
    const isLookedUp = (id: string) => NAMED_BY_ID.some((start) => id.startsWith(start))
    expect(written.filter((id) => !isSaid(id) && !isLookedUp(id))).toEqual([])
  })
  it('no sentence holds a unit that a reader may want in another', () => {
    const fixed = Object.entries(SENTENCES)
      .filter(([, text]) => /(?:\d|\})\s?(?:°C|°F|K|kPa|psi|bar|mm|km|m|L|mL)(?![\w/])/.test(text))
      .map(([id]) => id)
    expect(fixed).toEqual([])
  })
  it('has no sentence, in any language, that cannot be said', () => {
    const all = [SENTENCES, ...Object.values(LANGUAGES).map(({ sentences }) => sentences)]
    const broken = all.flatMap((sentences) =>
      Object.entries(sentences).filter(([, text]) => {
        try {
          new IntlMessageFormat(text, 'en', undefined, { ignoreTag: true })
          return false
        } catch {
          return true
        }
      }),
    )
    expect(broken).toEqual([])
  })
  it('German has every sentence of the board, the case and the hold', () => {
    const hold = CHECK_WORDS['pressure-hold']
    const ids = [
      ...Object.keys({ ...hold.panel, ...hold.sentences }),
      ...Object.keys(SCREENS).filter((id) => /^(?:board|case)\.\w+$/.test(id)),
    ]
    expect(ids.filter((id) => !(id in LANGUAGES.de.sentences))).toEqual([])
  })
  it('a language begins and ends a sentence with a blank where the source does', () => {
    const edges = (text: string) => [/^ /.test(text), / $/.test(text)]
    for (const [id, text] of Object.entries(LANGUAGES.de.sentences))
      if (SENTENCES[id] !== undefined) expect(edges(text), id).toEqual(edges(SENTENCES[id]))
  })
  it.each(Object.entries(LANGUAGES))('%s asks for the same parameters as the source', (_, file) => {
    for (const [id, text] of Object.entries(file.sentences)) {
      if (id.startsWith('part.') || id.startsWith('check.')) continue
      expect(SENTENCES[id], id).toBeDefined()
      expect(asked(text), id).toEqual(asked(SENTENCES[id]!))
    }
  })
  it('writes quantities in the reader’s unit', () => {
    const target = { kind: 'pressure' as const, coreValue: 103.4 }
    const text = sentence(
      {
        id: 'hold.targetAboveMarking',
        parameters: { target, maximum: { kind: 'pressure', coreValue: 96.5 } },
      },
      { temperature: '°F', pressure: 'psi', volume: 'qt' },
    )
    expect(text).toContain('15.00\u00a0psi')
    expect(text).toContain('14.00\u00a0psi')
  })
  it('a part is called by its name', () => {
    expect(sentence({ id: 'says.look.wet', parameters: { part: 'pump' } })).toBe('Pump is wet')
  })
  it('an unknown id is an error and not an empty line', () => {
    expect(() => sentence({ id: 'no.such', parameters: {} })).toThrow()
  })
})

describe('figures', () => {
  it('chances are said in tenths, and in words at the ends', () => {
    expect([0.62, 0.07, 0.03, 0.004, 0.95, 0.99].map(formatChance)).toEqual([
      '6 in 10',
      'under 1 in 10',
      '3 in 100',
      'under 1 in 100',
      'over 9 in 10',
      'nearly certain',
    ])
  })
  it('a difference of temperature is converted without the 32, and written in degrees', () => {
    expect(
      formatQuantity(
        { kind: 'temperatureDifference', coreValue: 5 },
        { temperature: '°F', pressure: 'psi', volume: 'qt' },
      ),
    ).toBe('9.0\u00a0°F')
  })
  it('timers show minutes and seconds', () => {
    expect([0, 59.9, 462, -3].map(formatClock)).toEqual(['00:00', '00:59', '07:42', '00:00'])
  })
})
