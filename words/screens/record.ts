/** What the shop has learnt of its closed cases. */
export const RECORD: Readonly<Record<string, string>> = {
  'record.title': 'Shop record',
  'record.reading': 'Reading the closed cases …',
  'record.noneYet':
    'No case has been closed yet. What is confirmed at the end of a case is counted here.',
  'record.counts':
    '{closed, plural, one {# case} other {# cases}} closed: cause confirmed in {confirmed}, not found in {notFound}. {comebacks, plural, =0 {None came back.} one {# came back.} other {# came back.}}',
  'record.causes': 'Confirmed causes',
  'record.toldAndTrue': 'Told, and come true',
  'record.toldAndTrueSays':
    'How often the leading suspect was the confirmed cause, by how likely it was told before the repair. Above the line it was told too carefully, below it too boldly.',
  'record.told': 'told',
  'record.cameTrue': 'came true',
  'record.toldInWords':
    'Told {told}, came true {cameTrue}, in {cases, plural, one {# case} other {# cases}}.',
  'record.checksThatPaid': 'Checks that paid',
  'record.checksThatPaidSays':
    'What each check said of the cause that was confirmed, most for its minutes first. 10 dB make a suspect ten times likelier.',
  'record.check': 'Check',
  'record.cases': 'Cases',
  'record.minutes': 'Minutes',
  'record.saidEach': 'Said of the cause',
  'record.decibans': '{decibans} dB',
  'record.movesTheRanking': 'What moves the ranking',
  'record.howMoved':
    'A suspect starts from what the book says of it. Confirmed cases of this shop move that: the book counts as {worth} cases, and nothing is moved by more than a factor of {most}.',
  'record.uses': 'Confirmed cases move the ranking',
  'record.onlyTheLead': 'Only the lead can change this.',
  'record.confirmed': 'Confirmed',
  'record.book': 'Book',
  'record.here': 'Here',
  'record.like': 'Cases like this one',
  'record.likeNone': 'No closed case of this shop shows what this one does.',
  'record.likeReading': 'Looking for cases like this one …',
  'record.likeness': 'alike: {likeness}',
  'record.percent': '{percent} %',
  'record.allChecks': 'All {checks}',
  'record.firstChecks': 'The first {checks}',
  'record.likeNotFound': 'Cause not found',
  'record.shared': 'In both: {signs}',
  'record.countsHere':
    'Of {cases, plural, one {# confirmed case} other {# confirmed cases}} of this shop with this complaint {confirmed, plural, =0 {none was this} one {# was this} other {# were this}}: it started from {moved} where the book says {written}.',
}
