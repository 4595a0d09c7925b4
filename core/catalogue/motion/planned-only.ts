import { type Teaching, defineInput, type Has } from '../../demonstration'
import { PUSHES_ON_AIR } from '../wrong-ideas'
import { ln } from '../../elementary'
import type { Fault } from '../../demonstration'

/**
 * Most that a closed, full mixture of vapour and air can reach, of its start: NFPA 68 (2018), annex: 7 to 8 bar from
 * 1 bar for hydrocarbons and alcohols.
 */
export const WORST_RISE = 8
/** Ratio of specific heats of hot burnt gas: about 1.25 at 2000 K, from memory. */
export const BURNT_GAMMA = 1.25

const LN_10 = 2.302585092994046
/**
 * Level of a pulse of sound, dB. @param energy J @param share that becomes sound @param duration s @param distance m
 */
export function pulseLevel(energy: number, share: number, duration: number, distance: number): number {
  const power = (energy * share) / duration
  const intensity = power / (4 * Math.PI * distance * distance)
  return (10 * ln(Math.max(intensity, 1e-12) / 1e-12)) / LN_10
}

export const FUEL_TEACHING: Teaching = {
  wrongIdeas: [
    {
      idea: 'Fuel itself explodes.',
      ask: 'A puddle of it burns for minutes. What is different when it goes off in an instant?',
      answer:
        'Only the right mixture of vapour and air burns in an instant. It is the hot gas that needs more ' +
        'room and pushes.',
      source: 'common practice',
    },
    PUSHES_ON_AIR,
  ],
  before: [
    { ask: 'What will push, and on what?', answer: 'Hot gas, on everything around it alike. What can move, moves.' },
    {
      ask: 'Where would you stand, and why there?',
      answer:
        'To the side, behind the shield, and never in line with what can fly. Those who run it decide the ' +
        'place beforehand.',
    },
    {
      ask: 'What must be in the air for it to burn?',
      answer: 'Vapour and oxygen in the right proportion. Too little or too much vapour, and it does not burn.',
    },
  ],
  after: [
    {
      ask: 'What made the noise?',
      answer: 'Gas that was let out at once pushed the air of the room: that is the bang.',
      when: s => s.outcome === 'clear' || s.outcome === 'arrives',
    },
    {
      ask: 'Where did the water drops inside come from?',
      answer: 'From the burning: hydrogen of the fuel and oxygen of the air make water.',
    },
    {
      ask: 'Why can it not be done again at once?',
      answer:
        'Its oxygen is used, and burnt gas has taken the place of air. Fresh air must come in, and everything ' +
        'must be cool.',
    },
  ],
  elsewhere: [
    'An engine’s cylinder.',
    'Flour dust in a mill.',
    'A gas heater that lights late.',
    'A popping cork, without fire.',
  ],
}
export const OPEN_QUESTION =
  'What is mixed, and how, is not part of this plan: it stands in the school’s own written ' +
  'assessment, made by trained staff.'

/** What the vapour is mixed with. */
export const BURNS_IN = defineInput({
  id: 'burnsIn',
  name: 'burns in',
  kind: 'choice',
  group: 'load',
  default: 'air',
  choices: [
    { id: 'air', name: 'air' },
    { id: 'oxygen', name: 'oxygen' },
  ],
})
/** Oxygen makes a bang into an explosion. */
export const noOxygen = ({ choices }: Has<never, 'burnsIn'>): Fault[] =>
  choices.burnsIn === 'oxygen'
    ? [
        {
          input: 'burnsIn',
          message:
            'given "oxygen"; refused: with oxygen it detonates, and vessel and lid become splinters; accepted: air',
        },
      ]
    : []
