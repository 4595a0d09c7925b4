/** What is stated, and what does not go together. */
import { blank, ROOM_INPUTS, defineInputs, type ValuesOf, type Check, over } from '../../../demonstration'
import { jarBears, jarFits, jarInputs, LEAK, PUMP_INPUTS, pumpChoice, pumpingTime, target } from '../inputs'
import { RUBBER, slackBalloon } from '../rubber-inputs'
import { freeWidth, TOUCHES } from './simulate'
import { asLength, say } from '../../../sentence'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(),
  slackBalloon(0.05),
  blank(
    'balloonStart',
    'blown up to',
    'cm',
    'load',
    0.095,
    [0.01, 0.4],
    [0.03, 0.12],
    { shape: 'normal', relative: 0.03 },
    { lever: [-0.01, 0.01, 0.02] },
  ),
  pumpChoice('hand'),
  ...PUMP_INPUTS,
  target(15e3),
  pumpingTime(240),
  LEAK,
  ...RUBBER,
])
export type BellJarBalloonValues = ValuesOf<typeof inputs>

export const check: Check<BellJarBalloonValues> = ({ numbers: n, choices }) => [
  ...jarBears({ numbers: n, choices }),
  ...jarFits({ numbers: n, choices }),
  ...(n.balloonStart > TOUCHES * freeWidth({ numbers: n, choices })
    ? [
        {
          input: 'balloonStart',
          message: say`given ${asLength(n.balloonStart, { digits: 4 })}; accepted: at most
            ${asLength(TOUCHES * freeWidth({ numbers: n, choices }), {
              digits: 4,
              toward: 'below',
            })}, or it touches this jar
            before anything is pumped`,
        },
      ]
    : over(n.balloonStart, n.balloonSlack * n.burstStretch)
      ? [
          {
            input: 'balloonStart',
            message: say`given ${asLength(n.balloonStart, { digits: 4 })}; accepted: at most
              ${asLength(n.balloonSlack * n.burstStretch, {
                digits: 4,
                toward: 'below',
              })}, where this balloon bursts in the room`,
          },
        ]
      : []),
]
