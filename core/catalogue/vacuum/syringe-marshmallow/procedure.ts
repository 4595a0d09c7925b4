/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import type { SyringeMarshmallow } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: SyringeMarshmallow['procedure'] = [
  {
    id: 'fill',
    parts: [
      'Put a marshmallow of ',
      { input: 'foamVolume' },
      ' into a syringe of ',
      { input: 'barrelVolume' },
      ' (',
      { input: 'bore' },
      ' inside), a face drawn on it.',
    ],
  },
  { id: 'shut', parts: ['Plunger to ', { input: 'shutAt' }, ', and screw the cap on.'] },
  {
    id: 'move',
    hazards: ({ choices }) => (choices.way === 'in' ? ['pressure'] : ['vacuum']),
    marks: ['sealed'],
    parts: ['Plunger ', { input: 'way' }, ' to ', { input: 'moveTo' }, ' in ', { input: 'moveTime' }, '. Look.'],
    duration: s => s.results.hush,
  },
  { id: 'hold', parts: ['Hold it there for ', { input: 'holdTime' }, '; then let it back by hand.'] },
  { id: 'off', parts: ['Cap off; the marshmallow goes into the bin.'] },
]

export const kit: SyringeMarshmallow['kit'] = () => [
  'syringe without a needle, never used, with a cap that screws on',
  'small marshmallows',
  'food pen for a face',
  'eye protection',
]
