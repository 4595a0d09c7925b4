/** Public face of the computation. */
export {
  saturationPressure,
  saturationTemperature,
  liquidWater,
  waterVapour,
  latentHeat,
  liquidDensity,
} from './substances/water'
export { iceToHold } from './mechanisms/bath'
export { humidAirDensity, humidityRatio } from './substances/air'
export { SOLIDS } from './substances/solids'
export { standardAtmospherePressure, stationPressureFromReport } from './place/atmosphere'
export { volumeGone, waterCameIn, type Weighed } from './vessels/weighing-afterwards'
export { lengthInPhoto, type PhotoPoint } from './vessels/photo-scale'
export { capacityFromWeighing, thicknessFromMass } from './vessels/weighing'
export type { CrushedShell } from './vessels/crushed-shell'
export { crushedMesh, type ShellMesh } from './vessels/crushed-shape'
export { outerSurface, enclosedVolume, crossSection } from './vessels/cylinder'
export { vonMisesBuckling, windenburgTrillingPressure } from './vessels/buckling'
export { efficiencyFromWarming, type WarmingTrial, type MeasuredEfficiency } from './mechanisms/heater-efficiency'
export * from './units'
export * from './sentence'
export { WHO_DECIDES, type Caution } from './cautions'
export * from './demonstration'
export * from './picture'
export * from './catalogue'
export * from './forecast'
export * from './running-order'
export * from './lesson'
export * from './live'
export * from './practice'
export * from './readings'
export * from './hearing'
export * from './formats'
export * from './records'
