/** Why it ends so, and what to tell a class. */
import { sideBySide } from '../../../demonstration'
import { hemispheres } from './inputs'
import { simulate, type Plates } from './simulate'
import { asArea, asForce, asLength, asNumber, asPressure, asShare, asTime, say } from '../../../sentence'

/** What two people pulling against each other make: each some 300 N for a moment; from memory. */
const TUG = 300

export const why: Plates['why'] = (values, s) => [
  say`The room presses on ${asLength(values.numbers.sealDiameter)} across with
    ${asPressure(s.results.peakPressureDifference)} more than what is left inside:
    ${asForce(s.results.holdingForce)}, of at most ${asForce(s.results.mostPossible)} with nothing inside.
    Half-spheres hold no more than flat plates of the same width: only the opening counts.`,
  s.outcome === 'holds'
    ? say`The pull of ${asForce(s.results.pull)} is ${asNumber(s.results.safetyFactor, 2)} times
      less${
        s.results.holdTime === undefined
          ? ''
          : say`; the seal's leak would part them after ${asTime(s.results.holdTime)}`
      }.`
    : say`The pull of ${asForce(s.results.pull)} is too much: a wider pair, a better vacuum, or less load.`,
]

export const advice: NonNullable<Plates['advice']> = (_values, s) => [
  {
    text: say`Proof load: ${asForce(s.results.proofLoad)}, before anybody hangs. It would take about
      ${Math.max(1, Math.ceil(s.results.holdingAtLoad / TUG))} people tugging at each side to part them straight.`,
  },
]

export const explanation: Plates['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'There is no glue. We took the air away from between. The air outside pushes from both sides, and ' +
      'nothing pushes back.',
  },
  {
    from: 11,
    text: say`Air presses on every ${asArea(1e-4)} with about ${asForce(values.numbers.stationPressure * 1e-4)}.
      On this plate that makes ${asForce(s.results.holdingForce)}.`,
  },
  {
    from: 14,
    text: say`Force is pressure difference times area: ${asPressure(s.results.peakPressureDifference)} ×
      ${asArea(s.details.area)} × ${asShare(values.numbers.straightness)} for a pull that is not quite straight.`,
  },
  {
    from: 16,
    text:
      'For half-spheres add up the components along the pull: ∫ p cos θ dA is p π r², the projected ' +
      'area. The second team of horses only replaces a wall. Leakage is choked while the inside is ' +
      'under half the outside, so the pressure rises in a straight line at first.',
  },
]

export const teaching: Plates['teaching'] = {
  wrongIdea: {
    idea: 'The vacuum inside holds them together.',
    answer: 'A vacuum can’t hold anything. The room holds them together; on the Moon they would fall apart.',
  },
  before: [
    'What holds them?',
    'Would larger plates be harder to part?',
    'Do two teams pull twice as hard as one team and a wall?',
  ],
  after: ['Why did they part so easily with the valve open?', 'Would they hold better at the sea or up here?'],
  elsewhere: [
    'Suction cups on glass.',
    'A wet glass on a wet table.',
    'Vacuum lifters for stone plates.',
    'A fresh jar’s lid.',
  ],
}

export const variants: NonNullable<Plates['variants']> = values =>
  sideBySide(
    'Widths side by side',
    values,
    simulate,
    ['holdingForce', 'safetyFactor', 'holdTime'],
    [0.75, 1, 1.5].map(factor => ({
      name: say`${asLength(values.numbers.sealDiameter * factor)} across`,
      numbers: {
        sealDiameter: values.numbers.sealDiameter * factor,
        chamberVolume: values.numbers.chamberVolume * factor * factor * (hemispheres(values) ? factor : 1),
      },
    })),
  )
