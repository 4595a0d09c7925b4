import { blank, celsius, coefficient, type Demonstration, FLAME_OR_PLATE, type Input, percent, ROOM_INPUTS, seconds, type SentencePart, type Values } from '../../../demonstration'
import { crossSection, enclosedVolume } from '../../../vessels/cylinder'
import { atMost, belowBoiling, capacityFits, glassWall, waterFits } from '../checks'
import { DIPPED_COEFFICIENTS, DIPPED_RESULTS, FILL_OUTCOMES } from '../dipped-face'
import { steamDrawing } from '../drawing'
import { choice, quantities, quantity } from '../inputs'
import { bearsTheChill, GLASS_STATE, noTorch, soundGlass } from '../glass-checks'
import { readyFromPlan, sizesOf } from '../judgement'
import { steamLedger } from '../ledger'
import { RINSE_COEFFICIENTS } from '../rinse-inputs'
import { results } from '../results'
import { COLUMNS } from '../trace-recorder'
import { GLASS_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { bottleHeating, simulate } from './simulate'
import { formatQuantity } from '../../../units'

/** Through a neck the water comes as a thick, stirred column that splashes. */
const NECK_SPLASH = {
  default: ({ numbers: n }: Values) => 4000 * (0.036 / n.neckDiameter!) * (0.036 / n.neckDiameter!), usual: [500, 30e3] as const, spread: { shape: 'lognormal' as const, relative: 1 },
  source: 'Weber number at which half of it turns to drops: water that falls back on water splashes from some hundreds on (A. L. Yarin, Annu. Rev. Fluid Mech. 38 (2006) 159, order of magnitude); the plunge stirs it, and a thick column more than a thin one; assumption',
}

const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
  quantity('vesselVolume', { default: 700e-6, range: [50e-6, 5e-3], usual: [250e-6, 1.5e-3] }),
  quantity('vesselDiameter', { default: 0.08 }), quantity('vesselHeight', { default: 0.2 }),
  choice('glassKind'),
  quantity('wallThickness', { name: 'glass thickness', default: 3e-3, range: [0.5e-3, 8e-3], usual: [1.5e-3, 5e-3], spread: { shape: 'normal', relative: 0.15 } }),
  quantity('neckDiameter', { usual: [0.01, 0.05] }), ...quantities('neckLength'),
  quantity('waterCharge', { name: 'water in the bottle', default: 30e-6, range: [2e-6, 2e-3], usual: [10e-6, 120e-6], lever: [-15e-6, 20e-6] }),
  quantity('chargeTemperature', { default: 273.15 + 60 }),
  choice('fillMethod', { choices: [...choice('fillMethod').choices, { id: 'torch', name: 'a gas torch on the glass' }] }), GLASS_STATE,
  quantity('heaterPower', { name: 'flame or microwave', default: 800, usual: [200, 1500] }),
  quantity('heatingEfficiency', {
    default: ({ choices }) => choices.fillMethod === 'microwave' ? 0.35 : 0.4, usual: [0.1, 0.7],
    source: 'a few tens of millilitres take up about a third of a microwave\'s rated power, a litre nearly all of it; a flame under glass about 0.4; from memory',
  }),
  quantity('purgeTime', { default: 90, usual: [0, 240], lever: [-20, 20, 60] }), quantity('ovenTime'), blank('ovenWait', 'chip in it, waiting after the oven stops', 's', 'heat', 2, [0.5, 120], [1, 20], { shape: 'lognormal', relative: 0.2 }, { lever: [3, 10] }),
  quantity('transferTime', { name: 'from the heat, or emptied, into the water', default: 2, lever: [-1, 2, 5] }),
  {
    id: 'stopperTime', name: 'stoppered for', kind: 'quantity', quantity: 'time', units: ['s', 's'], group: 'cooling',
    default: 0, range: [0, 1800], usual: [0, 60], spread: { shape: 'lognormal', relative: 0.2 }, lever: [10],
  },
  { id: 'stopperPlace', name: 'where it stands stoppered', kind: 'choice', group: 'cooling', default: 'water', choices: [{ id: 'water', name: 'mouth under water' }, { id: 'air', name: 'in the air, on wood' }] },
  quantity('bathTemperature', { default: 301.15, lever: [-10, 10] }), quantity('bathVolume', { default: 8e-3 }),
  quantity('mouthDepth', { default: 0.05 }), quantity('mouthClearance'),
  ...DIPPED_COEFFICIENTS.filter(i => i.id !== 'splashWeber'), quantity('splashWeber', NECK_SPLASH), ...quantities('plungeSpeed', 'bathTransferFactor', 'shockLimit', 'slamLimit'),
  coefficient('grip', 'pull that the hand on it holds', 'N', 60, [1, 500], [20, 150], 0.35, 'a wet bottle in a cloth, from memory of grip and lift; assumption'),
  coefficient('blowLimit', 'blow on the bowl that it bears', 'J', 2.5, [0.05, 100], [0.5, 10], 0.5, 'an empty bottle dropped half a metre on something hard often breaks: m g h of half a kilogram; a cloth in the bowl takes most of it; assumption'),
  ...RINSE_COEFFICIENTS,
  {
    id: 'pouringLoss', name: 'how far boiling water cools in being poured', kind: 'quantity', quantity: 'temperatureDifference', units: ['K', 'degF'], group: 'coefficient',
    default: 5, range: [0.5, 40], usual: [1, 15], spread: { shape: 'lognormal', relative: 0.4 }, source: 'kettle to bottle through a funnel; assumption',
  },
]

