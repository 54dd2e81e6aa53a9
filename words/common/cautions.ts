/** What stands before a step that can hurt somebody. */
export const CAUTIONS: Readonly<Record<string, string>> = {
  'caution.capStaysOn': 'The cap stays on. Watch the level through the tank.',
  'caution.cranking':
    'Fuel and ignition disabled, coils safe, hands clear. High-voltage vehicles by the maker’s mode only.',
  'caution.engineCanTurn':
    'Compressed air can turn the engine: hands and tools clear, gearbox in neutral, wheels chocked.',
  'caution.engineOffBeforeHand': 'Engine off, key out, fan standing still before a hand goes near.',
  'caution.engineOffKeyOut': 'Engine off, key out. Electric fans can start by themselves.',
  'caution.fansStart': 'Fans can start unannounced, key off too. Hands and sleeves clear.',
  'caution.funnelNotCold':
    'The funnel was not fitted cold: do not open a hot system. Let it cool first.',
  'caution.fusedFeed': 'A direct feed goes through a fuse.',
  'caution.glycol':
    'Glycol is poisonous and sweet: catch it, wipe it up, keep animals and children away.',
  'caution.highVoltageLoop':
    'High-voltage loops are separate circuits: identify which loop this is before touching it.',
  'caution.hotSurfaces': 'Hot surfaces; fan and belt clear.',
  'caution.neverOpenHot': 'Never open a hot pressurised cap. Fit funnel or adapter cold.',
  'caution.openNeckBoils': 'An open neck boils at no pressure: watch the margin.',
  'caution.plugHole':
    'Ignition and fuel disabled, key out. Coolant under pressure can shoot from a plug hole: glasses on, face away.',
  'caution.ownElectronics':
    'A fan with electronics of its own is never fed directly: it is commanded, or its plug is measured.',
  'caution.probeDry': 'No liquid into the probe.',
  'caution.raisedSpeed':
    'Raised speed only in park, braked, chocked, somebody at the car; exhaust vented.',
  'caution.reliefKept':
    'The adapter’s relief stays at or below the cap’s rating: it is the safety valve now.',
  'caution.reliefNotShown':
    'Relief of the adapter not shown to be at or below the cap’s rating: do not run the engine on it.',
  'caution.scaldPinch': 'Scalding water, and a closing valve pinches: gloves and tongs.',
  'caution.stands': 'On stands, not on a jack; belts and fans clear.',
  'caution.starting':
    'Park or neutral, handbrake on, wheels chocked, exhaust vented. Hands and sleeves clear of fan and belt.',
  'caution.stopLimit': 'Stop the engine at {limit}, or when boiling is near.',
  'caution.hold':
    'Cold and below the cap’s mark. Face away from the neck. Release before you take the tester off.',
  'caution.holdHot':
    'Only through an adapter that keeps its relief and was fitted while it was cold. Below the cap’s mark. Nothing is opened hot; face away from the neck.',
  'caution.aboveMarking': 'Above the {maximum} allowed. Let pressure off now.',
  'caution.notCold': 'Not cold: {limit} or more. Wait. Hot coolant scalds.',
  'caution.cylinderMayBeFull':
    'Pressure went and nothing dripped: a cylinder may be full. Before any cranking, plugs out and turn the engine by hand.',
}
