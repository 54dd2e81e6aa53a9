/** What the shop is called, where it stands and how it works. */
export const SHOP: Readonly<Record<string, string>> = {
  'shop.title': 'The shop, and how it works',
  'shop.what': 'Its name and elevation, the school it follows, the stop limit',
  'shop.name': 'Name of the shop, as reports say it',
  'shop.elevation': 'Elevation',
  'shop.elevationSays':
    'It sets where water boils and how a hold is judged. Cases that are open keep the one they were opened with.',
  'shop.school': 'School whose way is shown first',
  'shop.schoolSays':
    'In the whole way of a case the others stand beside it. The one check that is next is always the one that settles most for its time.',
  'shop.whereWorkersDiffer': 'Where practitioners differ',
  'shop.stopLimit': 'A run is stopped at this coolant temperature',
  'shop.turns': 'Turns of a fan after switch-off that still count as gripping',
  'shop.cold': 'A cold viscous clutch is normal when it turns',
  'shop.cold.free': 'Freely',
  'shop.cold.some-drag': 'With some drag',
  'shop.cold.either': 'Either way',
  'shop.hold': 'A hold is begun with this limit, unless another is chosen for it',
  'shop.hold.usual': 'Falls no more than {fall} in {minutes} minutes',
  'shop.hold.strict': 'No movement in {minutes} minutes',
  'shop.book': 'The book: {is}',
  'shop.because': 'Why this shop departs from the book',
  'shop.sayWhy': 'Say why the shop departs from the book.',
  'shop.nameIt': 'Give the shop its name.',
  'shop.everyField': 'Every field needs a figure in its range.',
  'shop.keep': 'Set it for the shop',
  'shop.asTheBook': 'As the book has it',
  'shop.changes': 'What was set, when and by whom',
  'shop.setTo':
    '{name}, {elevation}. {school}. Runs stop at {limit}; {turns} turns after switch-off; cold clutch: {cold}; holds: {hold}.',
}
