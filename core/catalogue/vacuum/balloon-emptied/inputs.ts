/** What is stated, and what does not go together. */
import { blank, ROOM_INPUTS, defineInputs, type ValuesOf, type Check, over } from '../../../demonstration'
import { PUMP_INPUTS, pumpChoice, pumpingTime } from '../inputs'
import { RUBBER, slackBalloon } from '../rubber-inputs'
import { asLength, say } from '../../../sentence'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  slackBalloon(0.06),
  blank('balloonStart', 'blown up to', 'cm', 'load', 0.14, [0.02, 0.5], [0.06, 0.28], 0.03, { lever: [-0.03, 0.03] }),
  pumpChoice('membrane'),
  ...PUMP_INPUTS,
  pumpingTime(120),
  ...RUBBER,
])
export type BalloonEmptiedValues = ValuesOf<typeof inputs>

export const check: Check<BalloonEmptiedValues> = ({ numbers: n }) =>
  over(n.balloonStart, n.balloonSlack * n.burstStretch)
    ? [
        {
          input: 'balloonStart',
          message: say`given ${asLength(n.balloonStart, { digits: 4 })}; accepted: at most
            ${asLength(n.balloonSlack * n.burstStretch, { digits: 4, toward: 'below' })}, where this balloon bursts`,
        },
      ]
    : []
