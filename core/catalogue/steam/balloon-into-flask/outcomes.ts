/** How it can end, and what is computed of it. */
import { result, type Demonstration } from '../../../demonstration'
import { crossSection } from '../../../vessels/cylinder'
import { CRACKS } from '../dipped-face'
import { sizesOf } from '../judgement'
import { CLOSED, steamLedger } from '../ledger'
import { steamResults } from '../results'
import { flaskOf } from './inputs'
import type { BalloonIntoFlask } from './simulate'

export const logged = {
  used: ['waterCharge', 'purgeTime', 'sealDelay', 'balloonSlack'],
  seen: ['hush', 'timeToRound', 'balloonAcross', 'timeToPlume'],
} as const

export const results = [
  ...steamResults(
    'boilingTemperature',
    'timeToBoil',
    'timeToPlume',
    'timeToDry',
    'waterLeft',
    'residualAirFraction',
    'steamMass',
  ),
  ...steamResults('peakPressureDifference', 'floorPressure', 'outsideForce', 'peakNetForce', 'hush'),
  result('criticalPressureDifference', 'difference that stretches it at first', 'kPa'),
  result('timeToRound', 'round inside after', 's'),
  result('balloonInside', 'air in the balloon, inside the flask', 'mL'),
  result('balloonShare', 'share of the flask that it takes', '%'),
  result('balloonAcross', 'balloon across, inside', 'cm'),
  result('skinPressure', 'its skin holds in the end', 'kPa'),
  ...steamResults('glassChill', 'giveUpTime'),
]

export const outcomes: Demonstration['outcomes'] = [
  {
    id: 'in',
    look: 'gone',
    name: 'goes in and swells',
    sentence: 'The balloon is pushed through the neck, inside out, and swells inside the flask.',
  },
  { id: 'limp', look: 'partly', name: 'hangs in limp', sentence: 'It is pushed in and hangs there, not blown up.' },
  { id: 'stays', look: 'nothing', name: 'stays out', sentence: 'The balloon dips a little and stays where it is.' },
  { id: 'bursts', look: 'part-filled', name: 'bursts', sentence: 'It bursts inside, and air rushes in.' },
  CRACKS,
]

export const ledger: BalloonIntoFlask['ledger'] = steamLedger('when the balloon shows inside', {
  ...CLOSED,
  wall: 'steam condensing on the glass',
  crush: 'room taken by the balloon (gives back)',
})

export const sizes: BalloonIntoFlask['sizes'] = (values, s) => sizesOf(s, crossSection(flaskOf(values).diameter), false)
