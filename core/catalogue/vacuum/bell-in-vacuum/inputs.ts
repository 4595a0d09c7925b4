/** What is stated, and what does not go together. */
import { blank, type Check, coefficient, ROOM_INPUTS, defineInputs, type ValuesOf } from '../../../demonstration'
import { jarBears, jarFits, jarInputs, LEAK, PUMP_INPUTS, pumpChoice, pumpingTime, target } from '../inputs'

/** What a mount keeps back, dB: assumption, to be measured with the jar pumped well. */
const MOUNTS: Readonly<Record<string, { name: string; loss: number }>> = {
  threads: { name: 'hung on rubber bands', loss: 42 },
  foam: { name: 'on soft foam', loss: 30 },
  plate: { name: 'straight on the plate', loss: 12 },
}

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(),
  {
    id: 'mount',
    name: 'mount',
    kind: 'choice',
    group: 'load',
    default: 'threads',
    lever: true,
    choices: Object.entries(MOUNTS).map(([id, { name }]) => ({ id, name })),
  },
  blank('levelOutside', 'bell heard at the meter, jar on, not pumped', 'dB', 'load', 62, [20, 110], [45, 80], {
    shape: 'normal',
    absolute: 2,
  }),
  blank(
    'roomNoise',
    'noise of the room',
    'dB',
    'load',
    38,
    [10, 90],
    [28, 60],
    { shape: 'normal', absolute: 3 },
    { lever: [-6, 6] },
  ),
  blank('listenerDistance', 'listener sits', 'm', 'load', 4, [0.3, 60], [1, 15], 0.05, { lever: [-2, 3] }),
  pumpChoice('two-stage'),
  ...PUMP_INPUTS,
  target(200, [-100, 2000, 10e3]),
  pumpingTime(300),
  LEAK,
  coefficient(
    'mountLoss',
    'what the mount keeps back',
    'dB',
    v => (MOUNTS[v.choices.mount ?? ''] ?? MOUNTS.foam).loss,
    [0, 90],
    [5, 60],
    { shape: 'normal', absolute: 4 },
    'assumption by the kind of mount: measure it with the jar pumped well',
  ),
  coefficient(
    'belowNoise',
    'how far below the noise a bell is still heard',
    'dB',
    5,
    [-10, 20],
    [0, 12],
    { shape: 'normal', absolute: 2 },
    'a tone is masked some 4 to 6 dB below the noise of its own band (Fastl & Zwicker, ' +
      'Psychoacoustics, 3rd ed., ch. 4)',
  ),
])
export type BellInVacuumValues = ValuesOf<typeof inputs>

export const check: Check<BellInVacuumValues> = values => [...jarBears(values), ...jarFits(values)]
