/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import { MATERIALS, type Diver } from './simulate'
import { asMass, asVolume, say } from '../../../sentence'

export const shelf: Demonstration['shelf'] = [
  { step: 'bottle', kind: 'vessel', shapes: ['bottle'], materials: ['PET'] },
]

export const procedure: Diver['procedure'] = [
  {
    id: 'trim',
    parts: ({ choices }) => [
      'In a beaker, trim a ',
      { input: 'material' },
      ' (',
      { input: 'bulbMass' },
      ' empty, ',
      { input: 'bulbLength' },
      ' long, holds ',
      { input: 'bulbCapacity' },
      ') with ',
      ...(choices.ballastBy === 'wire'
        ? [{ input: 'wireLength' }, ' of ', { input: 'ballastBy' }, ', ', { input: 'wireDiameter' }, ' thick,']
        : [{ input: 'ballastMass' }, ' of ballast, ', { input: 'ballastBy' }, ',']),
      ' and ',
      ...(choices.waterBy === 'drops'
        ? [{ input: 'drops' }, ' ', { input: 'waterBy' }, ' of water']
        : [{ input: 'waterInBulb' }, ' of water drawn in, ', { input: 'waterBy' }]),
      ': it must just float.',
    ],
  },
  {
    id: 'bottle',
    parts: [
      'Fill a soft bottle to ',
      { input: 'vesselHeight' },
      ' with water at ',
      { input: 'waterTemperature' },
      ', put the diver in, cap it. Since the trim: ',
      { input: 'warming' },
      ' warmer, barometer changed by ',
      { input: 'weather' },
      '.',
    ],
  },
  {
    id: 'squeeze',
    marks: ['sealed'],
    parts: ['Squeeze with about ', { input: 'squeezePressure' }, ': it dives.'],
    duration: s => s.results.sinkTime,
  },
  { id: 'release', parts: ['Let go: it comes back.'], duration: s => s.results.returnTime },
]

export const kit: Diver['kit'] = values => [
  say`soft bottle, 1 to ${asVolume(0.002)}`,
  (MATERIALS[values.choices.material] ?? MATERIALS.glass).name,
  'modelling clay and wire',
  'beaker to trim in',
  'dropper',
  say`scale to ${asMass(0.0001)}`,
  'tray',
]
