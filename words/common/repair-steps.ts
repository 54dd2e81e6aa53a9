/** Steps of a repair, and what stands before those at which somebody or the engine can be harmed. */
export const REPAIR_STEP_WORDS: Readonly<Record<string, string>> = {
  'repair-step.cold-and-open': 'Cold, pressure let off, cap opened',
  'repair-step.cold-and-open.caution': 'Hot coolant scalds. Nothing is opened until it is cold.',
  'repair-step.fan-disarmed': 'Fan cannot start: unplugged, or its fuse out',
  'repair-step.fan-disarmed.caution': 'An electric fan can start by itself with the key out.',
  'repair-step.drained': 'Drained into a clean tray',
  'repair-step.drained.caution':
    'Coolant is poisonous and tastes sweet: keep it from children and animals, dispose of it by local rules.',
  'repair-step.front-out': 'Front opened, coolers hung aside, open ends closed',
  'repair-step.belt-off': 'Way of the belt sketched, timing marks set, belt off',
  'repair-step.dash-out': 'Dash out',
  'repair-step.dash-out.caution':
    'Air bags first: made safe by the maker’s procedure, by somebody who may.',
  'repair-step.head-off': 'Bolts slackened in stages, from outside in; head off',
  'repair-step.head-off.caution':
    'On a cold engine only: a head whose bolts are slackened warm warps.',
  'repair-step.faces-clean': 'Faces clean and unscored, ports kept shut',
  'repair-step.bolt-holes-dry': 'Bolt holes clean and dry',
  'repair-step.bolt-holes-dry.caution':
    'Oil or coolant that is left in a blind hole cracks the block when the bolt goes in. Eye protection when they are blown out.',
  'repair-step.part-compared': 'New part laid beside the old: shape, ports, rating',
  'repair-step.seals-new': 'New seals and gaskets, dry or sealed as the maker has it',
  'repair-step.thermostat-way': 'Thermostat the right way round, its vent on top',
  'repair-step.tightened': 'Tightened in the maker’s order and stages',
  'repair-step.hoses-seated': 'Stubs clean, hoses past the bead, clamps square',
  'repair-step.plugs-locked': 'Contacts clean, plugs locked, harness clear of fan and exhaust',
  'repair-step.belt-set': 'Belt on its way, tension set, turned twice by hand',
  'repair-step.filled-and-bled': 'Filled and bled, the air proven out',
  'repair-step.codes-cleared': 'Trouble codes noted, then cleared',
  'repair-step.torque': 'Torque and angle of each stage',
}
