/** How it can end, and what is computed of it. */
import { type Demonstration, result, HUSH } from '../../../demonstration'
import type { EggInBottle } from './simulate'

export const logged = { used: ['eggDiameter', 'neckDiameter', 'eggDelay'], seen: ['hush', 'danceTime'] } as const

export const results = [
  result('peakPressureDifference', 'greatest pressure difference', 'kPa'),
  result('neededDifference', 'needed to push the egg through', 'kPa'),
  result('possibleDifference', 'greatest difference if the egg stayed', 'kPa'),
  result('pushOnEgg', 'room pushing on the egg', 'N'),
  result('widestEgg', 'widest egg that would go', 'mm'),
  result('hush', 'egg on until it goes', 's', HUSH),
  result('danceTime', 'egg dances for', 's'),
  result('hottest', 'gas at its hottest', 'degC'),
  result('sealTemperature', 'gas when the egg last sealed', 'degC'),
  result('oxygenLeft', 'oxygen left in the gas', '%'),
]

export const outcomes: Demonstration['outcomes'] = [
  { id: 'whole', look: 'gone', name: 'goes in whole', sentence: 'The egg goes into the bottle in one piece.' },
  { id: 'torn', look: 'harm', name: 'tears', sentence: 'The egg goes in, but in pieces.' },
  { id: 'stays', look: 'nothing', name: 'stays on top', sentence: 'The egg sits on the neck and stays there.' },
]

export const suspects: NonNullable<EggInBottle['suspects']> = [
  {
    id: 'fit',
    words: 'the egg does not fit the neck as expected',
    remedy: 'measure the egg across and the neck; a smaller egg, wetted',
    inputs: [
      'eggDiameter',
      'neckDiameter',
      'eggMass',
      'eggStiffness',
      'eggFriction',
      'tearSqueeze',
      'keptStiffness',
      'relaxationTime',
    ],
    slips: ['eggDiameter', 'neckDiameter'],
  },
  {
    id: 'warmth',
    words: 'too little warm air was caught',
    remedy: 'more flame, or the egg on sooner',
    inputs: [
      'paperMass',
      'litDelay',
      'flamePower',
      'burnTime',
      'glassThickness',
      'rinseTemperature',
      'eggDelay',
      'flameShare',
      'exchange',
      'coolingTemperature',
      'wallTransfer',
    ],
    slips: ['flamePower', 'burnTime', 'eggDelay', 'rinseTemperature'],
  },
]

export const ledger: EggInBottle['ledger'] = ({ details: d }) => ({
  moment: 'at its greatest',
  difference: d.difference - (d.start - d.stationPressure),
  rows: [
    { id: 'cooling', cause: 'the gas getting colder since the egg last sealed', pressure: d.cooled },
    { id: 'wall', cause: 'vapour of the flame or the rinse condensing', pressure: d.condensed },
    { id: 'oxygen', cause: 'oxygen used up, less carbon dioxide made', pressure: d.oxygen + d.dioxide },
    {
      id: 'leak',
      cause: 'a little overpressure under the egg at the start (gives back)',
      pressure: d.stationPressure - d.start,
    },
  ],
})

export const sizes: EggInBottle['sizes'] = (_values, s) => [
  {
    id: 'pushOnEgg',
    name: 'room pushing on the egg',
    value: s.results.pushOnEgg,
    quantity: 'force',
    units: ['N', 'lbf'],
    note: 'greatest difference × the neck’s opening',
  },
  {
    id: 'equivalent',
    name: 'as heavy as',
    value: s.results.pushOnEgg / 9.80665,
    quantity: 'mass',
    units: ['kg', 'lb'],
    note: 'set on the egg',
  },
]
