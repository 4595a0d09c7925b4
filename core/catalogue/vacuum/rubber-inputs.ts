import { blank, coefficient, defineInputs, type Has } from '../../demonstration'
import type { Rubber } from '../../mechanisms/rubber-balloon'

export const slackBalloon = (across: number) =>
  blank('balloonSlack', 'balloon just round, not stretched', 'cm', 'vessel', across, [0.01, 0.2], [0.02, 0.09], 0.04)

export const RUBBER = defineInputs([
  coefficient(
    'rubberWall',
    'wall of the slack balloon',
    'mm',
    0.25e-3,
    [0.05e-3, 1.5e-3],
    [0.15e-3, 0.5e-3],
    0.12,
    'two walls of an empty party balloon are some half a millimetre; measure with a calliper',
  ),
  coefficient(
    'rubberModulus',
    'stiffness of the rubber',
    'MPa',
    0.3e6,
    [0.1e6, 1.5e6],
    [0.2e6, 0.5e6],
    0.15,
    'Müller & Strehlow, Rubber and Rubber Balloons (2004), ch. 2: s₊ about 3 bar',
  ),
  coefficient(
    'rubberStiffening',
    'stiffening at large stretch',
    '%',
    0.1,
    [0.01, 0.5],
    [0.05, 0.2],
    0.2,
    'the same: K about 0.1',
  ),
  coefficient(
    'burstStretch',
    'stretch at which it bursts',
    '1',
    5.8,
    [2, 9],
    [4.5, 7],
    { shape: 'normal', relative: 0.1 },
    'latex tears at five to seven times its length (Merritt & Weinhaus 1978; Müller & Strehlow 2004); ' +
      'old rubber earlier',
  ),
])

export const rubberOf = ({
  numbers: n,
}: Has<'balloonSlack' | 'rubberWall' | 'rubberModulus' | 'rubberStiffening' | 'burstStretch'>): Rubber => ({
  radius: n.balloonSlack / 2,
  wall: n.rubberWall,
  modulus: n.rubberModulus,
  stiffening: n.rubberStiffening,
  burst: n.burstStretch,
})
