import { GRAVITY } from '../substances/water-transport'
import { HAND_AREA } from './hand'
import { asArea, asForce, asLength, asMass, asPressure, say, type Sentence } from '../sentence'

/** m2: a grown-up's skin */
const SKIN = 1.8
/** m3: a grown-up's volume; J/(kg K); K */
const BODY = 0.07
const DRY_AIR = 287
const ROOM_TEMPERATURE = 293

/**
 * "Why aren't we crushed? Why don't we feel it?": asked in every class, and answered with the room as it is.
 * @param room Pa
 * @returns by the age from which it is told
 * @source a grown-up's skin has about 1.8 m2 (Du Bois and Du Bois, 1916); from memory
 */
export const whyNotCrushed = (room: number): { from: number; text: Sentence }[] => [
  {
    from: 7,
    text:
      'The air pushes on you from all sides. But you are full of water and other stuff, and there is air in ' +
      'your chest. ' +
      'All of that pushes back just as hard. So you do not feel it.',
  },
  {
    from: 11,
    text: say`On a patch as large as your hand air presses with ${asForce(HAND_AREA * room)}, as if ${asMass(
      (HAND_AREA * room) / GRAVITY,
    )} stood on it. But it presses as hard on the back of your hand, and what is inside presses back. So nothing moves,
      and we only notice when the push changes, as in a lift or an aeroplane: then our ears pop.`,
  },
  {
    from: 14,
    text: say`A net force needs a difference of pressure. The outside presses on us with ${asPressure(room)}, and so
    does
      what is inside: blood and tissue are mostly water, which hardly gives way, and the air in lungs and ears is open
      to
      the room. Close a syringe with a fingertip and pull its plunger, and you feel at once what a difference does.`,
  },
  {
    from: 16,
    text: say`F = (p0 − p) A: p0 outside, p inside, A area. Over all of a grown-up’s skin, some ${asArea(SKIN)}, p0
    alone would come
      to ${asForce(SKIN * room)} if one added up its size and not its direction; as a vector it adds up to nothing but
      buoyancy, ${asForce((room / (DRY_AIR * ROOM_TEMPERATURE)) * BODY * GRAVITY)}. Tissue bears ${asPressure(room)}
      from all sides with a change in volume of a few parts
      in a hundred thousand (bulk modulus of water ${asPressure(2.2e9)}). A diver at ${asLength(10)} bears twice as
      much, and feels only the ears.`,
  },
]
