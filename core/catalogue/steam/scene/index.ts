/** The cross-section that every steam vessel is drawn by: on its heat, on the way, in its bath or under its coolant. */
import type { Scene, Shape } from '../../../demonstration'
import { benchOf } from './bench'
import { captionOf, pushesOut } from './caption'
import type { Look } from './look'
import { momentAt, type DrawnRun, type DrawnValues } from './moment'
import { gasShapes, pushShapes } from './pushes'
import { coolantShapes, coolingName, heaterShapes, iceShapes, rimShapes, waterShapes } from './surroundings'
import { closureShapes, placed, poseOf, stemShapes, vesselShapes } from './vessel'

export type { Look }

/** @param time s from heat on @throws RangeError without a trace */
export function steamScene(values: DrawnValues, run: DrawnRun, time: number, look: Look): Scene {
  const moment = momentAt(values, run, time)
  const bench = benchOf(look)
  // Glass that a balloon is pushed into keeps its shape.
  const stiff = look.closure === 'balloon' ? { ...moment, volumeLost: 0 } : moment
  const p = placed(look, stiff, poseOf(look, moment, bench))
  const sealed = moment.place === 'sealed' && look.cooling !== ''
  const over = pushesOut(moment)
  const scene: Scene = { frame: bench.frame, shapes: [], caption: [captionOf(look, moment)] }
  const add = (...shapes: Shape[]) => scene.shapes.push(...shapes)
  add(...heaterShapes(look, moment, bench), ...waterShapes(bench, 0.22))
  add(...iceShapes(look, bench, values.numbers.iceMass ?? 0))
  add(...stemShapes(look, moment, p))
  add(...vesselShapes(look, stiff, p, run.details.capacity, moment.boiling || (!look.cooling && over)))
  add(...closureShapes(look, moment, p))
  if (moment.plume) {
    const [x, y] = p.at([[p.mouthAt, p.height + (look.stemLength ?? 0)]])[0]
    add({ kind: 'plume', at: [x, y] })
  }
  if (sealed) add(...coolantShapes(look, p, scene), ...waterShapes(bench, 0.2))
  add(
    ...rimShapes(bench),
    ...coolingName(look, bench, look.coolant ?? run.details.bathTemperature ?? values.numbers.airTemperature),
  )
  if (sealed || over) add(...pushShapes(look, stiff, p, bench, moment.volumeLost < 0.3 || over))
  else if (!sealed && (look.cooling !== 'bath' || moment.place === 'on-heat')) add(...gasShapes(look, moment, p, bench))
  return scene
}
