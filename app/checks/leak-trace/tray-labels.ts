/** A place on the tray, with the circle drawn round it; px in the drawing. */
export interface Spot {
  id: string
  x: number
  y: number
  r: number
  text: string
}
export interface Box {
  x: number
  y: number
  w: number
  h: number
}
export interface Label {
  x: number
  /** base line of the text, whose middle is at x */
  y: number
  box: Box
}

interface Placed extends Label {
  /** px more than usual from its circle, or as bad */
  further: number
}

const LETTER_PX = 6.6
const HEIGHT_PX = 16
const GAP_PX = 3
/** from the top of a text's box to its base line */
const ASCENT_PX = 12
const EDGE_PX = 4
/** A name beside its circle lies over more of what it points away from than one above or below. */
const BESIDE_PX = 8
const STEPS_PX = [0, 18, 36]
/** A cut name cannot be read, one upon another hardly; over a circle or a drip it can. */
const CUT_WEIGHT = 400
const NAME_WEIGHT = 100
/** px of area that a name may cover rather than stand a px further from its circle, where it could be taken for another's */
const AWAY_WEIGHT_PX = 25

const covered = (a: Box, b: Box) =>
  Math.max(0, Math.min(a.x + a.w, b.x + b.w) - Math.max(a.x, b.x)) *
  Math.max(0, Math.min(a.y + a.h, b.y + b.h) - Math.max(a.y, b.y))
const total = (box: Box, over: readonly Box[]) =>
  over.reduce((sum, other) => sum + covered(box, other), 0)

/** Places a name may stand at beside its circle, the one that reads best first; moved sideways where the tray would cut it. */
function around({ x, y, r, text }: Spot, width: number): Placed[] {
  const w = text.length * LETTER_PX
  const at = (left: number, top: number, further: number): Placed => {
    const inside = Math.max(EDGE_PX, Math.min(width - EDGE_PX - w, left))
    return {
      x: inside + w / 2,
      y: top + ASCENT_PX,
      box: { x: inside, y: top, w, h: HEIGHT_PX },
      further,
    }
  }
  return STEPS_PX.flatMap((further) => [
    at(x - w / 2, y - r - GAP_PX - HEIGHT_PX - further, further),
    at(x - w / 2, y + r + GAP_PX + further, further),
    at(x + r + GAP_PX + further, y - HEIGHT_PX / 2, further + BESIDE_PX),
    at(x - r - GAP_PX - further - w, y - HEIGHT_PX / 2, further + BESIDE_PX),
  ])
}

/**
 * Where the name of each place stands on the tray: beside its circle, inside `width` x `height`, off the names before
 * it, and over as little as can be of `others`: drips and circles. `spots` come most likely first.
 */
export function placeLabels(
  spots: readonly Spot[],
  others: readonly Box[],
  width: number,
  height: number,
): Map<string, Label> {
  const names: Box[] = []
  const out = new Map<string, Label>()
  for (const spot of spots) {
    let best: Placed | undefined
    let least = Infinity
    for (const label of around(spot, width)) {
      const { box } = label
      const cut =
        box.w * box.h - covered(box, { x: 0, y: EDGE_PX, w: width, h: height - 2 * EDGE_PX })
      const cost =
        AWAY_WEIGHT_PX * label.further +
        CUT_WEIGHT * cut +
        NAME_WEIGHT * total(box, names) +
        total(box, others)
      if (cost < least - 1e-9) [best, least] = [label, cost]
    }
    out.set(spot.id, { x: best!.x, y: best!.y, box: best!.box })
    names.push(best!.box)
  }
  return out
}

/**
 * What stands on the tray already, px: the radiator's name across the front, the engine's at its rear edge, circles, and
 * drips. The drawing is `W` wide and `H` high; the engine and the drips are given in shares of it.
 */
export const takenOnTray = (
  W: number,
  H: number,
  engine: Box,
  circles: readonly Pick<Spot, 'x' | 'y' | 'r'>[],
  drips: readonly { x: number; y: number }[],
): Box[] => [
  { x: 0.08 * W, y: 8, w: 0.84 * W, h: 22 },
  {
    x: (engine.x + engine.w / 2) * W - 24,
    y: (engine.y + 0.85 * engine.h) * H - 13,
    w: 48,
    h: 17,
  },
  ...circles.map(({ x, y, r }) => ({ x: x - r, y: y - r, w: 2 * r, h: 2 * r })),
  ...drips.map(({ x, y }) => ({ x: x * W - 12, y: y * H - 17, w: 24, h: 34 })),
]
