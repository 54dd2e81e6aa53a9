/** What several views say, looked up by an id put together: complaints, stages, tabs, the cautions of the start card. */
export const SHARED: Readonly<Record<string, string>> = {
  'complaint.coolant-loss': 'Loses coolant',
  'complaint.overheats': 'Overheats',
  'complaint.no-heat': 'No heat',
  'complaint.inspection': 'Inspection',
  'drive.cylinder': 'Not to be started or driven: coolant stood in a cylinder.',
  'drive.oil': 'Not to be driven: oil and coolant are mixed, which ruins bearings within minutes.',
  'drive.gearbox':
    'Not to be driven: gearbox fluid and coolant are mixed, which ruins the gearbox.',
  'drive.empty': 'Not to be driven: hardly any coolant is left in it.',
  'drive.gross':
    'Not to be driven: under pressure it loses coolant faster than it can be topped up.',
  'drive.limit': 'Not to be driven: it came to the highest temperature it may have.',
  'drive.overheats': 'Not to be driven until its cause is mended: it overheats.',
  'drive.loses':
    'Drive with care: look at the level, cold, before every trip, and stop at once if the needle rises.',
  'drive.mended': 'Mended and not proven yet: keep an eye on needle and level.',
  'drive.noHeat': 'May be driven: the engine is cooled, the cabin is not heated.',
  'drive.freely': 'May be driven: nothing was found that speaks against it.',
  'drive.may.not': 'Do not drive',
  'drive.may.with-care': 'Drive with care',
  'drive.may.yes': 'May be driven',
  'stage.closed': 'Closed',
  'stage.repaired': 'Repaired, to be proven',
  'stage.pressed': 'Pressed',
  'stage.begun': 'Cold checks begun',
  'stage.complaint-taken': 'Complaint taken',
  'tab.check': 'Check',
  'tab.suspects': 'Suspects',
  'tab.loop': 'Loop',
  'tab.steps': 'Steps',
  'start.never-open-hot':
    'Never open a hot or pressurised system. Cold means measured under {cold} and no pressure: often an hour or more.',
  'start.fans-start':
    'Electric fans start by themselves, key off too. Fans, belts and pulleys take fingers and sleeves.',
  'start.marked-pressure':
    'Do not pass the marked pressure. Face away. Release pressure before removing the tester.',
  'start.poison':
    'Coolant is poisonous and sweet to animals: catch it, wipe it up, dispose of it by local rules.',
  'start.stands': 'Vehicle on stands, wheels chocked, exhaust vented.',
  'start.full-cylinder':
    'After a hold with unexplained loss: plugs out and turn the engine by hand before any cranking.',
  'start.high-voltage': 'High-voltage vehicle: qualified people only, by the maker’s procedure.',
  'state.nothing': 'Nothing found.',
  'shared.notNamed': 'not named',
  'shared.nameErased': 'name erased',
}
