import type { OutcomeSpec } from '../../demonstration'
import { quantities } from './inputs'
import { steamResults } from './results'

export const DIPPED_RESULTS = steamResults(
  'boilingTemperature',
  'timeToBoil',
  'timeToPlume',
  'timeToDry',
  'waterLeft',
  'residualAirFraction',
  'steamMass',
  'peakPressureDifference',
  'floorPressure',
  'outsideForce',
  'peakNetForce',
  'hush',
  'timeToFill',
  'waterDrawnIn',
  'fillFraction',
  'peakInflowSpeed',
  'peakWallForce',
  'peakPull',
  'inflowImpulse',
  'slamPressure',
  'glassChill',
)

export const DIPPED_COEFFICIENTS = quantities(
  'purgeMixing',
  'plumeVapourFraction',
  'heaterLimit',
  'uprightShare',
  'poolRetained',
  'airLayerFactor',
  'jetStanton',
  'sprayContact',
  'splashWeber',
  'surfaceConductance',
  'entryLoss',
)

/** Glass that did not stand it. */
export const CRACKS: OutcomeSpec = {
  id: 'crack',
  look: 'harm',
  name: 'cracks',
  sentence: 'The glass cracks or breaks.',
}

export const FILL_OUTCOMES = (vessel: string): readonly OutcomeSpec[] => [
  { id: 'fill', look: 'filled', name: 'fills', sentence: `Water rushes in and fills the ${vessel} nearly to the end.` },
  {
    id: 'part',
    look: 'part-filled',
    name: 'part-fills',
    sentence: `Water comes in, but a good part of the ${vessel} stays empty.`,
  },
  { id: 'nothing', look: 'nothing', name: 'nothing', sentence: 'Hardly any water comes in.' },
  CRACKS,
]
