/** What the demonstrations with a flame or hot gas share. */
import { coefficient, GAS_COLUMNS, type TraceColumn, type Has } from '../../demonstration'
import { FUELS, type Fuel } from '../../mechanisms/flame-gas'
import { quickSaturationPressure } from '../../substances/steam-tables'

export const WALL_TRANSFER = (standard: number) =>
  coefficient(
    'wallTransfer',
    'hot gas to the glass',
    'W/(m2 K)',
    standard,
    [2, 100],
    [6, 40],
    0.25,
    'natural convection some 5 to 10, radiation of hot vapour, carbon dioxide and soot about as much ' +
      'again (Incropera & DeWitt, ch. 9 and 13)',
  )
const BY_ID: Readonly<Partial<Record<string, Fuel>>> = FUELS
export const fuelOf = (id: string | undefined): Fuel => BY_ID[id ?? 'paper'] ?? FUELS.paper

/** Partial pressure of vapour in the room's air, Pa. */
export const roomVapour = ({ numbers: n }: Has<'relativeHumidity' | 'airTemperature'>): number =>
  n.relativeHumidity * quickSaturationPressure(n.airTemperature)

export const HOT_COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'oxygen', name: 'oxygen in the gas', quantity: 'fraction' },
]

/** Molar mass of vapour and of the rest, kg/mol, for the mass columns. */
export const GAS_MASS = { air: 0.0289644, vapour: 0.018015 } as const
