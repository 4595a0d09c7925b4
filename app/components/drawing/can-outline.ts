/**
 * Side view of a can that has lost part of its volume, as an SVG path around the origin, mouth end at negative y.
 *
 * The sides fold inward in lobes: the more volume is lost, the deeper; a dent shows on one side first.
 * @param width of the sound can @param height of it @param lost fraction of the volume, 0 to 1
 */
export function canOutline(width: number, height: number, lost: number): string {
  const STEPS = 22
  const depth = Math.min(0.47, 0.56 * lost) * width
  const fold = 0.05 * width * Math.min(1, lost * 3)
  const shorter = 1 - 0.18 * lost
  const side = (sign: 1 | -1): [number, number][] => Array.from({ length: STEPS + 1 }, (_, i) => {
    const share = i / STEPS
    const caved = depth * Math.sin(Math.PI * share) ** 0.7 * (sign > 0 ? 1 : 0.92)
    const folded = fold * Math.sin((5 + (sign > 0 ? 0 : 1)) * Math.PI * share) * Math.sin(Math.PI * share)
    return [sign * (width / 2 - caved - folded), (share - 0.5) * height * shorter]
  })
  const right = side(1)
  const left = side(-1).reverse()
  return `M${[...right, ...left].map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join('L')}Z`
}
