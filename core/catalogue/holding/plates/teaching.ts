/** Why it ends so, and what to tell a class. */
import { handPush } from '../../telling'
import { AIR_ONLY_DOWN, STRONGER_VACUUM } from '../../wrong-ideas'
import { HARM_RAISES } from '../../../cautions'
import { ofEnd, sideBySide } from '../../../demonstration'
import { lighterLoad, shorterTime } from '../lighter-load'
import { hemispheres } from './inputs'
import { simulate, type Plates, type PlatesRun } from './simulate'
import { apart, asArea, asForce, asLength, asPressure, asShare, asTime, say } from '../../../sentence'

/** What two people pulling against each other make: each some 300 N for a moment; from memory. */
const TUG = 300

/** What they hold as the load comes on, and what pulls. */
const loaded = ({ results: r }: PlatesRun) => apart(asForce(r.holdingAtLoad), asForce(r.pull))

/** It would have held before the air that leaked in as it waited. */
const leakedAway = ({ results: r }: PlatesRun): boolean => r.holdingForce > r.pull && r.holdingAtLoad <= r.pull

export const why: Plates['why'] = (values, s) => [
  say`The room presses on ${asLength(values.numbers.sealDiameter)} across with
    ${asPressure(s.results.peakPressureDifference)} more than what is left inside:
    ${asForce(s.results.holdingForce)}, of at most ${asForce(s.results.mostPossible)} with nothing inside.
    Half-spheres hold no more than flat plates of the same width: only the opening counts.`,
  s.outcome === 'holds'
    ? say`As the load comes on it holds ${loaded(s)[0]}, against a pull of ${loaded(s)[1]}${
        s.results.holdTime === undefined
          ? ''
          : say`; the seal's leak would part them after ${asTime(s.results.holdTime)}`
      }.`
    : s.outcome === 'weak'
      ? say`As the load comes on it holds ${loaded(s)[0]}, and the pull is ${loaded(s)[1]}: a wider pair, a better
          vacuum, or less load${leakedAway(s) ? ', and above all a tighter seal' : ''}.`
      : say`The pull of ${asForce(s.results.pull)} is less at first; air leaks in, and ${asTime(s.results.holdTime!)}
        after the valve is shut it wins: cleaner rims, a quicker start, or less load.`,
]

export const advice: NonNullable<Plates['advice']> = (values, s, risk) => {
  const found = [
    lighterLoad('This pair', values.numbers.loadMass, risk),
    // One that is too weak has not held for any time: that is not the leak's doing.
    risk.share('weak') < HARM_RAISES ? shorterTime(risk, 'parts', 'hangTime', values.numbers.waitTime) : undefined,
  ].filter(advice => advice !== undefined)
  if (found.length > 0) return found
  const people = Math.max(1, Math.ceil(s.results.holdingAtLoad / TUG))
  return [
    {
      text: say`Proof load: ${asForce(s.results.proofLoad)}, before anything hangs. It would take about
        ${people === 1 ? 'one person' : say`${people} people`} tugging at each side to part them straight.`,
    },
  ]
}

export const explanation: Plates['explanation'] = (values, s) => {
  const { area } = s.details
  const [holds, pull] = apart(asForce(s.results.holdingForce), asForce(s.results.pull))
  return [
    {
      from: 7,
      text: say`There is no glue. We took air away from between them. The air outside presses from both sides, and less
        presses back. ${ofEnd(s, {
          holds: 'So they hold.',
          parts: 'So they hold, until enough air has leaked in.',
          weak: leakedAway(s)
            ? 'But air crept in while we waited, and they came apart.'
            : 'But here we pulled harder than that, and they came apart.',
        })}`,
    },
    {
      from: 11,
      text: say`${handPush(values.numbers.stationPressure)} Inside ${asPressure(s.results.finalPressure)} are left
        to press back. So the room presses each plate onto the other with a net force of
        ${holds}; the pull was ${pull}.${
          leakedAway(s) ? say` But air leaked in before that came on, and only ${loaded(s)[0]} were left.` : ''
        }`,
    },
    {
      from: 14,
      text: say`Net force is pressure difference times area: ${asPressure(s.results.peakPressureDifference)} ×
        ${asArea(area)} × ${asShare(values.numbers.straightness)} for a pull that is not quite straight.
        ${ofEnd(s, {
          holds: 'That is more than the pull, and the seal lets little air in.',
          parts: 'Air that leaks in makes the difference smaller, until the pull wins.',
          weak: leakedAway(s)
            ? say`Air that leaked in while it waited left ${loaded(s)[0]} of that, and the pull is more.`
            : 'The pull is more than that.',
        })}`,
    },
    {
      from: 16,
      text: say`F = (p0 − p) A (p0 outside, p inside, A the area inside the seal).${
        hemispheres(values)
          ? ' For half-spheres add up the components along the pull: ∫ (p0 − p) cos θ dA over the half-sphere ' +
            'gives (p0 − p) ' +
            'π r², the area of the opening: a bulge holds no more than a flat plate.'
          : ' Only the opening counts: a thicker plate holds no more.'
      } With nothing at all inside it would be ${asForce(s.results.mostPossible)}. Two teams pull no harder than one
      team and
        a wall: the other team only holds against it. A leak is choked while the inside is under half the outside, so p
        rises in a straight line at first.`,
    },
  ]
}

export const teaching: Plates['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The vacuum inside holds them together.',
      ask: 'What would hold them on the Moon?',
      answer: 'A vacuum can’t hold anything. The room holds them together; on the Moon they would fall apart.',
      source: 'common practice',
    },
    STRONGER_VACUUM,
    AIR_ONLY_DOWN,
  ],
  before: [
    {
      ask: 'What could hold two plates together without glue or hooks?',
      answer: 'The air around them, if less presses from between them.',
    },
    {
      ask: 'Would larger plates be harder to part? Why?',
      answer: 'Yes, by their area: twice as wide is four times as hard, at the same difference.',
    },
    {
      ask: 'Do two teams pull twice as hard as one team and a wall? Why?',
      answer: 'No. The wall pulls back just as hard as a team would. The rope feels the same.',
    },
  ],
  after: [
    {
      ask: 'Why do they part so easily with the valve open?',
      answer: 'Air between them presses as hard as the air outside, so nothing holds them but their weight.',
      when: s => s.outcome === 'holds',
    },
    {
      ask: 'What made them let go?',
      answer: 'The pull was more than the difference times the area, or air got in at the rim.',
      when: s => s.outcome !== 'holds',
    },
    {
      ask: 'Would they hold better at the sea or on a mountain?',
      answer: 'At the sea. The more air outside presses, the larger the difference can be.',
    },
  ],
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
