/** What goes wrong on purpose when a steam vessel is practised. */
import { heatOff, near, next, standBack, wait, type Has, type Trouble, type Values } from '../../demonstration'

/** How much of the heat a weak heater gives, and of the water is there when somebody poured too little. Assumptions. */
const WEAK = 0.45
const TOO_LITTLE = 0.15
/** A cap that was put on askew, m2: some square millimetres. Assumption. */
const ASKEW = 12e-6

const numbersOf = (values: Has<never> | Values): Readonly<Partial<Record<string, number>>> => values.numbers

/** A heater that gives less than it says: nothing is done about it but to go by the signs. */
export const weakHeater: Trouble<Has<'heatingEfficiency'>> = {
  id: 'weak-heater',
  words: 'The heater gave less than half of the heat that was expected.',
  applies: v => numbersOf(v).heatingEfficiency !== undefined,
  alters: v => ({ numbers: { heatingEfficiency: Math.max(0.02, v.numbers.heatingEfficiency * WEAK) } }),
}

/** Too little was poured in: it boils dry before it has steamed through. */
export const driesOut = (vessel: string, hot: string): Trouble<Has<'waterCharge'>> => ({
  id: 'dry',
  words: `Far too little water was poured into the ${vessel}: it boiled dry on the heat.`,
  alters: v => ({ numbers: { waterCharge: v.numbers.waterCharge * TOO_LITTLE } }),
  comes: { after: 'dry', within: 6, seen: 'The plume is gone. Blue-grey smoke, and a smell of hot metal.' },
  doNow: () => [
    heatOff('Heat off, at the tap or the plug.'),
    standBack(`Everybody stays back: ${hot}`),
    wait('Let it stand, open, until it is cold; no water into it, no cap on it, not into the bath.'),
    near('Only then look inside: a softened or cracked one is thrown away.'),
    next('Measure the water, and set a clock for when it would be dry.'),
  ],
})

export const DRY_METAL = 'the metal is far hotter than boiling water, and aluminium may soften.'
export const DRY_GLASS = 'dry glass on the heat cracks.'

/** A vessel that was dented before. */
export const dentedBefore = (vessel: string): Trouble<Has<never, 'vesselCondition'>> => ({
  id: 'dented',
  words: `The ${vessel} had a dent: it goes at a smaller difference, earlier than expected.`,
  applies: v => v.choices.vesselCondition === 'sound',
  alters: () => ({ choices: { vesselCondition: 'dented' } }),
})

/** A closure that does not close: what comes in takes the difference away. */
export const leakingCap = (closure: string): Trouble<Has<'leakArea'>> => ({
  id: 'leaking-cap',
  words: `The ${closure} sat askew and leaked.`,
  alters: () => ({ numbers: { leakArea: ASKEW } }),
})

/** The water that was to cool it runs over the bench. */
export const bathKnockedOver = (vessel: string): Trouble => ({
  id: 'bath-over',
  words: 'The bath was knocked over.',
  comes: {
    after: 'heat-on',
    within: 25,
    seen: 'Somebody knocks the bath over. Water runs over the bench to the heater.',
  },
  doNow: () => [
    heatOff(
      'Heater off from where it is dry: at the gas tap, or at the room’s switch; nobody touches a wet plug or heater.',
    ),
    standBack('Everybody stays where they are: the floor is wet.'),
    wait(`Leave the ${vessel} where it stands until it no longer boils.`),
    near('Dry the floor and the bench, then fill the bath anew.'),
    next('The bath stands in a tray, away from the edge, before anything is hot.'),
  ],
})
