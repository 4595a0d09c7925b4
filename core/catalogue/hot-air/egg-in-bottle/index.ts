import { blank, celsius, coefficient, type Demonstration, kilopascals, kPa, percent, result, ROOM_INPUTS, said, seconds, type Shape, valueAt, type Values } from '../../../demonstration'
import { halving } from '../../../elementary'
import { WALL_TRANSFER } from '../inputs'
import { BOTTLE, EGG, EGG_COEFFICIENTS, EGG_END, EGG_SKIN, eggShapes, needed, torn } from '../egg'
import { chilled } from '../glass-chill'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, simulate } from './simulate'

/** What heats it. A strip of paper burns for some 12 s once lit, a match for some 11 s; from memory. */
const HEATINGS: Readonly<Record<string, { name: string, burns: number }>> = {
  'paper': { name: 'a strip of burning paper', burns: 12 }, 'matches': { name: 'burning matches', burns: 11 }, 'hot-water': { name: 'hot water, no flame', burns: 1 },
}
/** Heat of combustion of paper, J/kg (lower value of cellulose, CRC Handbook, from memory). */
const PAPER_HEAT = 16e6
/** Heat of one burning match, W: a splint of 0.1 g, of which a third burns before it is short; from memory. */
const MATCH_POWER = 47
const heating = ({ choices }: Values) => HEATINGS[choices.heating!] ?? HEATINGS.paper!
/** Heat set free, from the size of the paper or the number of matches, W. */
const flamePower = (v: Values): number => v.choices.heating === 'matches' ? MATCH_POWER * v.numbers.matches! : PAPER_HEAT * v.numbers.paperMass! / HEATINGS.paper!.burns
/** What is left of the burning once it has dropped in, s. */
const burnsStill = (v: Values): number => Math.max(0.3, heating(v).burns - v.numbers.litDelay!)
const CELSIUS = 273.15
/** Later than this nobody waits with the egg in hand, s. */
const LONGEST_DELAY = 20
/** Latest that this egg can be set on and still go, s. */
const latestEgg = (values: Values): number => halving(
  eggDelay => simulate({ ...values, numbers: { ...values.numbers, eggDelay } }, 'summary').outcome !== 'stays', values.numbers.eggDelay!, Math.max(LONGEST_DELAY, values.numbers.eggDelay!), 6,
)

