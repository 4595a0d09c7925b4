/** What is done, with what, and when it is ready. */
import { TOUCHABLE } from '../../../cautions'
import type { Demonstration } from '../../../demonstration'
import type { SyringeBoil } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: SyringeBoil['procedure'] = [
  {
    id: 'fill',
    hazards: ({ numbers: n }) => (n.waterTemperature >= TOUCHABLE ? ['scald'] : []),
    parts: [
      'Draw ',
      { input: 'waterVolume' },
      ' of water at ',
      { input: 'waterTemperature' },
      ' into a syringe of ',
      { input: 'barrelVolume' },
      ' (',
      { input: 'bore' },
      ' inside).',
    ],
  },
  { id: 'shut', parts: ['Nozzle up: push the air out but for ', { input: 'airLeft' }, ', and screw the cap on.'] },
  {
    id: 'pull',
    hazards: ['vacuum'],
    marks: ['sealed'],
    parts: ['Pull the plunger out to ', { input: 'pullTo' }, ' in ', { input: 'pullTime' }, '. Look.'],
    duration: s => s.results.hush,
  },
  {
    id: 'hold',
    hazards: ['vacuum'],
    parts: ['Hold it there for ', { input: 'holdTime' }, ', and watch where the bubbles start.'],
    duration: s => s.results.boilTime,
  },
  { id: 'back', parts: ['Let the plunger back by hand: the bubbles are gone, and the little air is what it was.'] },
]

export const kit: SyringeBoil['kit'] = () => [
  'syringe without a needle, never used, with a cap that screws on',
  'warm water from the tap or a kettle',
  'thermometer',
  'eye protection',
  'tray and towel',
]
