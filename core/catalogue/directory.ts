/** Where each demonstration is, in the order the gallery shows them. A page fetches those that it is about. */
import type { Demonstration } from '../demonstration'

export const DIRECTORY: Readonly<Record<string, () => Promise<Demonstration>>> = {
  'can-plunge': async () => (await import('./steam/can-plunge')).canPlunge,
  'sealed-tin': async () => (await import('./steam/sealed-tin')).sealedTin,
  'sealed-drum': async () => (await import('./steam/sealed-drum')).sealedDrum,
  'drum-reinflate': async () => (await import('./steam/drum-reinflate')).drumReinflate,
  'hot-water-bottle': async () => (await import('./steam/hot-water-bottle')).hotWaterBottle,
  'warmed-bottle': async () => (await import('./steam/warmed-bottle')).warmedBottle,
  'bottle-fill': async () => (await import('./steam/bottle-fill')).bottleFill,
  'flask-fountain': async () => (await import('./steam/flask-fountain')).flaskFountain,
  'balloon-into-flask': async () => (await import('./steam/balloon-into-flask')).balloonIntoFlask,
  'process-vessel': async () => (await import('./steam/process-vessel')).processVessel,
  'egg-in-bottle': async () => (await import('./hot-air/egg-in-bottle')).eggInBottle,
  'egg-out': async () => (await import('./hot-air/egg-out')).eggOut,
  'candle-jar': async () => (await import('./hot-air/candle-jar')).candleJar,
  'bell-jar-balloon': async () => (await import('./vacuum/bell-jar-balloon')).bellJarBalloon,
  'soft-pack': async () => (await import('./vacuum/soft-pack')).softPack,
  'balloon-emptied': async () => (await import('./vacuum/balloon-emptied')).balloonEmptied,
  'pumped-can': async () => (await import('./vacuum/pumped-can')).pumpedCan,
  'jar-barometer': async () => (await import('./vacuum/jar-barometer')).jarBarometer,
  'low-pressure-boil': async () => (await import('./vacuum/low-pressure-boil')).lowPressureBoil,
  'syringe-boil': async () => (await import('./vacuum/syringe-boil')).syringeBoil,
  'syringe-marshmallow': async () => (await import('./vacuum/syringe-marshmallow')).syringeMarshmallow,
  'bell-in-vacuum': async () => (await import('./vacuum/bell-in-vacuum')).bellInVacuum,
  plates: async () => (await import('./holding/plates')).plates,
  'suction-cup': async () => (await import('./holding/suction-cup')).suctionCup,
  'card-and-glass': async () => (await import('./holding/card-and-glass')).cardAndGlass,
  'balloon-in-glass': async () => (await import('./holding/balloon-in-glass')).balloonInGlass,
  'cloud-bottle': async () => (await import('./cloud-and-float/cloud-bottle')).cloudBottle,
  diver: async () => (await import('./cloud-and-float/diver')).diver,
  'vacuum-cannon': async () => (await import('./motion/vacuum-cannon')).vacuumCannon,
  'balloon-line': async () => (await import('./motion/balloon-line')).balloonLine,
  'canister-pop': async () => (await import('./motion/canister-pop')).canisterPop,
  'bottle-line': async () => (await import('./motion/bottle-line')).bottleLine,
}

/** Every demonstration's id. */
export const DEMONSTRATION_IDS: readonly string[] = Object.keys(DIRECTORY)
