/** Soft bottles with warm moist gas in an ice bath. */
import { act, type Demonstration, asWait, near, next, pressureOff, wait, type Has } from '../../demonstration'
import { applying, heavy, scald, wetFloor, type Caution } from '../../cautions'
import { say } from '../../sentence'

/** Hot water poured in, and the tub. */
export const softBottleCautions = ({
  numbers: n,
}: Has<'chargeTemperature' | 'waterCharge' | 'bathVolume' | 'iceMass' | 'bathTemperature'>): Caution[] =>
  applying(
    scald(n.chargeTemperature, n.waterCharge, 'charge', 'Water from the kettle', 'scald-kettle'),
    wetFloor(n.bathVolume, 'cool'),
    heavy('The tub, full', 1000 * n.bathVolume + n.iceMass, 'cool'),
    scald(n.bathTemperature, n.bathVolume, 'cool', 'The bath', 'scald-bath'),
  )

export const softBottleFailure: Demonstration['afterFailure'] = ({ numbers: n }, _s, risk, outcome) => [
  wait(
    say`Leave it in the ${(n.iceMass ?? 0) > 0 ? 'ice' : 'water'} for ${asWait(risk)} from the cap; hold it
      by the cap and turn it once so
      that the water inside touches the cold wall.`,
  ),
  pressureOff('Open the cap under your palm, away from faces: a hiss means that it held, no hiss that it leaked.'),
  near('Feel it: a wall that is still warm was not cooled for long enough.'),
  outcome === 'dent'
    ? next('It gave a little: hotter water (below what the bottle bears), capped sooner, more of it under.')
    : act(
        'next',
        'Another cap if it leaked; otherwise hotter water (below what the bottle bears), capped sooner, ' +
          'more of it under.',
      ),
]
