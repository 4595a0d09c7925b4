/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import type { ProcessVessel } from './simulate'

export const shelf: Demonstration['shelf'] = []

export const procedure: ProcessVessel['procedure'] = [
  {
    id: 'tank',
    parts: [
      'Picture a steel tank of ',
      { input: 'vesselVolume' },
      ', ',
      { input: 'vesselDiameter' },
      ' across and ',
      { input: 'vesselHeight' },
      ' tall, shell ',
      { input: 'wallThickness' },
      ', rings ',
      { input: 'hoopSpacing' },
      ' apart, rated for ',
      { input: 'ratedVacuum' },
      ' below the room.',
    ],
  },
  {
    id: 'steam',
    parts: [
      'It has been cleaned with steam until ',
      { input: 'airLeft' },
      ' of the gas was air. The steam is shut off.',
    ],
  },
  {
    id: 'cool',
    marks: ['sealed'],
    parts: ({ numbers: n, choices }) => [
      'Now comes ',
      { input: 'coolingMethod' },
      ...(choices.coolingMethod === 'still-air'
        ? []
        : [': ', { input: 'coolantFlow' }, ' at ', { input: 'bathTemperature' }]),
      ...(n.leakArea > 0
        ? [', with ', { input: 'leakArea' }, ' of vent open.']
        : [', its vent shut (open: ', { input: 'leakArea' }, ').']),
    ],
    duration: s => s.results.talkTime,
  },
]

export const kit: ProcessVessel['kit'] = () => [
  'nothing: this is a thought experiment',
  'a picture of a caved-in tank',
  'the can plunge, for comparison',
  'a calculator for the class',
]