export const eggInBottle: Demonstration = {
  id: 'egg-in-bottle', name: 'Egg in a bottle', summary: 'Hot gas in a bottle, a boiled egg on its neck: the room pushes the egg in.',
  noun: ['egg', 'eggs'],
  people: { performs: 14, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'hot-air', effect: 'An egg dances on a bottle, stops, stretches and drops in with a plop.', topics: ['air pressure', 'gas laws', 'heating and cooling', 'combustion'], ages: [7, 16] },
  hushWords: { inside: 'oxygen left of the air', strength: 'egg gives way' },
  shelf: [{ step: 'bottle', kind: 'vessel', shapes: ['bottle'], materials: ['glass'], capacity: [0.08e-3, 6e-3], mouth: [0.025, 0.06] }],
  logged: { used: ['eggDiameter', 'neckDiameter', 'eggDelay'], seen: ['hush', 'danceTime'] },
  inputs: [
    ...ROOM_INPUTS, ...BOTTLE, ...EGG, EGG_END, EGG_SKIN,
    { id: 'heating', name: 'what heats it', kind: 'choice', group: 'heat', default: 'paper', lever: true, source: 'Paper gives most heat; matches are tidier and slower; hot water needs no flame in the room and shows that oxygen has nothing to do with it.', choices: Object.entries(HEATINGS).map(([id, { name }]) => ({ id, name })) },
    blank('paperMass', 'paper', 'g', 'heat', 0.2e-3, [0.02e-3, 5e-3], [0.05e-3, 1e-3], 0.15, { lever: [-0.1e-3, 0.2e-3] }),
    blank('matches', 'matches', '1', 'heat', 3, [1, 12], [1, 6], 0, { lever: [-1, 1, 2] }),
    blank('litDelay', 'from lit to dropped in', 's', 'heat', 1.5, [0.1, 30], [0.5, 8], { shape: 'lognormal', relative: 0.3 }, { lever: [-1, 2] }),
    blank('flamePower', 'heat that it sets free', 'W', 'heat', flamePower, [0.5, 10e3], [60, 1500], { shape: 'lognormal', relative: 0.25 }),
    blank('burnTime', 'burns on in the bottle for', 's', 'heat', burnsStill, [0.05, 60], [1, 25], { shape: 'lognormal', relative: 0.2 }),
    blank('rinseTemperature', 'hot water for the other way', 'degC', 'heat', CELSIUS + 80, [CELSIUS + 30, CELSIUS + 99], [CELSIUS + 50, CELSIUS + 95], { shape: 'normal', absolute: 3 }, { lever: [-10, 10] }),
    blank('coolingTemperature', 'cold water round it then', 'degC', 'cooling', CELSIUS + 10, [CELSIUS + 0.5, CELSIUS + 40], [CELSIUS + 1, CELSIUS + 25], { shape: 'normal', absolute: 1.5 }),
    blank('eggDelay', 'from the flame (or from emptying) to the egg', 's', 'heat', 1.2, [0.2, 60], [0.5, 20], { shape: 'lognormal', relative: 0.25 }, { lever: [-0.5, 2, 10] }),
    WALL_TRANSFER(18), ...EGG_COEFFICIENTS,
    coefficient('glassThickness', 'wall of the bottle', 'mm', 3e-3, [0.5e-3, 12e-3], [1.5e-3, 6e-3], 0.25, 'bottles 2 to 5 mm; heat needs about L²/α = 20 s to come through 3 mm (Incropera & DeWitt, ch. 5)'),
    coefficient('flameShare', 'share of the flame’s heat that the gas keeps', '%', 0.5, [0.02, 1], [0.2, 0.8], 0.2, 'the rest is radiated to the glass (a fifth to a third) or burns in the neck; assumption'),
    coefficient('exchange', 'fresh air through the open neck', '%', 1, [0.05, 5], [0.3, 2], 0.3, '100 %: Epstein 1988 (counter-current through an opening); the flame in it disturbs it'),
  ],
  results: [
    result('peakPressureDifference', 'greatest pressure difference', 'kPa'), result('neededDifference', 'needed to push the egg through', 'kPa'), result('possibleDifference', 'greatest difference if the egg stayed', 'kPa'), result('pushOnEgg', 'room pushing on the egg', 'N'), result('widestEgg', 'widest egg that would go', 'mm'),
    result('hush', 'egg on until it goes', 's'), result('danceTime', 'egg dances for', 's'), result('hottest', 'gas at its hottest', 'degC'), result('sealTemperature', 'gas when the egg last sealed', 'degC'), result('oxygenLeft', 'oxygen left in the gas', '%'),
  ],
  outcomes: [
    { id: 'whole', look: 'gone', name: 'goes in whole', sentence: 'The egg goes into the bottle in one piece.' },
    { id: 'torn', look: 'harm', name: 'tears', sentence: 'The egg goes in, but in pieces.' },
    { id: 'stays', look: 'nothing', name: 'stays on top', sentence: 'The egg sits on the neck and stays there.' },
  ],
  wanted: 'whole', columns: COLUMNS,
  procedure: [
    { id: 'bottle', parts: ['Take a bottle of ', { input: 'vesselVolume' }, ' with a neck ', { input: 'neckDiameter' }, ' wide inside, and a hard-boiled egg, ', { input: 'eggDiameter' }, ' across without its shell (', { input: 'eggMass' }, ').'] },
    { id: 'ready', parts: ['Make neck and egg ', { input: 'eggSkin' }, '; the ', { input: 'eggEnd' }, ' goes first.'] },
    { id: 'light', hazards: ({ choices }) => choices.heating === 'hot-water' ? ['scald', 'chilled-glass'] : ['flame', 'heat', 'chilled-glass'], parts: ({ choices }) => choices.heating === 'hot-water'
      ? ['Heat the gas with ', { input: 'heating' }, ': rinse with water at ', { input: 'rinseTemperature' }, ', pour it out, and stand the bottle in water at ', { input: 'coolingTemperature' }, '.']
      : ['Heat the gas with ', { input: 'heating' }, ': ', ...(choices.heating === 'matches' ? [{ input: 'matches' }, ' match(es)'] : [{ input: 'paperMass' }, ' of paper']), ', dropped in ', { input: 'litDelay' }, ' after lighting (sets free ', { input: 'flamePower' }, ' for ', { input: 'burnTime' }, ').'] },
    { id: 'egg', marks: ['sealed'], parts: ['Set the egg on the neck within ', { input: 'eggDelay' }, '. It dances, it stops. Hush.'], duration: s => s.results.hush },
  ],
  suspects: [
    { id: 'fit', words: 'the egg does not fit the neck as reckoned', remedy: 'measure the egg across and the neck; a smaller egg, wetted', inputs: ['eggDiameter', 'neckDiameter', 'eggMass', 'eggStiffness', 'eggFriction', 'tearSqueeze', 'keptStiffness', 'relaxationTime'], slips: ['eggDiameter', 'neckDiameter'] },
    { id: 'warmth', words: 'too little warm air was caught', remedy: 'more flame, or the egg on sooner', inputs: ['paperMass', 'litDelay', 'flamePower', 'burnTime', 'glassThickness', 'rinseTemperature', 'eggDelay', 'flameShare', 'exchange', 'coolingTemperature', 'wallTransfer'], slips: ['flamePower', 'burnTime', 'eggDelay', 'rinseTemperature'] },
  ],
  check: ({ numbers: n, choices }) => [
    ...(choices.heating === 'hot-water' ? chilled(n.rinseTemperature!, n.coolingTemperature!, 'coolingTemperature') : []),
    ...(n.eggDiameter! <= n.neckDiameter! ? [{ input: 'eggDiameter', message: `given ${(n.eggDiameter! * 1e3).toFixed(1)} mm; accepted: more than the neck, ${(n.neckDiameter! * 1e3).toFixed(1)} mm, or it drops in by itself` }] : []),
    ...(n.rinseTemperature! <= n.coolingTemperature! ? [{ input: 'rinseTemperature', message: `given ${celsius(n.rinseTemperature!)}; accepted: above the cooling water, ${celsius(n.coolingTemperature!)}` }] : []),
  ],
  simulate,
  ledger: ({ details: d }) => ({
    moment: 'at its greatest', difference: d.difference! - (d.start! - d.stationPressure!),
    rows: [
      { id: 'cooling', cause: 'the gas getting colder since the egg last sealed', pressure: d.cooled! }, { id: 'wall', cause: 'vapour of the flame or the rinse condensing', pressure: d.condensed! },
      { id: 'oxygen', cause: 'oxygen used up, less carbon dioxide made', pressure: d.oxygen! + d.dioxide! }, { id: 'leak', cause: 'a little overpressure under the egg at the start (gives back)', pressure: d.stationPressure! - d.start! },
    ],
  }),
  kit: values => ['bottle with a wide neck', 'boiled, shelled eggs, several sizes', 'callipers', ...(values.choices.heating === 'hot-water' ? ['kettle', 'bowl of cold water', 'glove'] : ['paper strips or matches', 'lighter', 'wet cloth', 'tongs']), ...(values.choices.eggSkin === 'oiled' ? ['a little oil'] : []), 'goggles'],
  drawing(values, s, time) {
    const [pressure, temperature, oxygen, through] = ['pressure', 'gasTemperature', 'oxygen', 'through'].map(c => valueAt(s.trace!, c, time)) as [number, number, number, number]
    const { sealing, stationPressure, flameOut, lastSeal } = s.details as Record<string, number>
    const on = time >= sealing!
    const dancing = on && time < lastSeal! && s.results.danceTime! > 0
    const { shapes, form, eggHigh } = eggShapes(values, through, through > 0.5 && torn(values), { air: pressure / stationPressure! * Math.min(1, 300 / temperature), vapour: 0 })
    const high = form.height
    const burning = values.choices.heating !== 'hot-water' && time < flameOut!
    const list: Shape[] = shapes
    if (!on) list.splice(1, list.length - 2)
    if (!on) list.push({ kind: 'round', at: [form.diameter * 0.95, high + eggHigh * 0.7], across: values.numbers.eggDiameter!, high: eggHigh, stuff: 'food' })
    if (dancing) list.push({ kind: 'push', stuff: 'inside-air', from: [form.neck * 0.5, high + 0.002], to: [form.neck * 0.5 + 0.02, high + 0.016] }, { kind: 'push', stuff: 'inside-air', from: [-form.neck * 0.5, high + 0.002], to: [-form.neck * 0.5 - 0.02, high + 0.016] })
    if (burning) list.push({ kind: 'flame', at: [0, 0.004], high: high * 0.32 })
    else if (values.choices.heating !== 'hot-water') list.push({ kind: 'body', points: [[-0.01, 0.003], [0.012, 0.006]], stuff: 'ink', open: true, thick: 3 })
    if (on && !dancing && through < 0.4) list.push({ kind: 'push', stuff: 'outside-air', from: [0, high + eggHigh * 1.35], to: [0, high + eggHigh * 0.9] })
    list.push(
      { kind: 'note', at: [-form.diameter * 0.62, high * 0.42], anchor: 'end', stuff: 'ink', said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')] },
      { kind: 'note', at: [-form.diameter * 0.62, high * 0.28], anchor: 'end', stuff: 'outside-air', said: ['oxygen ', said(oxygen, 'fraction', '%', '%')] },
      { kind: 'note', at: [form.diameter * 0.62, high * 0.42], anchor: 'start', stuff: 'outside-air', said: ['outside ', kPa(stationPressure!)] },
      { kind: 'note', at: [form.diameter * 0.62, high * 0.28], anchor: 'start', stuff: 'ink', said: ['inside ', kPa(pressure)] },
    )
    return {
      kind: 'egg', numbers: { pressure },
      scene: {
        frame: { left: -2.6 * form.diameter, right: 2.6 * form.diameter, bottom: -0.03 * high, top: high + eggHigh * 1.5 }, shapes: list,
        caption: [!on ? 'Hot gas leaves through the open neck.' : dancing ? 'The egg dances: hot gas still gets out under it.' : through > 0.02 ? (torn(values) ? 'In, and torn.' : 'In it goes.') : 'Sealed: the gas cools, the room pushes. Hush.'],
      },
    }
  },
  why(values, s) {
    const { results: r, details: d } = s
    const total = d.cooled! + d.condensed! + d.oxygen! + d.dioxide!
    return [
      total < 1 ? `The gas was at ${celsius(r.sealTemperature!)} when the egg came: nothing left to cool.` : `The gas was at ${celsius(r.sealTemperature!)} when the egg last sealed. Cooling makes ${percent(d.cooled! / total)} of the difference, condensing vapour ${percent(Math.max(0, d.condensed!) / total)}, oxygen used up less carbon dioxide made ${percent(Math.max(0, d.oxygen! + d.dioxide!) / total)}.`,
      s.outcome === 'stays' ? `It needs ${kilopascals(r.neededDifference!)} and gets ${kilopascals(r.peakPressureDifference!)}.` : s.outcome === 'torn' ? `It is ${percent((values.numbers.eggDiameter! - values.numbers.neckDiameter!) / values.numbers.eggDiameter!)} too wide for the neck: the white tears above ${percent(values.numbers.tearSqueeze!)}.` : `It needs ${kilopascals(needed(values))}; that is reached ${seconds(r.hush!)} after it is set on.`,
    ]
  },
  advice(values, s) {
    const n = values.numbers
    const whole = Math.min(s.results.widestEgg!, n.neckDiameter! / (1 - n.tearSqueeze!))
    const latest = s.outcome === 'stays' ? undefined : latestEgg(values)
    const safe = n.neckDiameter! + (whole - n.neckDiameter!) * 0.8
    return [{ text: `For this neck and this heat: an egg up to ${(whole * 1e3).toFixed(1)} mm goes in whole; ${(safe * 1e3).toFixed(1)} mm leaves a margin.${latest === undefined ? '' : latest >= LONGEST_DELAY ? ' There is no hurry with this one.' : ` This one must be on within ${seconds(latest)}.`}`, take: { input: 'eggDiameter', value: Number(safe.toFixed(4)) } }]
  },
  explanation: (_values, s) => {
    const { results: r, details: d } = s
    return [
      { from: 7, text: `The fire warms the air in the bottle and some of it gets out: that is why the egg dances. Then the air in the bottle cools and pushes less. The air in the room pushes as always, and it pushes the egg ${s.outcome === 'stays' ? 'down hard, but not hard enough today' : 'in'}.` },
      { from: 11, text: `Warm air takes more room, so part of it leaves under the egg. What is left cools from ${celsius(r.sealTemperature!)} and its pressure falls by ${kilopascals(r.peakPressureDifference!)}. The room then pushes on the egg with ${r.pushOnEgg!.toFixed(0)} N.` },
      { from: 14, text: `At one volume pressure goes with absolute temperature: cooling accounts for ${kilopascals(d.cooled!)}, water vapour of the flame that turns to dew for ${kilopascals(d.condensed!)}. The oxygen used up is nearly made up for by carbon dioxide: ${kilopascals(d.oxygen! + d.dioxide!)}. The flame goes out with ${percent(r.oxygenLeft!)} of oxygen left.` },
      { from: 16, text: `The egg is a valve first: gas leaves whenever p − p0 exceeds its weight over the neck (${kilopascals(d.valve!)}). From the last sealing on p V = n R T with falling T, n losing vapour, and C6H10O5 + 6 O2 → 6 CO2 + 5 H2O leaving the dry amount as it was. It goes when Δp reaches 4 q L (μ + s)/d = ${kilopascals(r.neededDifference!)}: contact pressure q, band L, friction μ, slope s.` },
    ]
  },
  teaching: {
    wrongIdea: { idea: 'The fire uses up the oxygen, and that leaves an empty space that sucks the egg in.', answer: 'The flame goes out with most of the oxygen still there, and makes nearly as much other gas. Hot gas that left, and the rest cooling, does the work; and it is the room that pushes.' },
    before: ['What will the egg do in the first seconds?', 'When will it go in: while it burns or afterwards?', 'Would it work with hot water and no fire?'],
    after: ['Why did the egg dance?', 'What was in the bottle afterwards?', 'How do we get it out again?'],
    elsewhere: ['A jam jar’s lid that clicks down as it cools.', 'A bottle of water that crumples after a hot car.', 'A fridge door that is hard to open again just after you shut it.', 'A tank that caves in after steam cleaning.'],
  },
  sizes: (_values, s) => [
    { id: 'pushOnEgg', name: 'room pushing on the egg', value: s.results.pushOnEgg!, quantity: 'force', units: ['N', 'lbf'], note: 'greatest difference × the neck’s opening' },
    { id: 'equivalent', name: 'as heavy as', value: s.results.pushOnEgg! / 9.80665, quantity: 'mass', units: ['kg', 'lb'], note: 'set on the egg' },
  ],
}
