/** Outside air and inside gas pushing on the wall, and what the gas is made of. */
import { kPa, said, type Shape } from '../../../demonstration'
import { asShare, say } from '../../../sentence'
import type { Bench } from './bench'
import type { Look } from './look'
import type { Moment } from './moment'
import type { Placed } from './vessel'

/** Arrows are as long as the pressure is high: the room's this share of the bench's unit. */
const ROOM_ARROW = 0.13
/** A vessel smaller than this share of the bench's unit has room for one row of arrows. */
const SMALL = 0.3

/** @param showInside false once the wall has caved in over the gas */
export function pushShapes(look: Look, m: Moment, p: Placed, { unit }: Bench, showInside: boolean): Shape[] {
  const [x, middle] = p.at([[0, p.height / 2]])[0]
  const half = look.diameter / 2
  // A caved wall stands further in; the arrow inside starts where it is.
  const face = look.diameter * (0.5 - (look.cooling === 'bath' ? 0 : 0.4 * m.volumeLost)) - 0.02 * unit
  const [outer, inner] = [
    ROOM_ARROW * unit,
    Math.min(0.6 * look.diameter * 0.5, (ROOM_ARROW * unit * m.pressure) / m.outside),
  ]
  const gap = 0.025 * unit
  // A small flask on a long stem has no room for three rows, nor for arrows inside.
  const rows = p.height > SMALL * unit ? [-1, 0, 1] : [0]
  const roomy = half > 0.5 * SMALL * unit
  const arrows = rows.flatMap(row =>
    [-1, 1].flatMap((side): Shape[] => {
      const y = middle + row * 0.26 * p.height
      return [
        {
          kind: 'push',
          stuff: 'outside-air',
          from: [x + side * (half + gap + outer), y],
          to: [x + side * (half + gap), y],
        },
        ...(showInside && roomy
          ? [
              {
                kind: 'push' as const,
                stuff: 'vapour' as const,
                from: [x + side * (face - inner), y] as const,
                to: [x + side * face, y] as const,
              },
            ]
          : []),
      ]
    }),
  )
  const aside = half + 2 * gap + outer
  return [
    ...arrows,
    {
      kind: 'note',
      at: [x + aside, middle],
      anchor: 'start',
      stuff: 'outside-air',
      said: [say`outside ${kPa(m.outside)}`],
    },
    { kind: 'note', at: [x - aside, middle], anchor: 'end', stuff: 'vapour', said: [say`inside ${kPa(m.pressure)}`] },
  ]
}

/** Beside an open vessel: steam, air, and how warm the wall is. */
export function gasShapes(look: Look, m: Moment, p: Placed, { unit }: Bench): Shape[] {
  const [x, middle] = p.at([[0, p.height / 2]])[0]
  const at = (line: number) => [x + look.diameter / 2 + 0.06 * unit, middle + (1 - line) * 0.09 * unit] as const
  return [
    { kind: 'note', at: at(0), stuff: 'vapour', said: [say`steam ${asShare(1 - m.airFraction)}`] },
    { kind: 'note', at: at(1), stuff: 'outside-air', said: [say`air ${asShare(m.airFraction)}`] },
    ...(m.wallTemperature > 0
      ? [
          {
            kind: 'note' as const,
            at: at(2),
            said: [say`wall ${said(m.wallTemperature, 'temperature', 'degC', 'degF')}`],
          },
        ]
      : []),
  ]
}
