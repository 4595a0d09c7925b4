/** Why it ends so, and what to tell a class. */
import { reached } from '../../telling'
import { STRONGER_VACUUM, SUCTION } from '../../wrong-ideas'
import { ofEnd, sideBySide } from '../../../demonstration'
import { simulate, type BalloonEmptied } from './simulate'
import { apart, asForce, asPressure, asTime, say } from '../../../sentence'

export const why: BalloonEmptied['why'] = (values, s) => {
  const [most, reaches] = apart(asPressure(values.numbers.stationPressure), asPressure(s.results.greatestPossible))
  return [
    say`The pump never pulls at the rubber. It takes air away, and the room, with
    ${asPressure(values.numbers.stationPressure)}, pushes the skin after it.
    ${
      s.results.hush === undefined
        ? 'Not enough was taken in the time.'
        : say`After ${asTime(s.results.hush)} the skins meet.`
    }`,
    say`A bigger pump is faster, not stronger: the most that can ever press is the room's
    ${most}; this pump leaves ${asPressure(values.numbers.ultimatePressure)}
    and so reaches ${reaches}.`,
  ]
}

export const explanation: BalloonEmptied['explanation'] = (values, s) => {
  const [room, left] = apart(asPressure(values.numbers.stationPressure), asPressure(s.results.finalPressure))
  return [
    {
      from: 7,
      text: say`The pump takes air out of the balloon. ${ofEnd(s, {
        flat: 'Then the air in the room squeezes the balloon flat, like a big soft hand.',
        open: 'The air in the room squeezes it smaller. But some air is still inside and pushes back.',
      })}`,
    },
    {
      from: 11,
      text: say`As long as there is air inside, its particles press back. ${ofEnd(s, {
        flat: say`Once it is nearly gone, the room’s air presses the two skins together with
      ${asForce(s.results.squeeze)}.`,
        open: say`The room presses with ${room}; inside there are still
        ${left} against it.`,
      })}`,
    },
    {
      from: 14,
      text: say`A pump of twice the speed needs half the time. But pressure outside less pressure inside can’t be more
    than
      ${asPressure(values.numbers.stationPressure)} here, whatever the pump: this one got to
      ${reached(s.results.peakPressureDifference)}.`,
    },
    {
      from: 16,
      text: say`While the skin is slack the air stays at the room's pressure and its volume falls at the pumping speed,
      V = V0 − S t (V0 volume at the start, S pumping speed, t time). Once it is flat, only the hose is left, and its
      pressure falls exponentially to the pump's own limit of ${asPressure(values.numbers.ultimatePressure)}.
      ${ofEnd(s, {
        flat: say`It had fallen to ${asPressure(s.results.finalPressure)} when the pump stopped.`,
        open: 'Here the pump stopped before it was flat.',
      })} Assumed: one temperature, no leak at the neck.`,
    },
  ]
}

export const teaching: BalloonEmptied['teaching'] = {
  wrongIdeas: [
    {
      idea: 'A stronger pump would suck it flatter.',
      kin: 'suction',
      ask: 'With all the air out, what would a better pump change?',
      answer:
        'A pump can only take away what pushes from inside. When nothing is left there, the room’s ' +
        'pressure is all there is, whatever the pump.',
      source: 'common practice',
    },
    SUCTION,
    STRONGER_VACUUM,
  ],
  before: [
    {
      ask: 'What could flatten it: the pump or something else?',
      answer: 'The room’s air. The pump only takes away what pushed back.',
    },
    {
      ask: 'Will a pump of twice the speed press it twice as hard? Why?',
      answer: 'No. It only gets there sooner. No pump can take away more than all the air inside.',
    },
  ],
  after: [
    {
      ask: 'Why is there a limit to how hard it is pressed?',
      answer: 'The most there can be is the pressure of the room: inside it cannot get less than nothing.',
      when: s => s.outcome === 'flat',
    },
    { ask: 'What still pushes back inside?', answer: 'Air that is still in it.', when: s => s.outcome === 'open' },
    {
      ask: 'Where would it be pressed less: here or on a high mountain?',
      answer: 'On the mountain: the air there presses less.',
    },
  ],
  elsewhere: [
    'Food in vacuum bags.',
    'Clothes bags for travel.',
    'A carton when you drink its last drop.',
    'A vacuum mattress for patients.',
  ],
}

export const variants: NonNullable<BalloonEmptied['variants']> = values =>
  sideBySide(
    'Pumps side by side',
    values,
    simulate,
    ['hush', 'greatestPossible'],
    [
      {
        name: 'half this speed',
        numbers: { pumpSpeed: values.numbers.pumpSpeed / 2, strokeVolume: values.numbers.strokeVolume / 2 },
      },
      { name: 'this pump' },
      {
        name: 'twice this speed',
        numbers: { pumpSpeed: values.numbers.pumpSpeed * 2, strokeVolume: values.numbers.strokeVolume * 2 },
      },
      { name: 'a perfect vacuum', numbers: { ultimatePressure: 1 } },
    ],
  )
