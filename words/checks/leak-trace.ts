import type { CheckWords } from './check-words'

export const leakTrace: CheckWords = {
  name: 'Trace the drip',
  why: 'Where it comes out.',
  states: {
    'source-found': 'Source found.',
    'not-found': 'Source not found yet.',
  },
  panel: {
    'leak-trace.engineStands': 'Engine stands',
    'leak-trace.lengthwise': 'Lengthwise',
    'leak-trace.crosswise': 'Crosswise',
    'leak-trace.howItStands':
      'Engine {engine, select, lengthwise {lengthwise} other {crosswise}}, {air, select, blew {air blew across it} other {no air blew across it}}',
    'leak-trace.didAirBlowAcrossIt': 'Did air blow across it?',
    'leak-trace.no': 'No',
    'leak-trace.fanOrRoadDid': 'Fan or road did',
    'leak-trace.theTrayFromAboveFront':
      'The tray from above, front at the top. Tap where it drips; drag to move.',
    'leak-trace.addADripInThe': 'Add a drip in the middle',
    'leak-trace.noDripMarkedYet': 'No drip marked yet.',
    'leak-trace.dropsAMinuteAbout':
      '{drips, plural, one {# drip} other {# drips}}, {perMinute} drops a minute, about {mLPerMinute}.',
    'leak-trace.partlyCounted':
      '{drips, plural, one {# drip} other {# drips}}, {counted} counted: {perMinute} drops a minute, at least {mLPerMinute}. Count the others.',
    'leak-trace.drip': 'Drip {picked}',
    'leak-trace.aboveIt': 'Above it:',
    'leak-trace.nothingStandsOut': 'nothing stands out',
    'leak-trace.inS': ': {taps} in {since} s',
    'leak-trace.tapAtEveryDrop': 'Tap at every drop{since}',
    'leak-trace.notCounted':
      '{drips, plural, one {# drip} other {# drips}}: tap at every drop to count it.',
    'leak-trace.aMinute': '{perMinute} a minute',
    'leak-trace.seenFalling': 'Watched falling, past everything',
    'leak-trace.elsewhere.title': 'Another hose, pipe or joint',
    'leak-trace.elsewhere.where': 'Which, in words',
    'leak-trace.elsewhere.add': 'Add this place',
    'leak-trace.elsewhere.takeOut': 'Take “{where}” out',
    'leak-trace.takeThisDripAway': 'Take this drip away',
    'leak-trace.theHighestWetPointSeen': 'The highest wet point seen from above',
    'leak-trace.sourcesSeenRepairBothThe':
      '{found} sources seen: {name}. Repair {found, plural, =2 {both; the first can hide the second} other {them all; the first can hide the others}}.',
    'leak-trace.takeItBack': 'Take it back',
    'leak-trace.top': 'Top',
    'leak-trace.high': 'High',
    'leak-trace.middle': 'Middle',
    'leak-trace.low': 'Low',
    'leak-trace.floor': 'Floor',
    'leak-trace.place-list.placesToLookAt': 'Places to look at',
    'leak-trace.place-list.lookHereLikeliestFirst': 'Look here, likeliest first',
    'leak-trace.place-list.allPlaces': 'All places',
    'leak-trace.place-list.dry': 'Dry',
    'leak-trace.place-list.wet': 'Wet',
    'leak-trace.place-list.driedWetAgain': 'Dried, wet again',
    'leak-trace.place-list.seenIssuing': 'Seen issuing',
    'leak-trace.tray-drawing.trayFromAboveFrontAt': 'Tray from above, front at the top',
    'leak-trace.tray-drawing.radiator': 'radiator',
    'leak-trace.tray-drawing.engine': 'engine',
    'leak-trace.tray-drawing.bulkhead': 'bulkhead',
    'leak-trace.tray-drawing.dripAMinuteArrowKeys':
      'Drip {i}, {perMinute, plural, =-1 {not counted} other {# a minute}}. Arrow keys move it',
  },
  sentences: {
    'locate.place':
      'Where exactly? Nothing is ordered for a wet part before coolant is seen to leave it.',
    'locate.pressed':
      'Where exactly? Under pressure it shows: coolant is seen to leave the part, or it is wetted from above.',
    'trace.elsewhere': 'Not in the list of places: {where}. Mend it there, and write it down.',
    'trace.partlyCounted': '{counted} of {drips} drips counted: it is that much at least.',
    'trace.airFlow': 'Air has blown across: drips are carried backward.',
    'trace.pass.wettedFromAbove': 'a wet part that is wetted from above',
    'trace.pass.dryOnHot': 'slow leaks that dry on hot parts',
    'says.trace.issuing': 'Seen issuing: {place}',
    'says.trace.dried-and-wet-again': 'Dried and wet again: {place}',
    'says.trace.wet': 'Wet: {place}',
    'says.trace.dry': 'Dry: {place}',
  },
}