const at = (input: string) => ({ input })
/** What each way of filling asks for, and no other. */
const FILLED_BY = (choices: Values['choices']): SentencePart[] => choices.fillMethod === 'flame'
  ? [' (', at('heaterPower'), ', of which ', at('heatingEfficiency'), ' gets in): ', at('purgeTime'), ' of boiling after the plume. Heat off.']
  : choices.fillMethod === 'microwave'
    ? [' (', at('heaterPower'), ', of which ', at('heatingEfficiency'), ' gets in): ', at('ovenTime'), ' in all; it rolls and rattles, the window fogs, water jumps. Oven off; wait ', at('ovenWait'), ', look for bubbles, then take it out.']
    : ['.']

const onHeat = (choices: Readonly<Record<string, string>>) => choices.fillMethod === 'flame' || choices.fillMethod === 'microwave'

export const bottleFill: Demonstration = {
  id: 'bottle-fill', name: 'Bottle that drinks', summary: 'A glass bottle full of steam, mouth down in cold water: it fills in a blink.',
  noun: ['bottle', 'bottles'],
  teaching: {
    wrongIdea: { idea: 'The bottle drinks: it sucks the water up.', answer: 'The room pushes on the water in the bowl, and the water goes where less pushes back.' },
    before: ['Will it fill to the top?', 'What will stay in the bottle?'],
    after: ['What was left above the water?', 'Why does a rinsed bottle only half fill?'],
    elsewhere: ['A dropper.', 'A syringe.', 'Drinking through a straw.', 'Bottling plants that fill by vacuum.'],
  },
  people: { performs: 18, watches: 9 }, gates, cautions, afterFailure,
  gallery: { family: 'steam', effect: 'The bottle is full before the eye can follow, with a thud in the hand.', topics: ['condensation', 'air pressure', 'particle model', 'change of state'], ages: [9, 18] },
  hushWords: { inside: 'air in the bottle', strength: '' },
  shelf: [{ step: 'charge', kind: 'vessel', shapes: ['bottle'], materials: ['glass'], capacity: [50e-6, 5e-3] }, { step: 'fill', kind: 'heater', heaters: [...FLAME_OR_PLATE, 'microwave'] }, { step: 'bath', kind: 'bath' }],
  logged: { used: ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'mouthDepth', 'stopperTime'], seen: ['hush', 'timeToFill', 'waterDrawnIn', 'timeToPlume'] },
  inputs: INPUTS, results: [...DIPPED_RESULTS, ...results('blowEnergy')],
  outcomes: [...FILL_OUTCOMES('bottle'), { id: 'crack', look: 'harm', name: 'cracks', sentence: 'The glass cracks or breaks.' }],
  suspects: GLASS_SUSPECTS,
  wanted: 'fill', columns: COLUMNS,
  procedure: [
    { id: 'bath', parts: ['Fill a deep bowl with ', { input: 'bathVolume' }, ' of water at ', { input: 'bathTemperature' }, '.'] },
    {
      id: 'charge',
      parts: ({ choices }) => [
        'Take a bottle of ', { input: 'glassKind' }, ', ', { input: 'vesselVolume' }, ': ', { input: 'vesselDiameter' }, ' across, ', { input: 'vesselHeight' }, ' tall, glass ', { input: 'wallThickness' }, ', neck ', { input: 'neckDiameter' }, ' wide and ', { input: 'neckLength' },
        ' long, ', { input: 'glassState' }, ...(onHeat(choices) ? ['. In it ', { input: 'waterCharge' }, ' of water at ', { input: 'chargeTemperature' }, ' and a boiling chip.'] : ['.']),
      ],
    },
    {
      id: 'fill', hazards: ({ choices }) => choices.fillMethod === 'flame' ? ['heat', 'flame', 'scald'] : ['heat', 'scald'], marks: ['heat-on', 'plume'],
      parts: ({ choices }) => ['Fill it with steam by ', { input: 'fillMethod' }, ...FILLED_BY(choices)],
      duration: s => s.details.timeOfLifting! > 0 ? s.details.timeOfLifting : undefined,
    },
    { id: 'turn', hazards: ['scald', 'chilled-glass'], marks: ['lifted'], parts: ['Turn it over and have the mouth in the water within ', { input: 'transferTime' }, ', ', { input: 'mouthDepth' }, ' under, ', { input: 'mouthClearance' }, ' above the bottom.'], duration: s => s.details.sealing! - s.details.timeOfLifting! },
    { id: 'open', hazards: ['glass-under-difference'], marks: ['sealed'], parts: ({ numbers: n }) => n.stopperTime! > 0 ? ['Let it stand stoppered, ', { input: 'stopperPlace' }, ', for ', { input: 'stopperTime' }, '; then pull the stopper out under water.'] : ['Hold on with both hands (stoppered, ', { input: 'stopperPlace' }, ': ', { input: 'stopperTime' }, ').'], duration: s => s.results.timeToFill },
  ],
  check: values => [
    ...capacityFits(values, enclosedVolume({ diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight! })),
    ...bearsTheChill(values, 'bathTemperature'), ...soundGlass(values), ...noTorch(values),
    ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'), ...waterFits(values, 'bottle'), ...atMost(values, 'neckDiameter', 'vesselDiameter', 'the bottle\'s diameter'), ...glassWall(values),
  ],
  simulate, ledger: steamLedger('when water comes through the neck'),
  kit: values => ['bottle of sound, unscratched glass, and spares', onHeat(values.choices) ? (values.choices.fillMethod === 'microwave' ? 'microwave and a wooden stick' : 'burner or plate, with a heat spreader') : 'kettle and funnel', 'deep plastic bowl, a folded cloth on its bottom', 'stopper that can be pulled under water', 'cloth and heat-proof gloves', 'goggles for all', 'clock'],
  drawing: (values, s, time) => steamDrawing(values, s, time, {
    shape: 'bottle', closure: values.numbers.stopperTime! > 0 ? 'cap' : 'mouth', cooling: 'bath', heat: onHeat(values.choices) ? values.choices.fillMethod! : '',
    diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight!, mouth: values.numbers.neckDiameter!,
    more: { neckLength: values.numbers.neckLength!, mouthDepth: values.numbers.mouthDepth!, clearance: values.numbers.mouthClearance!, bathVolume: values.numbers.bathVolume! },
  }),
  why: (values, { results: r, outcome, details }) => {
    const lines = [`${percent(r.residualAirFraction!)} of the gas is air when the mouth goes under${onHeat(values.choices) ? '' : `: rinsing warms the glass to ${celsius(details.overheat!)} and lets room air in each time it is emptied`}.`]
    if (r.hush !== undefined) lines.push(`Water comes through the neck after ${seconds(r.hush)}; it is nearly as full as it gets after ${seconds(r.timeToFill!)}, at up to ${formatQuantity(r.peakInflowSpeed!, 'm/s', 'speed', 2)} in the neck. Each splash of cold water condenses more steam, which pulls nothing: it only stops pushing back.`)
    if (outcome === 'part') lines.push('The air left inside is squeezed to the pressure of the room and keeps the rest of the bottle empty.')
    if (outcome === 'crack') lines.push(r.glassChill! > values.numbers.shockLimit! ? 'The glass is too hot for water this cold.' : r.blowEnergy! > values.numbers.blowLimit! ? `The room pulls it out of the hand with up to ${formatQuantity(r.peakPull!, 'N', 'force', 2)}; it hits the bowl.` : 'The water stops so short at the far end that the blow may break the glass.')
    if (values.numbers.mouthClearance! < values.numbers.neckDiameter! / 4) lines.push('The rim is so close to the bottom that the gap throttles the flow: lift it.')
    return lines
  },
  explanation: (_values, { results: r }) => [
    { from: 7, text: 'The bottle was full of steam. Cold water turned the steam into drops, and then the air pressing on the water in the bowl pushed it up into the bottle.' },
    { from: 11, text: 'Steam takes up over a thousand times more room than the water it came from. When it condenses almost nothing is left inside, and the air outside pushes water in. Nothing sucks.' },
    { from: 14, text: `${percent(r.residualAirFraction!)} of the gas was air, which does not condense: about that share of the bottle stays empty. The water reached ${formatQuantity(r.peakInflowSpeed!, 'm/s', 'speed', 2)}.` },
    { from: 16, text: `Without friction a difference Δp drives water at √(2Δp/ρ), at most 14 m/s from a whole atmosphere (Torricelli). The water's own inertia in the neck takes time to speed up; the jet condenses steam on contact, which keeps the pressure low: a runaway. It ends with a blow of about ${formatQuantity(r.slamPressure!, 'MPa', 'pressure', 2)} (Joukowsky) where no air cushions it.` },
  ],
  ready: (values, s) => onHeat(values.choices) ? readyFromPlan(bottleHeating(values), s, values.choices.fillMethod === 'microwave') : { watch: [{ sign: 'The glass is too hot to hold at once after it is emptied.', worth: 'it was warmed through' }, { sign: 'No cold draught over the mouth; turned over at once.', worth: 'each second lets room air in' }], earliest: 0, dryAt: undefined, lowFlame: undefined },
  sizes: (values, s) => sizesOf(s, crossSection(values.numbers.vesselDiameter!), false).concat([
    { id: 'pull', name: 'pull on the bottle', value: s.results.peakPull!, quantity: 'force', units: ['N', 'lbf'], note: 'greatest difference × neck area: down, into the bowl' },
    { id: 'jolt', name: 'jolt in the hand', value: s.results.peakWallForce!, quantity: 'force', units: ['N', 'lbf'], note: 'momentum of the jet on the far end, at its fastest' },
    { id: 'impulse', name: 'push to take up', value: s.results.inflowImpulse!, quantity: 'impulse', units: ['N s', 'lbf s'], note: 'all the momentum that comes in' },
  ]),
}
