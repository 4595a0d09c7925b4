import { blank, celsius, coefficient, type Demonstration, GAS_COLUMNS, kilopascals, rectangle, result, ROOM_INPUTS, said, type Shape, valueAt } from '../../../demonstration'
import { saturationTemperature } from '../../../substances/water'
import { TOUCHABLE } from '../../../cautions'
import { JAR_RESULTS, LEAK, PUMP_INPUTS, pumpWords, jarBears, jarInputs, pumpChoice, pumpingTime } from '../inputs'
import { jarScene } from '../jar-scene'
import { jarKit, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, neededStart, simulate } from './simulate'

export const lowPressureBoil: Demonstration = {
  id: 'low-pressure-boil', name: 'Boiling without a flame', summary: 'Warm, not boiling, water under a pump boils by itself and gets colder doing so.',
  noun: ['try', 'tries'],
  people: { performs: 14, watches: 9 }, gates, cautions, afterFailure,
  gallery: { family: 'vacuum', effect: 'Water that one could put a hand into starts to boil under the jar.', topics: ['boiling', 'vapour pressure', 'vacuum', 'altitude'], ages: [9, 18] },
  hushWords: { inside: 'gas left in the jar', strength: '' },
  shelf: [{ step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] }, { step: 'pump', kind: 'pump' }],
  logged: { used: ['waterTemperature', 'waterVolume'], seen: ['hush', 'endTemperature', 'boilPressure'] },
  inputs: [
    ...ROOM_INPUTS, ...jarInputs(1.6e-3, 0.12, 0.16),
    blank('waterVolume', 'water', 'mL', 'water', 80e-6, [2e-6, 5e-3], [20e-6, 300e-6], 0.04),
    blank('waterTemperature', 'its temperature', 'degC', 'water', 273.15 + 66, [274.15, 372], [293.15, 363.15], { shape: 'normal', absolute: 1.5 }, { lever: [-10, -5, 5, 10] }),
    blank('beakerDiameter', 'beaker across', 'cm', 'vessel', 0.06, [0.01, 0.3], [0.03, 0.12], 0.03),
    pumpChoice('hand'), ...PUMP_INPUTS, pumpingTime(120), LEAK,
    coefficient('boilingOver', 'pressure over the jar’s that it needs to start', 'kPa', 600, [0, 10e3], [100, 3e3], 0.4, 'depth of the water and a little superheat: a few hundred Pa with a boiling chip, kilopascals in clean glass; assumption'),
    coefficient('evaporation', 'how fast a still surface gives off vapour', '%', 1, [0.05, 20], [0.3, 5], 0.4, '100 %: 3.8e-8 kg/(m2 s Pa), still pools in still air (ASHRAE Handbook HVAC Applications (2019), ch. 6), from memory; thinner air lets more through'),
  ],
  results: [
    ...JAR_RESULTS, result('neededStart', 'coldest water that this pump can boil here', 'degC'), result('boilPressure', 'pressure at which it starts', 'kPa'), result('hush', 'until it boils', 's'),
    result('boilTime', 'boils for', 's'), result('endTemperature', 'water at the end', 'degC'), result('evaporated', 'water turned to vapour', 'g'), result('localBoilingPoint', 'would boil in the open at', 'degC'),
  ],
  outcomes: [
    { id: 'boils', look: 'gone', name: 'boils', sentence: 'The water boils for all to see, without a flame.' },
    { id: 'few', look: 'partly', name: 'shows a few bubbles', sentence: 'A few bubbles rise, then it is still.' },
    { id: 'still', look: 'nothing', name: 'does not boil', sentence: 'The water stays still.' },
  ],
  wanted: 'boils', columns: [...GAS_COLUMNS, ...COLUMNS],
  procedure: [
    { id: 'water', hazards: ({ numbers: n }) => n.waterTemperature! >= TOUCHABLE ? ['scald'] : [], parts: ['Put ', { input: 'waterVolume' }, ' of water at ', { input: 'waterTemperature' }, ' with a boiling chip into a beaker ', { input: 'beakerDiameter' }, ' across; show the thermometer.'] },
    { id: 'jar', parts: ['Stand it under a ', { input: 'jarKind' }, ' of ', { input: 'jarVolume' }, ' (', { input: 'jarDiameter' }, ' across, ', { input: 'jarHeight' }, ' high).'] },
    { id: 'pump', hazards: ['glass-under-difference', 'vacuum'], marks: ['sealed'], parts: values => ['Pump with a ', ...pumpWords(values), ' for at most ', { input: 'pumpTime' }, '.'], duration: s => s.results.hush },
    { id: 'air', parts: ['Let the air in: it stops at once. Read the thermometer again.'] },
  ],
  suspects: VACUUM_SUSPECTS,
  check(values) {
    const n = values.numbers
    const needed = neededStart(values)
    const faults = jarBears(values)
    if (n.waterTemperature! < needed) {
      faults.push({ input: 'waterTemperature', message: `given ${celsius(n.waterTemperature!)}; accepted: at least ${celsius(needed)}, because this pump gets down to ${kilopascals(n.ultimatePressure!)} at best and water boils there at ${celsius(saturationTemperature(Math.max(700, n.ultimatePressure!)))}. Warmer water, or a pump that reaches lower` })
    }
    if (n.waterTemperature! >= saturationTemperature(n.stationPressure!)) faults.push({ input: 'waterTemperature', message: `given ${celsius(n.waterTemperature!)}; accepted: below ${celsius(saturationTemperature(n.stationPressure!))}, where it boils here in the open` })
    if (n.waterVolume! > 0.6 * n.jarVolume!) faults.push({ input: 'waterVolume', message: `given ${(n.waterVolume! * 1e6).toFixed(0)} mL; accepted: at most ${(0.6e6 * n.jarVolume!).toFixed(0)} mL, six tenths of the jar` })
    return faults
  },
  simulate,
  ledger: ({ details: d }) => ({
    moment: 'at the end of the pumping', difference: d.difference!,
    rows: [{ id: 'pumped', cause: 'air taken out by the pump, less what leaked in', pressure: d.difference! + d.vapourPressure! }, { id: 'steam', cause: 'vapour that the water gave off (gives back)', pressure: -d.vapourPressure! }],
  }),
  kit: values => jarKit(values, 'beaker', 'boiling chips', 'thermometer', 'kettle', 'trap'),
  drawing(values, s, time) {
    const n = values.numbers
    const [water, boiling, point] = ['waterTemperature', 'boiling', 'boilingPoint'].map(c => valueAt(s.trace!, c, time))
    const level = Math.min(0.7 * n.jarHeight!, n.waterVolume! / (Math.PI * n.beakerDiameter! * n.beakerDiameter! / 4))
    const half = n.beakerDiameter! / 2
    const high = Math.max(level * 1.5, level + 0.02)
    const shapes: Shape[] = [
      { kind: 'body', points: rectangle(-half, 0.004, 2 * half, level), stuff: 'water', opacity: 0.85 },
      ...(boiling! > 0.5 ? [{ kind: 'bubbles', at: [0, 0.004], wide: 1.8 * half, high: level, count: 14 } as Shape] : []),
      { kind: 'body', points: [[-half, high], [-half, 0.003], [half, 0.003], [half, high]], stuff: 'glass', open: true, thick: 2 },
      { kind: 'note', at: [0, high + 0.012], anchor: 'middle', stuff: 'water', said: [said(water!, 'temperature', 'degC', 'degF')] },
    ]
    return jarScene(values, s, time, shapes, ['The water is at ', said(water!, 'temperature', 'degC', 'degF'), '; at this pressure it boils at ', said(point!, 'temperature', 'degC', 'degF'), boiling! > 0.5 ? ': it boils.' : '.'])
  },
  why: (values, s) => [
    `Water boils when its vapour can push the room's pressure back. In the open here that is at ${celsius(s.results.localBoilingPoint!)}; at ${kilopascals(values.numbers.ultimatePressure!)}, the lowest this pump reaches, at ${celsius(neededStart(values))} already.`,
    s.outcome === 'still' ? `At ${celsius(values.numbers.waterTemperature!)} it is too cold for that in the time.` : `From ${celsius(values.numbers.waterTemperature!)} it starts at ${kilopascals(s.results.boilPressure ?? 0)} and cools to ${celsius(s.results.endTemperature!)}: the vapour takes its heat along.`,
  ],
  advice(values) {
    const needed = neededStart(values) + 8
    return [{ text: `For this pump at this height start at ${celsius(needed)} or warmer (bare minimum ${celsius(neededStart(values))}, with no time to cool).`, take: { input: 'waterTemperature', value: Math.round(needed - 273.15) + 273.15 } }]
  },
  explanation: (values, s) => [
    { from: 7, text: `Water wants to turn into vapour all the time; the air sits on it like a lid. We take the lid away, and it bubbles at ${celsius(values.numbers.waterTemperature!)}, although nobody heats it.` },
    { from: 11, text: `Boiling does not need 100 °C. Bubbles need a push from inside that is as strong as the push from outside, and we have made the outside weak: ${kilopascals(s.results.boilPressure ?? s.results.finalPressure!)}.` },
    { from: 14, text: `The boiling point depends on pressure: ${celsius(s.results.localBoilingPoint!)} here in the open, ${celsius(s.results.neededStart!)} at this pump's best. Evaporating takes energy from the water itself: it ended at ${celsius(s.results.endTemperature!)}.` },
    { from: 16, text: `p_sat(T) against the jar's p. Each gram of vapour takes 2.3 kJ; ${(s.results.evaporated! * 1000).toFixed(1)} g of it cooled the water ${(values.numbers.waterTemperature! - s.results.endTemperature!).toFixed(0)} K. A hand pump must carry off the vapour's volume as well, so it hovers near saturation; a large one goes on until the water freezes at the triple point.` },
  ],
  teaching: {
    wrongIdea: { idea: 'It boils, so it must have got hot.', answer: 'Feel it afterwards: it got colder. Boiling is about pressure as much as about heat.' },
    before: ['Can water boil in your hand’s warmth?', 'What will the thermometer do?'],
    after: ['Where did the heat for the vapour come from?', 'How would you cook an egg on a high mountain?', 'Why does it stop at once when the air comes in?'],
    elsewhere: ['Potatoes take longer in the mountains.', 'A pressure cooker, the other way round.', 'Freeze-drying coffee.', 'Cooling towers and sweat.'],
  },
  sizes: jarSizes,
}
