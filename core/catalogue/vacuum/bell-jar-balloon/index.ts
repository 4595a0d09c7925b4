import { blank, centimetres, type Demonstration, GAS_COLUMNS, kilopascals, percent, result, ROOM_INPUTS, said, seconds, type Shape, times, valueAt } from '../../../demonstration'
import { RUBBER, rubberOf, slackBalloon } from '../rubber-inputs'
import { JAR_RESULTS, LEAK, PUMP_INPUTS, pumpWords, jarBears, jarInputs, pumpChoice, pumpingTime, target } from '../inputs'
import { jarScene } from '../jar-scene'
import { jarKit, jarLedger, jarSizes } from '../pumped'
import { VACUUM_SUSPECTS } from '../suspects'
import { afterFailure, cautions, gates } from './cautions'
import { COLUMNS, TOUCHES, freeWidth, simulate } from './simulate'

export const bellJarBalloon: Demonstration = {
  id: 'bell-jar-balloon', name: 'Balloon in a bell jar', summary: 'A knotted balloon with a little air, in a jar that is pumped out: it grows until it fills the jar.',
  noun: ['balloon', 'balloons'],
  people: { performs: 11, watches: 7 }, gates, cautions, afterFailure,
  gallery: { family: 'vacuum', effect: 'A limp balloon swells by itself under the jar, and shrinks back when the air is let in.', topics: ['air pressure', 'gas laws', 'vacuum'], ages: [7, 18] },
  hushWords: { inside: 'air left in the jar', strength: '' },
  shelf: [{ step: 'jar', kind: 'vessel', shapes: ['bell-jar'], capacity: [0.1e-3, 60e-3] }, { step: 'pump', kind: 'pump' }],
  logged: { used: ['balloonStart', 'targetPressure'], seen: ['balloonEnd', 'finalPressure', 'timeToPump'] },
  inputs: [
    ...ROOM_INPUTS, ...jarInputs(), slackBalloon(0.05),
    blank('balloonStart', 'blown up to', 'cm', 'load', 0.095, [0.01, 0.4], [0.03, 0.12], { shape: 'normal', relative: 0.03 }, { lever: [-0.01, 0.01, 0.02] }),
    pumpChoice('hand'), ...PUMP_INPUTS, target(15e3), pumpingTime(240), LEAK, ...RUBBER,
  ],
  results: [
    ...JAR_RESULTS, result('balloonEnd', 'balloon across at the end', 'cm'), result('balloonGrowth', 'times as wide as at the start', '1'),
    result('startToFill', 'size to start with so that it nearly fills the jar', 'cm'), result('hump', 'most that the skin ever presses', 'kPa'), result('hush', 'until it nearly fills the jar', 's'),
  ],
  outcomes: [
    { id: 'fills', look: 'gone', name: 'nearly fills the jar', sentence: 'The balloon swells until it nearly fills the jar.' },
    { id: 'touches', look: 'partly', name: 'presses against the glass', sentence: 'The balloon swells until it presses against the glass.' },
    { id: 'small', look: 'nothing', name: 'stays small', sentence: 'The balloon swells a little and stays well away from the glass.' },
    { id: 'bursts', look: 'harm', name: 'bursts', sentence: 'The balloon bursts in the jar.' },
  ],
  wanted: 'fills', columns: [...GAS_COLUMNS, ...COLUMNS],
  procedure: [
    { id: 'jar', parts: ['Grease the rim of a ', { input: 'jarKind' }, ' of ', { input: 'jarVolume' }, ' (', { input: 'jarDiameter' }, ' across, ', { input: 'jarHeight' }, ' high inside).'] },
    { id: 'balloon', hazards: ['burst'], parts: ['Blow up a balloon, ', { input: 'balloonSlack' }, ' across before it stretches, to only ', { input: 'balloonStart' }, ' across; knot it; hang or lay it in the middle.'] },
    { id: 'pump', hazards: ['glass-under-difference', 'vacuum'], marks: ['sealed'], parts: values => ['Pump with a ', ...pumpWords(values), ' until the gauge shows ', { input: 'targetPressure' }, ', for at most ', { input: 'pumpTime' }, '.'], duration: s => s.results.timeToPump },
    { id: 'air', parts: ['Let the air back in slowly: it shrinks to what it was.'] },
  ],
  suspects: VACUUM_SUSPECTS,
  check: ({ numbers: n, choices }) => [...jarBears({ numbers: n, choices }), ...(n.balloonStart! > TOUCHES * freeWidth({ numbers: n, choices })
    ? [{ input: 'balloonStart', message: `given ${centimetres(n.balloonStart!)}; accepted: at most ${centimetres(TOUCHES * freeWidth({ numbers: n, choices }))}, or it touches this jar before anything is pumped` }]
    : n.balloonStart! > n.balloonSlack! * n.burstStretch!
      ? [{ input: 'balloonStart', message: `given ${centimetres(n.balloonStart!)}; accepted: at most ${centimetres(n.balloonSlack! * n.burstStretch!)}, where this balloon bursts in the room` }]
      : [])],
  simulate, ledger: jarLedger,
  kit: values => jarKit(values, 'round balloons, several', 'ruler or callipers', 'thread'),
  drawing(values, s, time) {
    const across = valueAt(s.trace!, 'balloonAcross', time)
    const burst = s.outcome === 'bursts' && time >= s.results.timeToPump! - 1e-6
    const height = values.numbers.jarHeight! * 0.5
    const shapes: Shape[] = burst
      ? [-0.5, -0.15, 0.3, 0.6].map(x => ({ kind: 'round', at: [x * values.numbers.jarDiameter! * 0.6, 0.012 + Math.abs(x) * 0.02], across: 0.03, high: 0.012, stuff: 'rubber' }))
      : [
          { kind: 'round', at: [0, height], across, stuff: 'rubber', opacity: 0.75 },
          { kind: 'body', points: [[-0.007, height - across / 2 - 0.01], [0, height - across / 2], [0.007, height - across / 2 - 0.01]], stuff: 'rubber' },
          { kind: 'note', at: [0, height - 0.004], anchor: 'middle', said: [said(across, 'length', 'cm', 'in')] },
        ]
    return jarScene(values, s, time, shapes, burst ? ['It has burst.'] : ['The balloon is ', said(across, 'length', 'cm', 'in'), ' across; its air is the same all the time.'])
  },
  why(values, s) {
    const n = values.numbers
    const { results: r } = s
    return [
      `The knot keeps the same air inside. When the jar has gone from ${kilopascals(n.stationPressure!)} to ${kilopascals(r.finalPressure!)} nothing much pushes back, and that air takes ${times(n.stationPressure! / r.finalPressure!)} the room, less what the skin holds back (it never presses with more than ${kilopascals(r.hump!)}).`,
      ...(s.outcome === 'bursts' ? [`It was stretched ${n.burstStretch!.toFixed(1)} times and tore: start smaller.`] : []),
      ...(s.outcome === 'small' ? [`It reaches ${percent(r.balloonEnd! / freeWidth(values))} of the jar's width: more air to start with, or a better vacuum.`] : []),
    ]
  },
  advice(values, s) {
    const { startToFill: start, finalPressure } = s.results
    if (start === undefined) return [{ text: `To fill this jar at ${kilopascals(finalPressure!)} the rubber would have to stretch ${((0.9 * freeWidth(values)) / (2 * rubberOf(values).radius)).toFixed(1)} times; it bursts near ${values.numbers.burstStretch!.toFixed(1)}. Take a larger balloon.` }]
    return [{ text: `Start it ${centimetres(start)} across: at ${kilopascals(finalPressure!)} it then nearly fills the jar.`, take: { input: 'balloonStart', value: Number(start.toFixed(4)) } }]
  },
  explanation: (values, s) => [
    { from: 7, text: `We did not blow into the balloon. We took away the air round it. The air inside still pushes, and there is less to push back, so it grows from ${centimetres(values.numbers.balloonStart!)} to ${centimetres(s.results.balloonEnd!)}.` },
    { from: 11, text: `Air presses from all sides, here with ${kilopascals(values.numbers.stationPressure!)}. Pumped down to ${kilopascals(s.results.finalPressure!)}, the trapped air pushes the skin out until both sides match again.` },
    { from: 14, text: `Pressure times volume of the trapped air stays the same at one temperature (Boyle). From ${kilopascals(values.numbers.stationPressure!)} to ${kilopascals(s.results.finalPressure!)} the volume could grow ${times(values.numbers.stationPressure! / s.results.finalPressure!)}; the skin takes its share of pressure, so it grew ${times(s.results.balloonGrowth! * s.results.balloonGrowth! * s.results.balloonGrowth!)}.` },
    { from: 16, text: `(p + Δp(λ)) V(λ) is constant. The skin's Δp rises to a hump of ${kilopascals(s.results.hump!)} near a stretch of 1.4, falls, and rises again as the rubber stiffens: where it falls the balloon may grow with a jump. The pump takes air in equal shares, not equal amounts: ${seconds(s.results.timeToPump!)} to here.` },
  ],
  teaching: {
    wrongIdea: { idea: 'The vacuum sucks the balloon bigger.', answer: 'Nothing pulls. The air in the balloon has pushed all the time; what was taken away is the air that pushed back.' },
    before: ['What will happen to the balloon when the pump runs?', 'Is there more air in the balloon afterwards?', 'Will it stay big when the air comes back?'],
    after: ['What pushed the skin outwards?', 'Why does it shrink again to the same size?', 'What would happen if it had a pinhole?'],
    elsewhere: ['A weather balloon is launched limp and is several times wider high up.', 'A packet of crisps bulges on a mountain pass.', 'A diver breathes out on the way up.', 'Ears pop in an aircraft.'],
  },
  sizes: jarSizes,
}
