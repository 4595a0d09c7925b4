/** What is done, with what, and when it is ready. */
import { type Demonstration, FLAME_OR_PLATE } from '../../../demonstration'
import type { DrumReinflate } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'drum', kind: 'vessel', shapes: ['cylinder'], materials: ['steel', 'aluminium'], capacity: [1e-3, 0.3] },
  { step: 'heat', kind: 'heater', heaters: FLAME_OR_PLATE },
]

export const procedure: DrumReinflate['procedure'] = [
  {
    id: 'drum',
    parts: [
      'Take the crushed ',
      { input: 'wallMaterial' },
      ' drum: ',
      { input: 'vesselVolume' },
      ', ',
      { input: 'vesselDiameter' },
      ' across, ',
      { input: 'vesselHeight' },
      ' tall, ',
      { input: 'wallThickness' },
      ' thick, bung hole ',
      { input: 'mouthDiameter' },
      '; ',
      { input: 'lostBefore' },
      ' of its volume is gone and ',
      { input: 'waterCharge' },
      ' of water is still in it.',
    ],
  },
  { id: 'open', parts: ['Loosen the bung and let air in until the hiss stops.'] },
  {
    id: 'relief',
    parts: ({ choices }) => [
      'Give the steam a way out: ',
      { input: 'reliefPath' },
      ...(choices.reliefPath === 'bung-out'
        ? ['.']
        : [
            ', ',
            { input: 'reliefOpening' },
            ' of free area, opening at ',
            { input: 'reliefSetting' },
            ' over the room.',
          ]),
    ],
  },
  {
    id: 'heat',
    hazards: ['pressure', 'closed-hot-vessel', 'scald', 'heat', 'flame'],
    marks: ['sealed'],
    parts: [
      'From a distance, heat it with the ',
      { input: 'heaterPower' },
      ' burner (',
      { input: 'heatingEfficiency' },
      ' gets in). Hush.',
    ],
    duration: s => s.results.timeToPop ?? s.results.timeToPlume,
  },
  {
    id: 'off',
    parts: [
      'Burner off from a distance once the folds are out, and before the water is gone. The way out stays open until ' +
        'it is cold.',
    ],
  },
]

export const kit: DrumReinflate['kit'] = () => [
  'crushed drum of known history',
  'relief valve with its paper, or the bare bung hole',
  'heater',
  'a way to shut the burner off from a distance',
  'barrier tape',
  'heat-proof gloves',
  'eye protection',
  'ear protection',
  'clock',
]
