/** Quantities of documents as SI numbers, and a document with its room filled in. */
import { type Demonstration } from '../demonstration'
import { toSi, type QuantityKind } from '../units'
import type { RoomDocument } from './shelf'
import type { QuantityDocument, StagingDocument } from './staging'

/** SI value of a quantity in a document. @throws QuantityError if the unit is not of this kind */
export const siOf = (document: QuantityDocument, kind: QuantityKind): number =>
  toSi(document.value, document.unit ?? (kind === 'fraction' ? '1' : ''), kind)

/**
 * A staging's document with the room's conditions filled in where the staging has none of its own.
 *
 * A staging that states its own pressure, altitude or weather report keeps all three to itself, since they decide one
 * number.
 */
export function withRoom(document: StagingDocument, room: RoomDocument, demonstration: Demonstration): StagingDocument {
  const inputs: StagingDocument['inputs'] = {}
  const ownPressure = ['stationPressure', 'altitude', 'seaLevelPressure'].some(id => id in document.inputs)
  for (const [id, value] of Object.entries(room)) {
    if (value === undefined || !demonstration.inputs.some(i => i.id === id)) continue
    if (ownPressure && (id === 'stationPressure' || id === 'altitude' || id === 'seaLevelPressure')) continue
    inputs[id] = value
  }
  return { ...document, inputs: { ...inputs, ...document.inputs } }
}
