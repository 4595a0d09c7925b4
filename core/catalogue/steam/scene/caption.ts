/** The line under the drawing of a steam vessel: what is going on at this moment. */
import { asPressure, asShare, asVolume, say, type Sentence } from '../../../sentence'
import type { Look } from './look'
import type { Moment } from './moment'
import { climbed } from './vessel'

/** Whether the inside pushes harder than the room. */
export const pushesOut = ({ pressure, outside }: Moment) => pressure > outside * 1.002

/** Whether a stopper still holds the water out. */
const stoppered = (look: Look, { opened, place, carried }: Moment) =>
  look.closure === 'cap' && !opened && (place === 'sealed' || carried > 0.1)

export const captionOf = (look: Look, moment: Moment): Sentence =>
  !look.cooling ? reheated(moment) : look.cooling === 'bath' ? dipped(look, moment) : closed(look, moment)

const onHeat = ({ plume, boiling }: Moment, plumed: Sentence, cold: Sentence): Sentence =>
  plume ? plumed : boiling ? 'Boiling; steam still condenses on the cold wall.' : cold

function reheated(m: Moment): Sentence {
  const lost = say`${asShare(m.volumeLost)} of its volume gone`
  if (!pushesOut(m)) return say`On the heat with a way out for the steam; ${lost}.`
  const over = asPressure(m.pressure - m.outside, { digits: 3 })
  return say`The inside pushes out with ${over} over the room; ${lost}.`
}

function closed(look: Look, m: Moment): Sentence {
  if (m.place === 'on-heat')
    return onHeat(m, 'On the heat, open, a steady plume: the air is leaving.', 'Open, warming up.')
  if (m.place === 'carried')
    return look.heat
      ? 'Heat off, still open: it cools and air comes in. Close it now.'
      : 'Open: vapour drives the air out.'
  if (look.closure === 'balloon') return ballooned(look, m)
  if (m.volumeLost > 0.02) return say`${asShare(m.volumeLost)} of its volume gone.`
  return look.closure === 'vent' ? 'Steam off, cooling on.' : 'Closed and cooling: the hush.'
}

const ballooned = ({ capacity = 0 }: Look, { volumeLost }: Moment): Sentence =>
  volumeLost > 0.02
    ? say`Inside out in the flask, with ${asVolume(volumeLost * capacity, { digits: 2 })} of the room’s air in it.`
    : 'The balloon is on; the flask cools: the hush.'

function dipped(look: Look, m: Moment): Sentence {
  if (m.place === 'on-heat') return onHeat(m, 'On the heat, a steady plume: the air is leaving.', 'Warming up.')
  if (m.place === 'carried')
    return look.heat
      ? 'Off the heat and turning over; every moment lets air in.'
      : 'Emptied and turning over; every moment lets air in.'
  if (stoppered(look, m)) return 'Stoppered and under water: the steam inside condenses.'
  const water = asVolume(m.drawnIn, { digits: 2 })
  if (m.volumeLost > 0.02) return say`${asShare(m.volumeLost)} of its volume gone, ${water} of water in.`
  const inStem = climbed(look, m)
  if (look.stemLength && inStem < 1)
    return m.drawnIn > 1e-7 ? say`Water climbs the stem: ${asShare(inStem)} of the way.` : 'Stem under water: the hush.'
  return m.drawnIn > 1e-6 ? say`Mouth under water; ${water} drawn in.` : 'Mouth under water: the hush.'
}
