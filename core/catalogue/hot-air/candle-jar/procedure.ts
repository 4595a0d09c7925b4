/** What is done, with what, and when it is ready. */
import type { Demonstration } from '../../../demonstration'
import type { CandleJar } from './simulate'

export const shelf: Demonstration['shelf'] = [
  { step: 'cover', kind: 'vessel', shapes: ['cylinder', 'bell-jar'], materials: ['glass'], capacity: [0.05e-3, 3e-3] },
]

export const procedure: CandleJar['procedure'] = [
  {
    id: 'dish',
    hazards: ['flame'],
    parts: ({ numbers: n }) => [
      'Stand ',
      { input: 'candles' },
      n.candles === 1 ? ' lit candle (of about ' : ' lit candles (each of about ',
      { input: 'flamePower' },
      ', flame ',
      { input: 'wickHeight' },
      ' above the water) in a dish ',
      { input: 'dishDiameter' },
      ' across with coloured water ',
      { input: 'waterDepth' },
      ' deep.',
    ],
  },
  {
    id: 'cover',
    hazards: ['heat'],
    marks: ['sealed'],
    parts: ({ choices }) => [
      'Put a ',
      { input: 'jarShape' },
      choices.jarShape === 'necked' ? ', of ' : ' of ',
      { input: 'jarVolume' },
      ', ',
      { input: 'jarDiameter' },
      ' across',
      ...(choices.jarShape === 'necked'
        ? [' (neck ', { input: 'mouthDiameter' }, ' wide, ', { input: 'neckLength' }, ' long)']
        : []),
      ' over it, rim under water, on three coins.',
    ],
    duration: s => s.results.flameTime,
  },
  {
    id: 'watch',
    hazards: ['heat'],
    parts: ['Watch the water inside: down while the gas warms, perhaps to the rim; the flame dies, then it climbs.'],
  },
]

export const kit: CandleJar['kit'] = () => [
  'candle',
  'dish',
  'coloured water',
  'jar or flask',
  'ruler for the water’s depth',
  'three coins',
  'lighter',
  'wet cloth',
  'eye protection',
]
