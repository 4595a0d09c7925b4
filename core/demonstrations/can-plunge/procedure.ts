import type { ProcedureStep } from '../face'

const at = (input: string) => ({ input })

/** Stagings read as these sentences; the inputs in them are the controls. */
export const PROCEDURE: readonly ProcedureStep[] = [
  {
    id: 'bath',
    parts: ['Fill the bowl with ', at('bathVolume'), ' of water and ', at('iceMass'), ' of ice; stir to ', at('bathTemperature'), '. ', at('restedCount'), ' went into it before this one.'],
  },
  {
    id: 'charge',
    parts: [
      'Pour ', at('waterCharge'), ' of water at ', at('chargeTemperature'), ' into a ', at('vesselCondition'), ' ', at('wallMaterial'), ' can of ',
      at('vesselVolume'), ': ', at('vesselDiameter'), ' across, ', at('vesselHeight'), ' tall, ', at('wallThickness'), ' thick, mouth ',
      at('mouthDiameter'), '.',
    ],
  },
  {
    id: 'heat', marks: ['heat-on', 'plume'],
    parts: ['Stand it on the hot ', at('heaterPower'), ' heater (', at('heatingEfficiency'), ' of that gets in) until a steady plume shows.'],
    duration: s => s.results.timeToPlume,
  },
  {
    id: 'purge',
    parts: ['Let it boil on for ', at('purgeTime'), '.'],
    duration: s => s.results.timeToPlume === undefined ? undefined : s.details.timeOfLifting! - s.results.timeToPlume,
  },
  {
    id: 'lift', marks: ['lifted'],
    parts: ['Lift it with tongs, turn it over, and have the mouth in the water within ', at('transferTime'), '.'],
    duration: s => s.details.sealing! - s.details.timeOfLifting!,
  },
  {
    id: 'plunge', marks: ['sealed'],
    parts: ['Push the mouth ', at('mouthDepth'), ' under and hold it there. Hush.'],
    duration: s => s.results.hush,
  },
]
