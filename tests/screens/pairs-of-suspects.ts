import {
  both,
  capTested,
  CHANCE,
  chanceRange,
  type Clash,
  everything,
  type Pair,
  partsSeen,
  report,
  reportOf,
  screens,
  suspectsOfReport,
} from './said'

/** Sentences about parts that were looked at, and about suspects. */
export const PAIRS_OF_SUSPECTS: readonly Pair[] = [
  {
    pair: 'look round: nothing found | a part listed as stained, wet or issuing',
    clashes: (told) =>
      reportOf(told)
        .filter((line) => /^Look round: nothing/i.test(line))
        .flatMap((line) =>
          partsSeen(told)
            .filter(([, part]) => !part.endsWith(': dry'))
            .map(([, part]): Clash => [line, part]),
        ),
    caught: report('Look round: nothing found.', 'Radiator: wet; Pump: dry.'),
    allowed: report('Look round: nothing found.', 'Radiator: dry; Pump: dry.'),
  },
  {
    pair: 'not looked at: a part | what was seen of that part, or the cap tested',
    clashes: (told) =>
      reportOf(told).flatMap((line) => {
        const missing = /^Not looked at: (.+)\.$/.exec(line)?.[1]?.split(', ') ?? []
        const seen = partsSeen(told).map(([, part]) => part)
        return [...seen, ...capTested(told)]
          .filter((part) => missing.includes(part.split(':')[0]!))
          .map((part): Clash => [line, part])
      }),
    caught: report('Not looked at: Cap, Pump.', 'Cap: good; opens at 106 kPa.'),
    allowed: report('Not looked at: Pump.', 'Cap: good.', 'Radiator: dry.'),
  },
  {
    pair: 'look round’s panel: cap not looked at | the cap tested',
    clashes: (told) =>
      (told.screens['look-round'] ?? [])
        .filter((line) => line === 'Cap not looked at')
        .flatMap((line) => capTested(told).map((cap): Clash => [line, cap])),
    caught: screens({ 'look-round': ['Cap not looked at'], report: ['Cap: good.'] }),
    allowed: screens({ 'look-round': ['Cap tested'], report: ['Cap: good.'] }),
  },
  {
    pair: 'all the rest dry, all looked at | a part not looked at, in one region',
    clashes: (told) =>
      (told.screens['look-round'] ?? []).flatMap((line, i, lines) =>
        line === 'all looked at' && /not looked at$/.test(lines[i + 1] ?? '')
          ? [[line, lines[i + 1]!] as const]
          : [],
      ),
    caught: screens({ 'look-round': ['all looked at', 'Radiator not looked at'] }),
    allowed: screens({ 'look-round': ['1 not looked at', 'Radiator not looked at'] }),
  },
  {
    pair: 'not proven yet: shown, proven, done',
    clashes: (told) =>
      suspectsOfReport(told)
        .filter(({ open }) => /^(?:shown|proven|done|yes)\.?$/i.test(open))
        .map(({ name, open }): Clash => [name, `not proven yet: ${open}`]),
    caught: report('Pump', '4 in 10', 'Shown'),
    allowed: report('Pump', '4 in 10', 'Seen issuing at the pump, or wet again after drying'),
  },
  {
    pair: 'report: all of it is shown | suspects: not yet, of the same suspect',
    clashes: (told) =>
      suspectsOfReport(told).flatMap(({ name, open }) =>
        (told.screens.suspects ?? [])
          .filter((line) => line.startsWith(name) && /^nothing: all of it/.test(open))
          .filter((line) => line.includes('Not yet: '))
          .map((line): Clash => [`${name}: ${open}`, line]),
      ),
    caught: screens({
      report: ['Pump', '9 in 10', 'nothing: all of it is shown'],
      suspects: ['Pump 9 in 10Not yet: seen issuing at the pump'],
    }),
    allowed: screens({
      report: ['Pump', '9 in 10', 'nothing: all of it is shown'],
      suspects: ['Pump 9 in 10Coolant runs from the weep hole'],
    }),
  },
  {
    pair: 'chance in the report | chance of the same suspect in the list',
    clashes: (told) =>
      suspectsOfReport(told).flatMap(({ name, chance }) =>
        (told.screens.suspects ?? []).flatMap((line) => {
          const listed = new RegExp(`^(.*?) (${CHANCE})(?: |$)`).exec(line)
          const isSame = listed?.[1] === name.replace(/ \(consequence\)$/, '')
          return isSame && listed[2] !== chance ? [[`${name} ${chance}`, line] as const] : []
        }),
      ),
    caught: screens({ report: ['Pump', '4 in 10', ''], suspects: ['Pump 3 in 10 wet'] }),
    allowed: screens({ report: ['Pump', '4 in 10', ''], suspects: ['Pump 4 in 10 wet'] }),
  },
  {
    pair: 'no fault: something harmless, its chance | nothing wrong at all, a lower one',
    clashes: both(
      new RegExp(`^No fault: .*?(${CHANCE})`),
      new RegExp(`^Nothing wrong at all: (${CHANCE})`),
      (told) => [
        ...everything(told),
        ...suspectsOfReport(told).map(({ name, chance }) => `${name} ${chance}`),
      ],
      (one, other) => chanceRange(one[1]!)[0] > chanceRange(other[1]!)[1],
    ),
    caught: screens({
      report: ['No fault: filled too high', '6 in 10', '', 'Nothing wrong at all: under 1 in 100.'],
    }),
    allowed: screens({
      report: ['No fault: filled too high', '6 in 10', '', 'Nothing wrong at all: 7 in 10.'],
    }),
  },
]
