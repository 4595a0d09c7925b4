import { kilopascals, type Values } from '../../../demonstration'
import { MOST_GAUGE } from '../../../cautions'
/** Most that is stated so that 99 of 100 pressings still stay under the bottle's limit: a gauge is read to 6 %, a squeeze to 20 %. */
const READ_TO = 0.86
const SQUEEZED_TO = 0.63

/** What is refused: spirits near a flame, and more pressure than bottle and stopper are good for. */
export function check({ numbers: n, choices }: Values): { input: string, message: string }[] {
  const most = Math.min(MOST_GAUGE, READ_TO * n.pressureRating!)
  const hardest = SQUEEZED_TO * n.pressureRating!
  return [
    ...(choices.liquid === 'ethanol' && choices.nuclei === 'smoke'
      ? [{ input: 'nuclei', message: 'given "smoke" with ethanol; refused: smoke means a match, and the vapour of spirits in the bottle catches fire from it; accepted: room, none, or water as the liquid' }]
      : []),
    ...(choices.way !== 'squeeze' && n.gaugePressure! > most
      ? [{ input: 'gaugePressure', message: `given ${kilopascals(n.gaugePressure!)}; accepted: at most ${kilopascals(most)}, so that it stays under the stated limit of ${kilopascals(n.pressureRating!)} and under ${kilopascals(MOST_GAUGE)} in any bottle` }]
      : []),
    ...(choices.way === 'squeeze' && n.squeezePressure! > hardest
      ? [{ input: 'squeezePressure', message: `given ${kilopascals(n.squeezePressure!)}; accepted: at most ${kilopascals(hardest)}, so that it stays under the stated limit of ${kilopascals(n.pressureRating!)}` }]
      : []),
  ]
}
