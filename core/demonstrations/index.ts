import type { Demonstration } from './face'
import { balloonEmptied } from './balloon-emptied'
import { balloonInGlass } from './balloon-in-glass'
import { balloonLine } from './balloon-line'
import { bellInVacuum } from './bell-in-vacuum'
import { bellJarBalloon } from './bell-jar-balloon'
import { bottleFill } from './bottle-fill'
import { bottleLine } from './bottle-line'
import { canPlunge } from './can-plunge'
import { candleJar } from './candle-jar'
import { canisterPop } from './canister-pop'
import { cardAndGlass } from './card-and-glass'
import { cloudBottle } from './cloud-bottle'
import { diver } from './diver'
import { drumReinflate } from './drum-reinflate'
import { eggInBottle } from './egg-in-bottle'
import { eggOut } from './egg-out'
import { flaskFountain } from './flask-fountain'
import { hotWaterBottle } from './hot-water-bottle'
import { jarBarometer } from './jar-barometer'
import { lowPressureBoil } from './low-pressure-boil'
import { plates } from './plates'
import { processVessel } from './process-vessel'
import { sealedDrum } from './sealed-drum'
import { sealedTin } from './sealed-tin'
import { softPack } from './soft-pack'
import { suctionCup } from './suction-cup'
import { vacuumCannon } from './vacuum-cannon'
import { warmedBottle } from './warmed-bottle'

/** Every demonstration, in the order the gallery shows them. */
export const DEMONSTRATIONS: readonly Demonstration[] = [
  canPlunge, sealedTin, sealedDrum, drumReinflate, hotWaterBottle, warmedBottle, bottleFill, flaskFountain, processVessel,
  eggInBottle, eggOut, candleJar,
  bellJarBalloon, softPack, balloonEmptied, jarBarometer, lowPressureBoil, bellInVacuum,
  plates, suctionCup, cardAndGlass, balloonInGlass,
  cloudBottle, diver,
  vacuumCannon, balloonLine, canisterPop, bottleLine,
]

export const findDemonstration = (id: string): Demonstration | undefined => DEMONSTRATIONS.find(d => d.id === id)

export * from './face'
export type { Point, Said, Scene, Shape, Stuff } from './scene'
export { resolve, acceptedRange, describeSpread, findInput, usualSpread, type Fault, type Given } from './resolve'
export { ROOM_INPUTS, stationPressureOf } from './room-inputs'
export { adviceOf, cautionsOf, endangers, failuresOf, hazardsOf, partsOf } from './judged'
export { riskOf, mayStillGo, RISK_SHARES, type Risk, type RiskShare } from './risk'
export { REFUSALS, type Refusal } from './refusals'
export type { FailureAct, FailureKind } from './failure'
export { valueAt } from './trace-reading'
export { largestVolume, particlesAt, type GasState, type ParticleState } from './particles'
