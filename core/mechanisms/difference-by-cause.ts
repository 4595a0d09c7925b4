/**
 * Gas in a closed vessel between two moments; amounts as mass × specific gas constant (J/K), so that p = amount · T /
 * V.
 */
export interface GasChange {
  /** K at the seal and now */
  temperatures: readonly [before: number, after: number]
  /** m3 at the seal */
  volume: number
  /** J/K at the seal */
  amount: number
  /** m3 taken up by water that came in */
  inflow: number
  /** m3 lost by the wall caving in */
  lost: number
  /** J/K of vapour gone, by place; negative where it evaporated */
  gone: Readonly<Record<string, number>>
}

/**
 * The fall in pressure split into its causes.
 *
 * Convention: in turn, the gas cools at its volume and amount, then vapour goes at the new temperature, then water
 * takes up volume, then the wall does. Cooling is therefore p0 (1 − T1/T0), vapour at the temperature reached, and
 * inflow and crushing give some back (negative rows). The rows add up to the fall exactly, since each starts where
 * the last ended.
 *
 * @returns Pa by cause: `cooling`, each key of `gone`, `inflow`, `crush`
 */
export function differenceByCause(change: GasChange): Record<string, number> {
  const [before, after] = change.temperatures
  const rows: Record<string, number> = { cooling: (change.amount * (before - after)) / change.volume }
  let amount = change.amount
  for (const [place, gone] of Object.entries(change.gone)) {
    rows[place] = (gone * after) / change.volume
    amount -= gone
  }
  const squeezed = change.volume - change.inflow
  rows.inflow = amount * after * (1 / change.volume - 1 / squeezed)
  rows.crush = amount * after * (1 / squeezed - 1 / (squeezed - change.lost))
  return rows
}
