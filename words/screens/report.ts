export const REPORT: Readonly<Record<string, string>> = {
  'report.outcome-section.notClearedByThis': 'Not cleared by this:',
  'report.suspect-table.whatIsLikelyAndWhat': 'What is likely, and what is not proven',
  'report.suspect-table.suspect': 'Suspect',
  'report.suspect-table.howLikely': 'How likely',
  'report.suspect-table.notProvenYet': 'Not proven yet',
  'report.suspect-table.consequence': ' (consequence)',
  'report.suspect-table.nothingAllOfItIs': 'nothing: all of it is shown',
  'report.suspect-table.nothingWrongAtAllSomething':
    'Nothing wrong at all: {nothingWrong}. Something the book does not list: {notInTheBook}.',
  'report.backToTheCase': 'Back to the case',
  'report.exportTheCase': 'Export the case',
  'report.printOrSaveAsPdf': 'Print or save as PDF',
  'report.coolingSystemReport': 'Cooling-system report',
  'report.openedBy': '{title}. Opened {openedAt} by {openedBy}.',
  'report.declared': 'Declared',
  'report.photographs': 'Photographs',
  'report.photograph': 'Photograph',
  'report.workDone': 'Work done',
  'report.assumed': 'Assumed',
  'report.nobodyYet': 'nobody yet',
  'report.notKnown': 'not known',
  'report.recordedByElevationCapAsked':
    'Recorded by {people}. Elevation {elevationMetres}. Cap asked for: {ratingKPa}. Book {version} ({hash}), engine {engine}.',
  'report.supportsAQualifiedTechnicianThe':
    'Supports a qualified technician. The maker’s procedure and figures, local codes and licensed practice go first. A diagnosis can be withdrawn when more is known.',
  'report.thisCaseIsNotComplete': 'This case is not complete on this device.',
  'report.declaredAs':
    '{as, select, proven {proven} withdrawn {withdrawn} ordered {part ordered} other {part ordered without proof}}, {when}.',
}
