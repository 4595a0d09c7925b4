/** What every staging needs said once: who does it, who watches, what is no subject of it. */
import type { Caution } from './caution'

/** Who performs and from what age; who watches. */
export interface People {
  /** from this age a person does it under supervision; 18: adults only */ performs: number
  /** youngest who watch */ watches: number
}

/** @param first step of the procedure */
export const whoMay = ({ performs, watches }: People, first: string): Caution => ({
  id: 'people',
  step: first,
  severity: performs >= 18 ? 'raised' : 'usual',
  covers: [],
  hazard:
    performs >= 18
      ? `Done by an adult who has rehearsed it; watched from ${watches} years on.`
      : `Done from ${performs} years on with an adult beside; watched from ${watches} years on.`,
  control:
    'Who can’t keep still, startles badly or has something wrong with ears, lungs or skin is asked ' +
    'beforehand and sits where it does not matter.',
})

/** Of a thought experiment: nobody performs it. @param watches youngest that it is told to */
export const thoughtThrough = ({ watches }: Pick<People, 'watches'>, first: string): Caution => ({
  id: 'people',
  step: first,
  severity: 'usual',
  covers: [],
  hazard: `Nothing of it is done: it is thought through, from ${watches} years on.`,
  control: 'Nobody tries it, on a real one of any size.',
})

/** Jars and vacuum: nothing that lives. */
export const nothingAlive = (step: string): Caution => ({
  id: 'alive',
  step,
  severity: 'usual',
  covers: [],
  hazard: 'Air is taken away in there.',
  control:
    'Nothing that lives goes in: no animal of any kind, no insect, no person’s hand or face. Nobody ' +
    'closes their mouth on the hose.',
})

/** Food that was an object of the show. */
export const noFood = (hazard: string, step: string): Caution => ({
  id: 'eat',
  step,
  severity: 'usual',
  covers: [],
  hazard,
  control: 'Nobody eats it; hands washed; ask about egg and other allergies; into the bin with it.',
})
