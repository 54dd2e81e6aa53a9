/** What the shell says; the names of commands, options and fields stay as they are typed. */
export const SHELL: Readonly<Record<string, string>> = {
  'shell.needsFile': 'A file is needed, or the case on standard input.',
  'shell.cannotBeRead': '{path} cannot be read.',
  'shell.standardInput': 'Standard input',
  'shell.noCommand': 'There is no command {command}.',
  'shell.sayAudit': 'Say: knowledge audit',
  'shell.good':
    'Good: {title}, {records, plural, one {# record} other {# records}}, {events, plural, one {# event} other {# events}}.',
  'shell.noPolicy': 'There is no policy {policy}; there are {policies}.',
  'shell.expected':
    'Expected: {minutes, plural, one {# minute} other {# minutes}}{reaches, select, yes {} other {, and the lead stays below 90 %}}.',
  'shell.compared':
    'By most certainty per minute: {minutes, plural, one {# minute} other {# minutes}}{reaches, select, yes {} other {, lead below 90 %}}.',
  'shell.waiting': ' + {minutes} waiting',
  'shell.worth': '{bits} bits, lead then {lead} %. {why}',
  'shell.testingFirst': ', testing first ({check}) {costs}',
  'shell.choice': '{fault}: {advice}; changing it {costs}{first}. {order}',
  'shell.enough': 'Enough to order.',
  'shell.notEnough': 'Not enough to order{open}.',
  'shell.open': ': {guards} open',
  'shell.nothingWrong': 'Nothing wrong: {chance}. Book {version}, {hash}.',
  'shell.stability':
    'One level moved a step keeps the lead in {percent} % of {trials, plural, one {# trial} other {# trials}}.',
  'shell.pivot': 'Would change the lead most: {sign} = {state} ({check}), then {lead}.',
  'shell.assumedHeading': 'Assumed:',
  'shell.assumed': 'Assumed: {what}',
  'shell.notYet': 'not yet: {text}',
  'shell.note': 'note: {text}',
  'shell.caution': 'caution: {text}',
  'shell.unexplained': 'Nothing likely explains: {signs}.',
  'shell.doesNotProve': 'does not prove: {text}',
  'shell.trace':
    '{channel}: {values, plural, one {# value} other {# values}} over {seconds} s, {low} to {high}, from “{column}”',
  'shell.auditNone': '{title}: none',
  'shell.auditSome': '{title}:',
  'shell.auditPair': '{faults}: closest {check} ({sign}, {distance})',
  'shell.withoutSign': 'Faults without a discriminating sign',
  'shell.unspokenSigns': 'Signs that no fault speaks to',
  'shell.unreadSigns': 'Signs that no check reads',
  'shell.withoutReason': 'Levels without a reason',
  'shell.hardPairs': 'Pairs that no check can tell apart',
  'shell.usage': `Usage: npm run -s cli -- <command> [FILE] [--json]

  rank FILE         the suspects of a case, most probable first
  plan FILE         the checks to do next (--policy NAME, --prices FILE)
  check FILE        what every recorded check comes to
  log FILE          a log of any columns as traces (--column channel=Name, --column time=Name)
  validate FILE     whether a case file can be read, and where not
  faults            the faults of the book with their names
  signs             the signs of the book with their states
  knowledge audit   what an editor of the book should look at
  benchmark         how fast it is on this machine
  schema            the JSON Schema of the case format (--write FILE)

Without FILE, or with -, the case is read from standard input. Exit 0: done; 2: bad input.
`,
  'shell.noRole': '{role} is not a role; use {roles}.',
  'shell.noDatabaseUrl': 'DATABASE_URL is not set.',
  'shell.nameMissing': 'A name is missing.',
  'shell.badElevation':
    '“{elevation}” is no elevation of a shop: a number of metres from {least} to {most}.',
  'shell.noShop': 'There is no shop with the number “{shop}”.',
  'shell.noPerson': 'There is no person with the number “{person}”.',
  'shell.noAccount': 'Nobody signs in as “{signIn}”.',
  'shell.signInTaken': 'Somebody signs in as “{signIn}” already; nothing was added.',
  'shell.firstPassword': 'First password, to be changed at the next sign-in: {password}',
  'shell.archive.written': 'Written: {rows, number} rows. Whoever has this file has the shop.',
  'shell.archive.takenIn': 'Taken in: shop {shop}, {rows, number} rows.',
  'shell.archive.alike': 'Alike: {rows, number} rows.',
  'shell.archive.differs':
    '{table}: {onlyInArchive, number} rows only in the archive, {onlyHere, number} only here.',
  'shell.archive.noFile': 'There is no such file.',
  'shell.archive.notOne': 'This is not the archive of a shop.',
  'shell.archive.later': 'This archive is of a later version: update Thermognosis here first.',
  'shell.archive.cut':
    'This archive was cut off, or is damaged. Nothing was taken in; fetch it again.',
  'shell.archive.knownShop': 'This shop is here already. Nothing was taken in.',
  'shell.archive.signInTaken':
    'Somebody of this archive signs in by a name that is taken here. Nothing was taken in; change one of the two.',
  'shell.databaseAway': 'The database cannot be reached; see DATABASE_URL.',
  'shell.metric.requests': 'Requests answered, by route and status.',
  'shell.metric.seconds': 'Time from a request to its answer, seconds.',
  'shell.metric.outboxAge':
    'Time that an entry waited on its device before it came here, by the corrected clock, seconds.',
  'shell.metric.connections':
    'Connections to the database, by what they do; requests that wait for one.',
  'shell.metric.streams': 'Devices that follow the shop live.',
  'shell.adminUsage': `Usage: npm run admin -- <command>   (DATABASE_URL says where the database is)

  migrate                                             bring the tables up to date
  create-shop "NAME" ELEVATION_METRES                 add a shop, print its id
  add-person SHOP_ID SIGN_IN "NAME" ROLE              {roles}; makes up a first password and prints it, or
                                                      takes the one that comes through a pipe
  reset-password SIGN_IN                              prints a new first password; ends that person’s sessions
  erase-person PERSON_ID                              removes the name and the account, keeps the record
  archive-shop SHOP_ID FILE                           everything of a shop in one file, passwords’ hashes too
  take-in-shop FILE                                   a shop from such a file, whole or not at all
  compare-shop FILE                                   whether file and shop are alike, row by row
  audit SHOP_ID                                       prints who signed in and what was administered, a line each
  prepare-demo                                        what npm run demo uses
`,
}
