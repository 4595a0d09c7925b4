import { enclosedVolume } from '../../vessels/cylinder'
import { saturationTemperature } from '../../substances/water'
import { formatQuantity } from '../../units'
import type { Demonstration, ResultSpec, Values } from '../face'
import { cautions } from './cautions'
import { drawing } from './drawing'
import { INPUTS } from './inputs'
import { ledger } from './ledger'
import { OUTCOMES } from './outcomes'
import { PROCEDURE } from './procedure'
import { simulate } from './simulate'
import { COLUMNS } from './trace-recorder'
import { waterWindow } from './water-window'
import { explanation, why } from './words'

const RESULTS: readonly ResultSpec[] = [
  { id: 'boilingTemperature', name: 'water boils here at', quantity: 'temperature', units: ['degC', 'degF'] },
  { id: 'timeToBoil', name: 'boils after', quantity: 'time', units: ['s', 's'] },
  { id: 'timeToPlume', name: 'steady plume after', quantity: 'time', units: ['s', 's'] },
  { id: 'timeToDry', name: 'dry after', quantity: 'time', units: ['s', 's'] },
  { id: 'waterLeft', name: 'water left at the seal', quantity: 'mass', units: ['g', 'oz'] },
  { id: 'residualAirFraction', name: 'air in the gas at the seal', quantity: 'fraction', units: ['%', '%'] },
  { id: 'steamMass', name: 'steam at the seal', quantity: 'mass', units: ['mg', 'mg'] },
  { id: 'criticalPressureDifference', name: 'difference the wall holds', quantity: 'pressure', units: ['kPa', 'psi'] },
  { id: 'peakPressureDifference', name: 'greatest difference', quantity: 'pressure', units: ['kPa', 'psi'] },
  { id: 'floorPressure', name: 'lowest pressure it could reach', quantity: 'pressure', units: ['kPa', 'psi'] },
  { id: 'outsideForce', name: 'outside air on the whole surface', quantity: 'force', units: ['kN', 'lbf'] },
  { id: 'peakNetForce', name: 'greatest difference on the whole surface', quantity: 'force', units: ['kN', 'lbf'] },
  { id: 'hush', name: 'hush', quantity: 'time', units: ['s', 's'] },
  { id: 'waterDrawnIn', name: 'water drawn in', quantity: 'volume', units: ['mL', 'floz'] },
  { id: 'volumeLost', name: 'volume lost', quantity: 'fraction', units: ['%', '%'] },
  { id: 'bathTemperatureAfter', name: 'bath afterwards', quantity: 'temperature', units: ['degC', 'degF'] },
]

function check({ numbers: n }: Values): { input: string, message: string }[] {
  const faults: { input: string, message: string }[] = []
  const enclosed = enclosedVolume({ diameter: n.vesselDiameter!, height: n.vesselHeight! })
  const millilitres = (m3: number) => formatQuantity(m3, 'mL', 'volume', 4)
  if (n.vesselVolume! > enclosed * 1.03) {
    faults.push({ input: 'vesselVolume', message: `given ${millilitres(n.vesselVolume!)}; accepted: at most ${millilitres(enclosed)}, what its diameter and height enclose` })
  }
  const boiling = saturationTemperature(n.stationPressure!)
  for (const input of ['chargeTemperature', 'bathTemperature']) {
    if (n[input]! >= boiling) {
      faults.push({ input, message: `given ${formatQuantity(n[input]!, 'degC', 'temperature')}; accepted: below ${formatQuantity(boiling, 'degC', 'temperature', 4)}, where water boils at ${formatQuantity(n.stationPressure!, 'hPa', 'pressure', 4)}` })
    }
  }
  if (n.waterCharge! > 0.95 * n.vesselVolume!) {
    faults.push({ input: 'waterCharge', message: `given ${millilitres(n.waterCharge!)}; accepted: at most ${millilitres(0.95 * n.vesselVolume!)}, which leaves a little room in the can` })
  }
  if (n.mouthDiameter! > n.vesselDiameter!) {
    faults.push({ input: 'mouthDiameter', message: `given ${formatQuantity(n.mouthDiameter!, 'mm', 'length')}; accepted: at most the can's diameter, ${formatQuantity(n.vesselDiameter!, 'mm', 'length')}` })
  }
  if (n.mouthDepth! > n.vesselHeight!) {
    faults.push({ input: 'mouthDepth', message: `given ${formatQuantity(n.mouthDepth!, 'cm', 'length')}; accepted: at most the can's height, ${formatQuantity(n.vesselHeight!, 'cm', 'length')}` })
  }
  if (n.wallThickness! / n.vesselDiameter! > 0.05) {
    faults.push({ input: 'wallThickness', message: `given ${formatQuantity(n.wallThickness!, 'mm', 'length')}; accepted: at most a twentieth of the diameter (thin-shell buckling)` })
  }
  return faults
}

export const canPlunge: Demonstration = {
  id: 'can-plunge',
  name: 'Can plunge',
  summary: 'A drinks can with a little boiling water, turned over into cold water.',
  noun: ['can', 'cans'],
  inputs: INPUTS,
  results: RESULTS,
  outcomes: OUTCOMES,
  wanted: 'crush',
  columns: COLUMNS,
  procedure: PROCEDURE,
  check,
  simulate,
  ledger,
  cautions,
  kit: values => [
    'can, rinsed, and as many spares as the forecast says', 'measuring spoon or small cylinder', 'heater', 'bowl',
    ...(values.numbers.iceMass! > 0 ? [`ice, ${formatQuantity(values.numbers.iceMass!, 'g', 'mass')} a bowl`] : []),
    'tongs that grip a wet can', 'heat-proof gloves', 'eye protection', 'thermometer', 'clock', 'tray and towel',
  ],
  drawing,
  why,
  explanation,
  waterWindow,
}
