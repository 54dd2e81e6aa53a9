/** What stands beside the check in work, or opens over it: the small loop, what a test is worth, the level after a repair. */
export const CASE_BESIDE: Readonly<Record<string, string>> = {
  'case.known-of-model.title': 'Known here of every {model}',
  'case.known-of-model.nothing':
    'Nothing yet. A note beside a check can tell of every vehicle of this model: a weak place, a figure and its source, the adapter that fits.',
  'case.case-card.ranking': 'Ranking …',
  'case.case-card.next':
    'Next: {what}, {minutes} min{waits, select, yes {, engine running} other {}}',
  'case.case-card.found':
    '{shown, select, yes {Shown: mend it, then prove it} other {Nearly settled: show it before a part is ordered}}',
  'case.case-card.coldAt': 'Cold at {at}',
  'case.case-card.last': 'last {last}',
  'case.case-card.opened': '{stage} · opened {opened}',
  'case.keeper.stands':
    '{stands, select, shown {It is shown to be this:} likely {It is most likely this:} other {It may be this, and other things as well:}} {what}',
  'case.keeper.found': 'What was found: {found}.',
  'case.keeper.stillToShow': 'Before anything is replaced, still to be shown: {missing}.',
  'case.keeper.allShown': 'All that has to be shown before anything is replaced is shown.',
  'case.test-or-replace.title': 'Test it, or change it',
  'case.test-or-replace.changeNow': 'Changed now: {cost}',
  'case.test-or-replace.testFirst': 'Tested first ({check}): {cost} on average',
  'case.test-or-replace.noTest': 'No test that is left would tell it from the rest.',
  'case.came-back.title': 'Came back: what was believed',
  'case.came-back.closed':
    'Closed on {day}{outcome, select, not_found { without a cause} other {: {causes}}}.',
  'case.came-back.believed': 'Believed then: {suspects}.',
  'case.came-back.why': '“{why}”',
  'case.strip-down.title': 'While the head is off',
  'case.strip-down.item.head-flatness': 'Head face: gaps against its limit',
  'case.strip-down.item.block-flatness': 'Block face: gaps against its limit',
  'case.strip-down.item.crack-test': 'Head tested for cracks',
  'case.strip-down.item.bolts': 'Bolts: lengths against their limit, or new ones after overheating',
  'case.strip-down.item.liners': 'Liner protrusions against their limits',
  'case.strip-down.because': 'Why it is closed without what was not measured',
  'case.strip-down.sayWhy':
    '{n, plural, one {One measurement is} other {# measurements are}} missing on the sheet of the strip-down: take what is missing, or say why it is closed without.',
  'case.test-or-replace.advice':
    '{advice, select, replace {Changing it costs less than testing first.} test {Test it first.} other {Too unlikely to spend anything on: look elsewhere first.}}',
  'case.test-or-replace.enough': 'Enough to order: likely, shown, and no test is cheaper.',
  'case.test-or-replace.hours': '{hours} h of labour',
  'case.warm-up-dialog.ranBefore': 'It ran before: only enter it',
  'case.warm-up-dialog.turnedByHand': 'Plugs out, turned by hand: nothing came out',
  'case.next-foot.lead': '{name}: {chance}',
  'case.follow-ups.title': 'The level again, after a repair',
  'case.follow-ups.day': 'Day {day}: {at}',
  'case.follow-ups.calendar': 'As calendar file',
  'case.follow-ups.look': 'Look at the level',
  'case.follow-ups.event': 'Look at the coolant level: {vehicle}',
  'case.follow-ups.eventWhat': 'Day {day} after the repair, engine cold.',
  'case.plan-axis.wait': 'waiting, drawn half an hour long at most',
  'case.plan-dialog.meanwhile': 'Meanwhile:',
  'case.plan-dialog.meanwhileDo': '– {check}, {minutes} min',
  'case.plan-dialog.nowFirst':
    'First, as the engine stands now: {check}, {minutes} min. What proves the lead has to wait for heat or cold, and begins the way below.',
  'case.loop-mini.loop': 'Loop',
  'case.loop-mini.show': 'Show the loop',
  'case.loop-mini.hide': 'Hide the loop',
}
