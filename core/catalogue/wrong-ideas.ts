/**
 * Wrong ideas that classes really have, which more than one demonstration meets. Sources from memory.
 */
import type { WrongIdea } from '../demonstration'

const SERE =
  'M. G. Séré, A study of some frameworks used by pupils aged 11 to 13 in the interpretation of air pressure, ' +
  'European Journal of Science Education 4 (1982) 299'
const NOVICK =
  'S. Novick and J. Nussbaum, Junior high school pupils’ understanding of the particulate nature of matter, Science ' +
  'Education 62 (1978) 273'
const OSBORNE =
  'R. J. Osborne and M. M. Cosgrove, Children’s conceptions of the changes of state of water, Journal of Research in ' +
  'Science Teaching 20 (1983) 825'
const DRIVER = 'R. Driver and others, Making Sense of Secondary Science: Research into Children’s Ideas (1994)'

export const SUCTION: WrongIdea = {
  idea: 'A vacuum sucks.',
  kin: 'suction',
  ask: 'What touches the wall and pulls at it? What touches it and pushes?',
  answer:
    'There is nothing in a vacuum that could pull. Gas can only push. What moves things is the air of the ' +
    'room, which ' +
    'pushes as it did before, where less pushes back.',
  source: SERE,
}

export const STRONGER_VACUUM: WrongIdea = {
  idea: 'A stronger vacuum pulls harder and harder.',
  ask: 'Half of the air is gone, then nine tenths, then nearly all: how much does the push grow each time?',
  answer:
    'The push comes from the room, and the room has only so much. With nine tenths of the air gone nine ' +
    'tenths of that ' +
    'push is there already; a much better pump adds the last tenth.',
  source: SERE,
}

export const AIR_ONLY_DOWN: WrongIdea = {
  idea: 'Air presses only down, by its weight.',
  ask: 'Why is the sheet of paper on the table not pressed flat to it, and can it be lifted?',
  answer:
    'Particles of air fly in every direction, so they press on a thing from below and from the sides as hard as from ' +
    'above.',
  source: SERE,
}

export const NOTHING_PRESSES: WrongIdea = {
  idea: 'Air that does not move does not press.',
  ask: 'Is there a push on your hand now, with no wind? How could you tell?',
  answer:
    'It presses all the time and from both sides, so nothing moves and nobody notices. Take away one side, ' +
    'and it shows.',
  source: SERE,
}

export const PLUME_IS_STEAM: WrongIdea = {
  idea: 'The white plume is steam.',
  ask: 'Look from where you sit: what is between the mouth and the white cloud?',
  answer:
    'Water vapour cannot be seen: it is what is in the clear gap at the mouth. The white is a mist of tiny ' +
    'drops, where ' +
    'the vapour has already turned to liquid.',
  source: OSBORNE,
}

export const BUBBLES_ARE_AIR: WrongIdea = {
  idea: 'The bubbles in boiling water are air.',
  ask: 'Where would so much air come from, and where does it go when the bubbles are gone?',
  answer:
    'The first few small ones are dissolved air. Those of boiling are water vapour: they come out of the ' +
    'water, and turn ' +
    'back into it.',
  source: OSBORNE,
}

export const PARTICLES_SWELL: WrongIdea = {
  idea: 'Warm particles get bigger and cold ones shrink.',
  ask: 'If you could see one particle of the air while it is heated, what would change?',
  answer: 'Its speed, not its size. Faster particles hit harder and more often, and so they take up more room.',
  source: NOVICK,
}

export const PARTICLES_ARE_LOST: WrongIdea = {
  idea: 'When steam condenses, its particles are gone.',
  ask: 'Weigh the shut vessel before and after: does the balance change?',
  answer: 'They have joined the liquid. It weighs the same; they only take up over a thousand times less room.',
  source: NOVICK,
}

export const GAS_AT_THE_BOTTOM: WrongIdea = {
  idea: 'When air is taken out, what is left lies at one end.',
  ask: 'Draw what is left in the vessel after half of the air is out.',
  answer: 'What is left spreads out through all of the room, only thinner.',
  source: NOVICK,
}

export const SOUND_NEEDS_NOTHING: WrongIdea = {
  idea: 'Sound is a thing that flies by itself, like light.',
  ask: 'What moves between the bell and your ear?',
  answer: 'Nothing travels but a push, handed on from particle to particle. Where there are none, there is no sound.',
  source: DRIVER,
}

export const PUSHES_ON_AIR: WrongIdea = {
  idea: 'It has to push against something behind it.',
  ask: 'You throw a heavy ball from a skateboard. Which way do you roll, and does it matter what is behind you?',
  answer: 'What it throws away pushes back on it. It would go in empty space as well.',
  source: DRIVER,
}
