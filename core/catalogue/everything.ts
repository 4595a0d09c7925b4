/** All demonstrations at hand from the start: for the server, its threads, the command line and the tests. */
import type { Demonstration } from '../demonstration'
import { balloonEmptied } from './vacuum/balloon-emptied'
import { balloonInGlass } from './holding/balloon-in-glass'
import { balloonIntoFlask } from './steam/balloon-into-flask'
import { balloonLine } from './motion/balloon-line'
import { bellInVacuum } from './vacuum/bell-in-vacuum'
import { bellJarBalloon } from './vacuum/bell-jar-balloon'
import { bottleFill } from './steam/bottle-fill'
import { bottleLine } from './motion/bottle-line'
import { canPlunge } from './steam/can-plunge'
import { candleJar } from './hot-air/candle-jar'
import { canisterPop } from './motion/canister-pop'
import { cardAndGlass } from './holding/card-and-glass'
import { cloudBottle } from './cloud-and-float/cloud-bottle'
import { diver } from './cloud-and-float/diver'
import { drumReinflate } from './steam/drum-reinflate'
import { eggInBottle } from './hot-air/egg-in-bottle'
import { eggOut } from './hot-air/egg-out'
import { flaskFountain } from './steam/flask-fountain'
import { hotWaterBottle } from './steam/hot-water-bottle'
import { jarBarometer } from './vacuum/jar-barometer'
import { pumpedCan } from './vacuum/pumped-can'
import { lowPressureBoil } from './vacuum/low-pressure-boil'
import { plates } from './holding/plates'
import { processVessel } from './steam/process-vessel'
import { sealedDrum } from './steam/sealed-drum'
import { sealedTin } from './steam/sealed-tin'
import { softPack } from './vacuum/soft-pack'
import { suctionCup } from './holding/suction-cup'
import { syringeBoil } from './vacuum/syringe-boil'
import { syringeMarshmallow } from './vacuum/syringe-marshmallow'
import { vacuumCannon } from './motion/vacuum-cannon'
import { warmedBottle } from './steam/warmed-bottle'

import { know } from './known'

/** Every demonstration, in the order the gallery shows them. */
export const DEMONSTRATIONS: readonly Demonstration[] = [
  canPlunge,
  sealedTin,
  sealedDrum,
  drumReinflate,
  hotWaterBottle,
  warmedBottle,
  bottleFill,
  flaskFountain,
  balloonIntoFlask,
  processVessel,
  eggInBottle,
  eggOut,
  candleJar,
  bellJarBalloon,
  softPack,
  balloonEmptied,
  pumpedCan,
  jarBarometer,
  lowPressureBoil,
  syringeBoil,
  syringeMarshmallow,
  bellInVacuum,
  plates,
  suctionCup,
  cardAndGlass,
  balloonInGlass,
  cloudBottle,
  diver,
  vacuumCannon,
  balloonLine,
  canisterPop,
  bottleLine,
]
know(DEMONSTRATIONS)

export { findDemonstration } from './known'
