import { HUSH, type ResultSpec } from '../../demonstration'

const RESULTS = [
  { id: 'boilingTemperature', name: 'water boils here at', quantity: 'temperature', units: ['degC', 'degF'] },
  { id: 'timeToBoil', name: 'boils after', quantity: 'time', units: ['s', 's'] },
  {
    id: 'timeToPlume',
    name: 'steady plume after',
    quantity: 'time',
    units: ['s', 's'],
    measuredBy: ['heat-on', 'plume'],
  },
  { id: 'timeToDry', name: 'dry after', quantity: 'time', units: ['s', 's'] },
  { id: 'waterLeft', name: 'water left at the seal', quantity: 'mass', units: ['g', 'oz'], weighed: 'was-in' },
  { id: 'residualAirFraction', name: 'air in the gas at the seal', quantity: 'fraction', units: ['%', '%'] },
  { id: 'steamMass', name: 'steam at the seal', quantity: 'mass', units: ['g', 'oz'] },
  { id: 'criticalPressureDifference', name: 'difference the wall holds', quantity: 'pressure', units: ['kPa', 'psi'] },
  { id: 'peakPressureDifference', name: 'greatest difference', quantity: 'pressure', units: ['kPa', 'psi'] },
  { id: 'floorPressure', name: 'lowest pressure it could reach', quantity: 'pressure', units: ['kPa', 'psi'] },
  { id: 'outsideForce', name: 'outside air on the whole surface', quantity: 'force', units: ['kN', 'lbf'] },
  { id: 'peakNetForce', name: 'greatest difference on the whole surface', quantity: 'force', units: ['kN', 'lbf'] },
  { id: 'hush', name: 'hush', quantity: 'time', units: ['s', 's'], measuredBy: HUSH },
  { id: 'giveUpTime', name: 'nothing more will come after', quantity: 'time', units: ['s', 's'] },
  { id: 'talkTime', name: 'panels talk after', quantity: 'time', units: ['s', 's'], firstPop: true },
  { id: 'waterDrawnIn', name: 'water drawn in', quantity: 'volume', units: ['mL', 'floz'], weighed: 'came-in' },
  { id: 'fillFraction', name: 'share of the vessel that fills', quantity: 'fraction', units: ['%', '%'] },
  { id: 'timeToFill', name: 'full, or nearly as full as it gets, after', quantity: 'time', units: ['s', 's'] },
  { id: 'peakInflowSpeed', name: 'fastest water in the mouth', quantity: 'speed', units: ['m/s', 'ft/s'] },
  { id: 'peakWallForce', name: 'greatest jolt on the vessel', quantity: 'force', units: ['N', 'lbf'] },
  { id: 'peakPull', name: 'greatest pull on the vessel, down into the bowl', quantity: 'force', units: ['N', 'lbf'] },
  { id: 'blowEnergy', name: 'energy of a blow on the bowl', quantity: 'energy', units: ['J', 'ft lbf'] },
  { id: 'inflowImpulse', name: 'push the hand must take up', quantity: 'impulse', units: ['N s', 'lbf s'] },
  { id: 'slamPressure', name: 'hammer pressure if it fills to the top', quantity: 'pressure', units: ['MPa', 'psi'] },
  { id: 'glassChill', name: 'sudden chill of the glass', quantity: 'temperatureDifference', units: ['K', 'degF'] },
  { id: 'volumeLost', name: 'volume lost', quantity: 'fraction', units: ['%', '%'], weighed: 'lost' },
  { id: 'bathTemperatureAfter', name: 'bath afterwards', quantity: 'temperature', units: ['degC', 'degF'] },
  { id: 'reliefArea', name: 'vent it needs', quantity: 'area', units: ['cm2', 'in2'] },
  { id: 'peakGaugePressure', name: 'greatest overpressure', quantity: 'pressure', units: ['kPa', 'psi'] },
  { id: 'timeToPop', name: 'pops back after', quantity: 'time', units: ['s', 's'], measuredBy: HUSH },
] as const satisfies readonly ResultSpec[]

type SharedResult = (typeof RESULTS)[number]['id']

/** Shared results in the order given. */
export const steamResults = <const Ids extends readonly SharedResult[]>(...ids: Ids): ResultSpec<Ids[number]>[] =>
  ids.map(id => RESULTS[RESULTS.findIndex(r => r.id === id)])
