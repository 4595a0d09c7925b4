import { atWorst, type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import { applying, projectile, shatters, usualPump } from '../../../cautions'
import { isDriven } from '../../vacuum/inputs'
import type { VacuumCannon } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'load',
    text:
      'Before anything is loaded or pumped: backstop up, line of fire closed and empty to the wall, ' +
      'doors watched; tube looked over for cracks; eye and ear protection on.',
    guards: ['projectile', 'vacuum'],
  },
  { step: 'fire', text: 'Nobody forward of the muzzle, doors still watched. Count down aloud.', guards: [] },
]
export const cautions: VacuumCannon['cautions'] = (values, _s, risk) =>
  applying(
    projectile('the ball', atWorst(risk, 'muzzleSpeed'), atWorst(risk, 'reach'), atWorst(risk, 'energy'), 'load'),
    shatters(atWorst(risk, 'energy'), 'load'),
    {
      id: 'implosion',
      step: 'pump',
      severity: 'usual',
      covers: ['vacuum', 'glass-under-difference'],
      hazard: 'A cracked or glued tube gives way while it is pumped.',
      control: 'Pipe made for pressure, no glass, no cracks; nobody beside it while it is pumped; goggles.',
    },
    isDriven(values) ? usualPump('pump') : undefined,
    // How loud it is is not worked out: it counts as loud.
    {
      id: 'bang',
      step: 'fire',
      severity: 'raised',
      covers: [],
      hazard: 'A bang louder than a shout; how loud is not worked out here.',
      control:
        'Say so beforehand; ear protection for everybody in the room; who startles badly, or wears a ' +
        'hearing aid, outside.',
    },
  )
export const afterFailure: VacuumCannon['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack('Nobody walks in front: treat it as loaded, for as long as there is foil on it.'),
  pressureOff('Let air in through the valve at the pump, from behind, until the gauge stands at nought.'),
  near('Foil off at the back first. Foil, tape and ball: look for the leak.'),
  next(
    outcome === 'slow'
      ? 'A better vacuum, or a ball that fits more closely.'
      : 'A tighter foil and a ball that runs freely.',
  ),
]
