import { knownValue, type Part, partsOf, type SystemProfile } from '#core'

export interface Box {
  part: Part
  x: number
  y: number
  w: number
  h: number
}
export interface Pipe {
  id: string
  side: 'hot' | 'cold' | 'small'
  points: [number, number][]
}
/** Which way the coolant runs, between parts; degrees clockwise from rightwards. */
export interface Arrow {
  x: number
  y: number
  degrees: number
}
/** Something of this vehicle that is drawn and named, and has no checks of its own. */
export interface Fitting {
  /** which fitting, and the end of the id of its name in the words */
  id: 'rear-heater'
  x: number
  y: number
  w: number
  h: number
}
export interface LoopLayout {
  width: number
  height: number
  boxes: Box[]
  pipes: Pipe[]
  arrows: Arrow[]
  fittings: Fitting[]
}

/**
 * Where each part of this vehicle's loop stands: radiator left, engine in the middle, heater right; the thermostat on
 * the hose it sits in; the vessel above; coolers and small lines below and above the engine; an electric fan before
 * the radiator, an engine-driven one behind it; the cap on the tank or on the radiator's neck. Boxes of a row share a
 * grid, so that no combination overlaps.
 */
export function layoutLoop(profile: SystemProfile): LoopLayout {
  const parts = new Set(partsOf(profile))
  const inlet = knownValue(profile.thermostatSide) === 'inlet'
  const W = 112
  const H = 44
  const rowTop = 82
  const rowLow = 196
  const col = [148, 274, 400]
  const fan = knownValue(profile.fan)
  const behind = fan === 'viscous-clutch' || fan === 'engine-driven'
  const bottle = knownValue(profile.vessel) === 'overflow-bottle'
  const boxes: Box[] = [
    { part: 'fan', x: behind ? 104 : 0, y: 66, w: 28, h: 190 },
    { part: 'radiator', x: behind ? 4 : 32, y: 66, w: 96, h: 190 },
    { part: 'upper-hose', x: col[0]!, y: rowTop, w: W, h: H },
    { part: 'lower-hose', x: col[0]!, y: rowLow, w: W, h: H },
    { part: 'engine', x: col[2]!, y: 116, w: 120, h: 92 },
    { part: 'heater-hoses', x: 544, y: 96, w: W, h: H },
    { part: 'heater-core', x: 544, y: 184, w: W, h: H },
    { part: bottle ? 'cap' : 'expansion-tank', x: 32, y: 4, w: 96, h: H },
    { part: bottle ? 'expansion-tank' : 'cap', x: col[0]!, y: 4, w: W, h: H },
    { part: 'bypass-hose', x: col[2]!, y: 4, w: 120, h: H },
  ]
  if (inlet) {
    boxes.push(
      { part: 'thermostat', x: col[1]!, y: rowLow, w: W, h: H },
      { part: 'pump', x: col[2]!, y: 262, w: 120, h: H },
    )
  } else {
    boxes.push(
      { part: 'thermostat', x: col[1]!, y: rowTop, w: W, h: H },
      { part: 'pump', x: col[1]!, y: rowLow, w: W, h: H },
    )
  }
  const extras: Part[] = (['oil-cooler', 'egr-cooler', 'turbo-line'] as const).filter((p) =>
    parts.has(p),
  )
  const places: [number, number][] = [
    [col[0]!, 262],
    [col[1]!, 262],
    [544, 262],
  ]
  extras.forEach((part, i) => boxes.push({ part, x: places[i]![0], y: places[i]![1], w: W, h: H }))
  const top = rowTop + H / 2
  const low = rowLow + H / 2
  const pipes: Pipe[] = [
    {
      id: 'upper',
      side: 'hot',
      points: [
        [460, 120],
        [460, top],
        [120, top],
      ],
    },
    {
      id: 'lower',
      side: 'cold',
      points: inlet
        ? [
            [120, low],
            [386, low],
            [386, 284],
            [460, 284],
            [460, 200],
          ]
        : [
            [120, low],
            [460, low],
            [460, 200],
          ],
    },
    {
      id: 'heater-out',
      side: 'hot',
      points: [
        [510, 130],
        [532, 130],
        [532, 118],
        [550, 118],
      ],
    },
    {
      id: 'heater-core',
      side: 'hot',
      points: [
        [600, 130],
        [600, 190],
      ],
    },
    {
      id: 'heater-back',
      side: 'cold',
      points: [
        [550, 206],
        [532, 206],
        [532, 190],
        [515, 190],
      ],
    },
    {
      id: 'tank',
      side: 'small',
      points: [
        [80, 40],
        [80, 70],
      ],
    },
    {
      id: 'cap',
      side: 'small',
      points: [
        [120, 26],
        [160, 26],
      ],
    },
    {
      id: 'bypass',
      side: 'small',
      points: [
        [490, 44],
        [490, 120],
      ],
    },
  ]
  for (const [i] of extras.entries()) {
    const [x, y] = places[i]!
    if (i < 2)
      pipes.push({
        id: `extra${i}`,
        side: 'small',
        points: [
          [x + W / 2, y + 8],
          [x + W / 2, low],
        ],
      })
    else
      pipes.push({
        id: `extra${i}`,
        side: 'small',
        points: [
          [x, y + H / 2],
          [505, y + H / 2],
          [505, 200],
        ],
      })
  }
  const fittings: Fitting[] = []
  if (knownValue(profile.rearHeater) === true) {
    fittings.push({ id: 'rear-heater', x: 544, y: 232, w: W, h: 26 })
    pipes.push({
      id: 'rear-heater',
      side: 'small',
      points: [
        [600, 222],
        [600, 236],
      ],
    })
  }
  const arrows: Arrow[] = [
    { x: 138, y: top, degrees: 180 },
    { x: inlet ? 330 : 393, y: top, degrees: 180 },
    { x: 138, y: low, degrees: 0 },
    { x: 267, y: low, degrees: 0 },
    { x: 600, y: 162, degrees: 90 },
  ]
  const drawn = boxes.filter((b) => parts.has(b.part))
  const height = Math.max(...[...drawn, ...fittings].map((b) => b.y + b.h)) + 4
  return { arrows, fittings, width: 660, height, boxes: drawn, pipes }
}
