export const LOOP: Readonly<Record<string, string>> = {
  'loop.loop-drawing.theCoolingLoopOfThis': 'The cooling loop of this vehicle',
}
