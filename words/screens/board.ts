export const BOARD: Readonly<Record<string, string>> = {
  'board.openCases': 'Open cases',
  'board.caseFileToImport': 'Case file to import',
  'board.importACase': 'Import a case',
  'board.newComplaint': 'New complaint',
  'board.noOpenCase': 'No open case',
  'board.whenAVehicleComesIn':
    'When a vehicle comes in, take its complaint: it takes less than a minute.',
  'board.theServerCannotBeReached':
    'The server cannot be reached, and this device has no copy yet.',
  'board.openingTheShopsCopyOn': 'Opening the shop’s copy on this device …',
  'board.hide': 'Hide',
  'board.show': 'Show',
  'board.closed': '{showClosed} {closedCount} closed',
  'board.isTooLargeACase': '{name} is too large: a case file has at most {max_file_bytes} MB.',
  'board.entriesTakenIn': '{name}: {added, plural, one {# entry} other {# entries}} taken in.',
  'board.wasHereAlreadyNothingChanged': '{name} was here already; nothing changed.',
}
