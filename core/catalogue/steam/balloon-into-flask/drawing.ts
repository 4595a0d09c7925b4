import { balloonVolume } from '../../../mechanisms/rubber-balloon'
import { rubberOf } from '../../vacuum/rubber-inputs'
import { steamScene } from '../scene'
import { flaskOf } from './inputs'
import type { BalloonIntoFlask } from './simulate'

export const drawing: BalloonIntoFlask['drawing'] = (values, s, time) =>
  steamScene(values, s, time, {
    shape: 'flask',
    closure: 'balloon',
    cooling: values.choices.coolingMethod,
    heat: 'flame',
    diameter: flaskOf(values).diameter,
    height: flaskOf(values).height,
    mouth: values.numbers.mouthDiameter,
    capacity: values.numbers.vesselVolume,
    slackBalloon: balloonVolume(rubberOf(values), 1),
  })
