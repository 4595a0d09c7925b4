/** Boiled, closed and cooled metal vessels: gates, cautions and what is done when one does not go. */
import {
  act,
  atWorst,
  type FailureAct,
  type Gate,
  asWait,
  mayStillGo,
  near,
  next,
  pressureOff,
  type Risk,
  standBack,
  wait,
  type Has,
  type Ran,
  dryMargin,
} from '../../demonstration'
import {
  applying,
  boilingDry,
  burnerGas,
  dented,
  formerContents,
  goesSuddenly,
  heavy,
  hotSurface,
  LARGE_VESSEL,
  neverHeatSealed,
  scald,
  sharpFolds,
  wetFloor,
  type Caution,
} from '../../cautions'
import { isWetted } from './checks'
import { say } from '../../sentence'

export const closedMetalGates = (noun: string): readonly Gate[] => [
  {
    step: 'charge',
    text: `A ${noun} whose history is known, that has held nothing that burns or poisons, and that does not smell.`,
    guards: ['fuel'],
  },
  {
    step: 'heat',
    text: 'Goggles on; hair and sleeves back; heater on something that does not burn; cap or bung well away from it.',
    guards: ['heat', 'flame'],
  },
  {
    step: 'off',
    text:
      `Heat off, ${noun} off the heat; what cools it stands ready, to be worked from behind the ` +
      `${noun === 'drum' ? 'line' : 'screen'}.`,
    guards: ['closed-hot-vessel'],
  },
  {
    step: 'seal',
    text:
      `Only now it is closed; a ${noun} is never heated closed. Everyone but the one who closes it is ` +
      'back; then that one too.',
    guards: ['closed-hot-vessel', 'vacuum'],
  },
]

/** Who cools it, from where. */
const fromWhere = ({ numbers, choices }: Has<'vesselVolume', 'coolingMethod'>): string => {
  const large = numbers.vesselVolume > LARGE_VESSEL
  const behind = large ? 'the line' : 'the screen'
  switch (choices.coolingMethod) {
    case 'ice-pool':
      return (
        'two people have set it into the empty tub while it was open, with the ice; the water comes ' +
        `through a hose from behind ${behind}`
      )
    case 'spray':
      return `a hose or lance from behind ${behind}, or a spray head fixed beforehand with its tap there`
    case 'pour':
      return large
        ? 'a bucket on a tipping frame, pulled by a cord from behind the line'
        : 'a jug on a long handle, from behind the screen'
    case 'sprinkle':
      return `a rose fixed over it beforehand, its tap behind ${behind}`
    default:
      return `it is left alone, everybody behind ${behind}`
  }
}

export function closedMetalCautions(
  values: Has<
    'chargeTemperature' | 'waterCharge' | 'heaterPower' | 'bathVolume' | 'bathTemperature' | 'vesselVolume',
    'coolingMethod' | 'vesselCondition'
  >,
  s: Ran<'boilingTemperature' | 'outsideForce', 'overheat' | 'capacity', never, 'emptyMass'>,
  risk: Risk,
  noun: string,
): Caution[] {
  const { numbers: n } = values
  const { results: r, details } = s
  const wet = isWetted(values)
  const empty = details.emptyMass ?? 0
  return applying(
    formerContents(noun === 'drum' ? 'A drum' : 'A tin', 'charge'),
    scald(n.chargeTemperature, n.waterCharge, 'charge', 'Water poured in', 'scald-kettle'),
    heavy(`The ${noun} with its water`, empty + 1000 * n.waterCharge, 'off'),
    hotSurface(Math.max(details.overheat ?? 0, r.boilingTemperature), 'heat', `Heater and ${noun} stay hot after use`),
    burnerGas('heat', n.heaterPower > 4000),
    boilingDry(dryMargin(s), details.overheat, 'purge', risk),
    scald(r.boilingTemperature, n.waterCharge, 'off'),
    neverHeatSealed('seal'),
    goesSuddenly(
      r.outsideForce,
      atWorst(risk, 'peakPressureDifference') * details.capacity,
      details.capacity,
      mayStillGo(risk),
      'seal',
      fromWhere(values),
    ),
    values.choices.vesselCondition === 'dented' ? dented(noun, 'seal') : undefined,
    sharpFolds('cool'),
    wet ? wetFloor(n.bathVolume, 'cool') : undefined,
    wet ? scald(n.bathTemperature, n.bathVolume, 'cool', 'The cooling water', 'scald-bath') : undefined,
  )
}

/** @param closure "cap" or "bung" */
export function closedMetalFailure(
  values: Has<never, 'coolingMethod'>,
  risk: Risk,
  outcome: string,
  noun: string,
  closure: string,
): FailureAct[] {
  const wet = isWetted(values)
  return [
    standBack(
      say`Nobody goes near it for ${asWait(risk)} from closing: until then the forecast still lets it
        go; later it may go when it is touched or warmed by the sun.`,
    ),
    ...(wet ? [wait('The cooling water is shut off from where it was turned on.'), wait('Two minutes more.')] : []),
    pressureOff(
      'One adult, goggles, ear protection and gloves, comes from the side, never to an end or a flat ' +
        `face, and loosens the ${closure} a quarter turn, at arm’s length: air hisses in until it stops.`,
    ),
    near(`Only then the ${closure} comes out; let it cool before anybody handles it.`),
    outcome === 'dent'
      ? next(
          `A ${noun} that has given way a little is weaker and less predictable: mark it, and keep people ` +
            'further back next time.',
        )
      : next(
          'A long hiss: it was strong, or cooled slowly; cool it more strongly. No hiss: it leaked, or was ' +
            'full of air; another closure, or a longer boil.',
        ),
    act(
      'next',
      `Never put a closed ${noun} back on the heat to try again: ${closure} off, fresh water, boil out afresh.`,
    ),
  ]
}
