/** A thing on the Shelf in one line: what one would ask of it. */
import { asNumber, asQuantity, asShare, joined, say, type Sentence } from '../sentence'
import type { QuantityKind } from '../units'
import { siOf } from './document-values'
import type { HeaterDocument, PumpDocument, ShelfItemDocument } from './shelf'
import type { QuantityDocument } from './staging'

const quantity = (document: QuantityDocument, kind: QuantityKind, si: string, us: string) =>
  asQuantity(siOf(document, kind), kind, { units: [si, us] })
/** What is there, after a comma each. */
const list = (...pieces: readonly (Sentence | false | undefined)[]): Sentence =>
  joined(
    pieces.filter((p): p is Sentence => p !== undefined && p !== false),
    ', ',
  )

function heaterLine({ heaterKind, ratedPower, efficiency }: HeaterDocument): Sentence {
  const label = say`${quantity(ratedPower, 'power', 'kW', 'BTU/h')} on its label`
  const sure = typeof efficiency?.spread === 'number' ? say` ± ${asNumber(efficiency.spread * 100, 2)} % of it` : ''
  return say`${heaterKind === 'other' ? label : list(heaterKind, label)}; ${
    efficiency ? say`${asShare(siOf(efficiency, 'fraction'))}${sure} gets in` : 'share that gets in not measured'
  }`
}

const pumpLine = ({ count, pumpKind, strokeVolume, pumpSpeed, ultimatePressure }: PumpDocument): Sentence =>
  list(
    count > 1 ? say`${count} × ${pumpKind}` : pumpKind,
    strokeVolume && say`${quantity(strokeVolume, 'volume', 'mL', 'floz')} a stroke`,
    pumpSpeed && say`${quantity(pumpSpeed, 'flow', 'L/min', 'gal/min')}`,
    ultimatePressure && say`down to ${quantity(ultimatePressure, 'pressure', 'kPa', 'psi')}`,
  )

/** @returns nothing for a vessel, which is told by more than a line */
export function itemLine(item: ShelfItemDocument): Sentence {
  switch (item.kind) {
    case 'vessel':
      return ''
    case 'heater':
      return heaterLine(item)
    case 'bath':
      return list(
        say`${quantity(item.water, 'volume', 'L', 'qt')} of water`,
        item.ice ? say`${quantity(item.ice, 'mass', 'kg', 'lb')} of ice` : 'no ice',
        item.temperature && say`${quantity(item.temperature, 'temperature', 'degC', 'degF')}`,
      )
    case 'pump':
      return pumpLine(item)
    case 'closure':
      return list(
        item.fits
          ? say`${item.count} × ${item.closureKind} for ${quantity(item.fits, 'length', 'mm', 'in')}`
          : say`${item.count} × ${item.closureKind}`,
        item.opensAt && say`opens at ${quantity(item.opensAt, 'pressure', 'kPa', 'psi')}`,
      )
    case 'thermometer':
      return list(
        item.least && item.most
          ? say`${item.count} × ${quantity(item.least, 'temperature', 'degC', 'degF')} to
              ${quantity(item.most, 'temperature', 'degC', 'degF')}`
          : say`${item.count} ×`,
        item.error && say`± ${quantity(item.error, 'temperatureDifference', 'K', 'degF')}`,
      )
    case 'protection':
      return say`${item.count} × ${item.protectionKind}`
    case 'consumable':
      return item.count <= item.restockAt ? say`${item.count} left: get more` : say`${item.count} left`
  }
}
