/** What core says of a quote that it drafts. */
export const QUOTE_DRAFT: Readonly<Record<string, string>> = {
  'quote.capacityNotKnown':
    'Capacity of the system not known: add the coolant by hand, or write the capacity into the system profile.',
  'quote.line.part.new': 'Part for: {fault}',
  'quote.line.part.mend': 'Mended, material for: {fault}',
  'quote.line.part.recore': 'New core for: {fault}',
  'quote.line.part.better': 'Part of better make for: {fault}',
  'quote.line.labour': 'Labour for: {fault}',
  'quote.line.bolts': 'Head bolts, a set of new ones',
  'quote.along.labour': 'Labour with it: {part}',
  'quote.line.concentrate': 'Coolant concentrate',
  'quote.line.water': 'Demineralised water',
  'quote.access.loop-opened': 'Drained, refilled and bled',
  'quote.access.front-open': 'Front opened and closed',
  'quote.access.pump-side-open': 'Pump side opened and closed',
  'quote.access.head-off': 'Head off and on',
  'quote.access.dash-out': 'Dash out and in',
}
