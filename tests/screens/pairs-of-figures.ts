import {
  both,
  type Clash,
  everything,
  isOneHold,
  isSameFigure,
  onOneScreen,
  type Pair,
  report,
  reportOf,
  screens,
  WITHOUT_VERDICT,
} from './said'

/** Sentences about figures and findings that stand in two places. */
export const PAIRS_OF_FIGURES: readonly Pair[] = [
  {
    pair: 'pump strokes not counted | strokes counted, in the only hold',
    clashes: (told) =>
      both(/^Pump strokes not counted/, /^pressure-hold\.start strokes: \d/, everything, () =>
        isOneHold(told),
      )(told),
    caught: screens(
      { report: ['Pump strokes not counted: the size is wide.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start strokes: 14',
    ),
    allowed: screens({ report: ['Pump strokes not counted: the size is wide.'] }),
  },
  {
    pair: 'the tester was not checked on itself | tester on itself: its result',
    clashes: both(/^The tester was not checked on itself/, /^Tester on itself: /),
    caught: report('The tester was not checked on itself.', 'Tester on itself: sound, 0.1 mL/min.'),
    allowed: report('The tester’s own leak is taken off.', 'Tester on itself: sound, 0.1 mL/min.'),
  },
  {
    pair: 'cap asked for: not known | a rating asked for in a panel or in the profile',
    clashes: both(
      /Cap asked for: not known/,
      /^Specified here: |^profile (?:systemRatingKPa|caps\.0\.ratingKPa): \d/,
    ),
    caught: screens({ report: ['Cap asked for: not known.'], cap: ['Specified here: 103.0 kPa'] }),
    allowed: screens({ report: ['Cap asked for: 103 kPa.'], cap: ['Specified here: 103.0 kPa'] }),
  },
  {
    pair: 'boils at, one figure | boils at, another, of the same cap and mix',
    clashes: (told) =>
      (told.screens.cap ?? []).flatMap((line, i, lines) => {
        const boils =
          line === 'Coolant boils at' ? /^[\d.]+/.exec(lines[i + 1] ?? '')?.[0] : undefined
        const said = reportOf(told)
          .flatMap((other) => /Coolant boils at ([\d.]+)/.exec(other) ?? [])
          .at(-2)
        const figure = said && /Coolant boils at ([\d.]+)/.exec(said)?.[1]
        return boils && figure && !isSameFigure(boils, figure)
          ? [[`${line} ${boils}`, said] as const]
          : []
      }),
    caught: screens({
      report: ['Cap: good. Coolant boils at 120 °C with it.'],
      cap: ['Coolant boils at', '127 °C'],
    }),
    allowed: screens({
      report: ['Cap: good. Coolant boils at 127 °C with it.'],
      cap: ['Coolant boils at', '127 °C'],
    }),
  },
  {
    pair: 'tops up, litres a week | the keeper reports another figure',
    clashes: both(
      /^Tops up about ([\d.]+) L a week/,
      /the keeper reports ([\d.]+) L/,
      reportOf,
      ([, one], [, other]) => !isSameFigure(one!, other!),
    ),
    caught: report('Tops up about 3.50 L a week.', 'About 5.4 L; the keeper reports 1.2 L.'),
    allowed: report('Tops up about 3.50 L a week.', 'About 5.4 L; the keeper reports 3.5 L.'),
  },
  {
    pair: 'nothing found | a finding, of the same check in report and panel',
    clashes: (told) =>
      Object.entries(told.screens).flatMap(([name, lines]) => {
        const nothing = lines.filter((l) => /^Nothing (?:found|odd seen)/.test(l))
        const heading = told.recorded.find((l) => l.startsWith(`name of ${name}: `))
        const check = heading?.split(': ')[1]
        return nothing.flatMap((line) =>
          reportOf(told)
            .filter((l) => check && l.startsWith(`${check}: `) && !/: nothing/i.test(l))
            .slice(-1)
            .map((l): Clash => [line, l]),
        )
      }),
    caught: screens(
      { 'fan-by-hand': ['Nothing found by hand.'], report: ['Fan by hand: does not slip'] },
      'name of fan-by-hand: Fan by hand',
    ),
    allowed: screens(
      { 'fan-by-hand': ['Nothing found by hand.'], report: ['Fan by hand: nothing found'] },
      'name of fan-by-hand: Fan by hand',
    ),
  },
  {
    pair: 'the last finding of a check in the report | the verdict in its panel',
    clashes: (told) =>
      // After a repair a panel begins anew, and the report still tells what was found before.
      (told.recorded.includes('event: repaired') ? [] : told.recorded).flatMap((line) => {
        const [, id, name] = /^name of (\S+): (.+)$/.exec(line) ?? []
        const panel = told.screens[id ?? '']
        if (WITHOUT_VERDICT.has(id ?? '')) return []
        const last = reportOf(told)
          .filter((l) => l.startsWith(`${name}: `) || l.startsWith(`${name} `))
          .filter((l) => /^[^:]+: [a-z]/.test(l))
          .at(-1)
        if (!panel || !last) return []
        const found = last
          .split(': ')
          .slice(1)
          .join(': ')
          .split(/[;,.] ?/)[0]!
        if (/^(?:nothing|recorded)/.test(found)) return []
        return panel.some((l) => l.toLowerCase().includes(found.toLowerCase()))
          ? []
          : [[last, `its panel: ${panel.slice(0, 6).join(' / ')}`] as const]
      }),
    caught: screens(
      { cap: ['Good.'], report: ['Cap: opens low; opens at 60 kPa.'] },
      'name of cap: Cap',
    ),
    allowed: screens(
      { cap: ['Good.'], report: ['Cap: good; opens at 106 kPa.'] },
      'name of cap: Cap',
    ),
  },
  {
    pair: 'nothing more to ask | questions that can still move the ranking',
    clashes: onOneScreen(/^Nothing more to ask/, /can still move the ranking/),
    caught: screens({
      interview: ['Nothing more to ask.', '3 questions can still move the ranking.'],
    }),
    allowed: screens({ interview: ['3 questions can still move the ranking.'] }),
  },
  {
    pair: 'explains the loss reported | only a part, far more than reported',
    clashes: onOneScreen(
      /explains the loss reported/,
      /only a part of the loss|far more than reported/,
    ),
    caught: screens({ 'pressure-hold': ['explains the loss reported', 'far more than reported'] }),
    allowed: screens({ 'pressure-hold': ['explains the loss reported'] }),
  },
  {
    pair: 'within the limit, but blind to the loss | explains the loss reported',
    clashes: onOneScreen(/blind to the reported loss/, /explains the loss reported/),
    caught: screens({
      'pressure-hold': [
        'Within the limit, but blind to the reported loss.',
        'explains the loss reported',
      ],
    }),
    allowed: screens({ 'pressure-hold': ['explains the loss reported'] }),
  },
  {
    pair: 'nothing recorded here, nobody yet | a record of this case',
    clashes: both(
      /Recorded by nobody yet|^Nothing is recorded here yet/,
      /^[a-z-]+\.?[a-z-]* id: /,
    ),
    caught: screens({ report: ['Recorded by nobody yet.'] }, 'cap.test id: a'),
    allowed: screens({ report: ['Recorded by nobody yet.'] }),
  },
]
