/** How it can end, and what is computed of it. */
import { type Demonstration, indexAt, type Ledger } from '../../../demonstration'
import { sizesOf } from '../judgement'
import { steamResults } from '../results'
import { differenceByCause } from '../../../mechanisms/difference-by-cause'
import { gasAmounts, type DrumReinflateRun, type DrumReinflate } from './simulate'

const CAUSES: Record<string, string> = {
  cooling: 'the gas getting hotter (pushes out)',
  steam: 'steam formed (pushes out)',
  air: 'air that has left through the relief',
  crush: 'room made by the wall moving out',
}

/**
 * The difference outside less inside when the wall first moves or, if it never does, at the end; here below zero.
 * Needs a trace.
 */
export function ledger({ trace, details }: DrumReinflateRun): Ledger {
  if (!trace) throw new RangeError('trace: the ledger needs a simulation with a trace')
  const c = trace.columns
  const now = indexAt(trace.time, details.timeOfPeak)
  const at = (i: number) => {
    const volume = details.capacity * (1 - c.volumeLost[i]) - c.waterInside[i] / 960
    return {
      volume,
      temperature: c.waterTemperature[i],
      ...gasAmounts(c.pressure[i], c.airFraction[i], volume, c.waterTemperature[i]),
    }
  }
  const [before, after] = [at(0), at(now)]
  const rows = differenceByCause({
    temperatures: [before.temperature, after.temperature],
    volume: before.volume,
    amount: before.air + before.steam,
    inflow: 0,
    lost: before.volume - after.volume,
    gone: { air: before.air - after.air, steam: before.steam - after.steam },
  })
  return {
    moment: details.goneAt === undefined ? 'at the end' : 'when the first fold moves',
    rows: ['cooling', 'steam', 'air', 'crush'].map(id => ({ id, cause: CAUSES[id], pressure: rows[id] })),
    difference: c.pressure[0] - c.pressure[now],
  }
}

export const logged = {
  used: ['waterCharge', 'reliefSetting', 'heaterPower'],
  seen: ['timeToPop', 'timeToPlume', 'volumeLost'],
} as const

export const results = steamResults(
  'boilingTemperature',
  'timeToPlume',
  'timeToPop',
  'timeToDry',
  'peakGaugePressure',
  'criticalPressureDifference',
  'peakPressureDifference',
  'outsideForce',
  'peakNetForce',
  'waterLeft',
  'volumeLost',
).map(r =>
  r.id === 'criticalPressureDifference'
    ? { ...r, name: 'overpressure that pops it back' }
    : r.id === 'peakPressureDifference'
      ? { ...r, name: 'greatest difference, outward' }
      : r.id === 'volumeLost'
        ? { ...r, name: 'volume still lost' }
        : r,
)

export const outcomes: Demonstration['outcomes'] = [
  { id: 'pop', look: 'filled', name: 'pops back', sentence: 'It swells out again with thumps and is nearly round.' },
  { id: 'partly', look: 'partly', name: 'comes partly back', sentence: 'Some folds come out, others stay.' },
  { id: 'stay', look: 'nothing', name: 'stays crushed', sentence: 'Steam comes out, and nothing moves.' },
]

export const sizes: DrumReinflate['sizes'] = (values, s) =>
  sizesOf(s, values.numbers.vesselDiameter * values.numbers.vesselHeight, false)
