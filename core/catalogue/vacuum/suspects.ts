import type { Suspect } from '../../demonstration'

export const VACUUM_SUSPECTS: readonly Suspect[] = [
  {
    id: 'pump',
    words: 'a weaker pump than expected',
    remedy: 'pump on, or take the pump to a gauge: how low does it get by itself?',
    inputs: ['strokeVolume', 'strokeTime', 'pumpSpeed', 'ultimatePressure', 'targetPressure', 'stopDifference'],
  },
  {
    id: 'leak',
    words: 'it leaks',
    remedy: 'with air in, clean and grease seal and rim, and start again',
    inputs: ['leakArea'],
  },
  {
    id: 'jar',
    words: 'a larger jar than expected',
    remedy: 'weigh the jar full of water',
    inputs: ['jarVolume', 'jarDiameter', 'jarHeight', 'chamberVolume'],
  },
]
