/** What is practised of a staging, easy to hard. */
import {
  heatOff,
  next,
  resolve,
  standBack,
  wait,
  type Demonstration,
  type Trouble,
  type Values,
} from '../demonstration'
import { say, type Sentence } from '../sentence'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

export interface Exercise {
  id: string
  words: Sentence
  task: Sentence
  /** 1 to 4 */ level: number
  /** true: the plan's numbers stand there, and the plume is told */ guided: boolean
  trouble?: Trouble
}

/** Somebody comes too close, whatever is staged. */
const OVER_THE_LINE: Trouble = {
  id: 'over-the-line',
  words: 'A child was over the line.',
  comes: { after: 'begins', within: 15, seen: 'A child has stepped over the line.' },
  doNow: () => [
    standBack('“Stop. Back behind the line, please.” Nothing else is done meanwhile.'),
    heatOff('Heater, flame or pump off, if one is on.'),
    wait('Wait until everybody stands behind the line.'),
    next('A line that can be seen on the floor, and one adult who watches it.'),
  ],
}

/** Whether the plan can be altered so at all. */
function canBe(demonstration: Demonstration, values: Values, { alters }: Trouble): boolean {
  const altered = alters?.(values)
  if (!altered) return true
  const numbers = { ...values.numbers, ...altered.numbers }
  return resolve(demonstration, { numbers, choices: { ...values.choices, ...altered.choices } }).faults.length === 0
}

const troublesOf = (demonstration: Demonstration, values: Values): Trouble[] => [
  ...(demonstration.practice?.troubles ?? []).filter(
    t => (t.applies?.(values) ?? true) && canBe(demonstration, values, t),
  ),
  OVER_THE_LINE,
]

/** Its exercises in order: by the plan, by eye and ear, with each trouble, and with any of them or none. */
export function courseOf(demonstration: Demonstration, values: Values): Exercise[] {
  const troubles = troublesOf(demonstration, values)
  return [
    {
      id: 'as-planned',
      words: 'By the plan',
      task: 'Do what the plan says. Its numbers stand there.',
      level: 1,
      guided: true,
    },
    {
      id: 'by-eye',
      words: 'By eye and ear',
      task: 'The numbers are in your head, and nobody says when it is ready.',
      level: 2,
      guided: false,
    },
    ...troubles.map((trouble, i) => ({
      id: trouble.id,
      words: say`Something is not as it should be: ${String(i + 1)}`,
      task: 'Something will not be as planned. Notice it, and do what is right.',
      level: trouble.doNow ? 4 : 3,
      guided: false,
      trouble,
    })),
    {
      id: 'anything',
      words: 'Anything may happen',
      task: 'As in front of a class: all may go well, or not.',
      level: 4,
      guided: false,
    },
  ]
}

/** What an attempt at it brings: for "anything" it hangs on the seed, and half of them bring nothing. */
export function troubleOf(
  exercise: Exercise,
  demonstration: Demonstration,
  values: Values,
  seed: number,
): Trouble | undefined {
  if (exercise.id !== 'anything') return exercise.trouble
  const troubles = troublesOf(demonstration, values)
  return troubles[uniformInt(xoroshiro128plus(seed), 0, 2 * troubles.length - 1)]
}

/** Whether a course has such an exercise. */
export const hasExercise = (demonstration: Demonstration, values: Values, id: string): boolean =>
  courseOf(demonstration, values).some(e => e.id === id)
