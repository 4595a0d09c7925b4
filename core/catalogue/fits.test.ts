/** Sizes that cannot all be true, and water that is not there, are refused by the name of what is to be looked at. */
import { describe, expect, it } from 'vitest'
import { isBlank, partsOf, resolve } from '../demonstration'
import { drawnStagings } from '../../tests/drawn-stagings'
import { crossSection } from '../vessels/cylinder'
import { DEMONSTRATIONS } from './everything'

const faultsOf = (id: string, numbers: Readonly<Record<string, number>>) =>
  resolve(
    DEMONSTRATIONS.find(d => d.id === id)!,
    { numbers, choices: {} },
  ).faults.map(f => f.input)

describe('what goes together', () => {
  // From geometry: a capacity against the cylinder round it, a length against what it stands in.
  const IMPOSSIBLE: [demonstration: string, names: string, numbers: Record<string, number>, possible: number][] = [
    ['flask-fountain', 'bathVolume', { bathVolume: 0.3e-3 }, 8e-3],
    ['flask-fountain', 'mouthDepth', { mouthDepth: 0.02 }, 0.03],
    ['bottle-fill', 'bathVolume', { bathVolume: 0.5e-3 }, 3e-3],
    ['bottle-fill', 'mouthDepth', { mouthDepth: 3e-3 }, 0.01],
    ['bottle-fill', 'neckLength', { neckLength: 0.25 }, 0.12],
    ['can-plunge', 'bathVolume', { bathVolume: 0.3e-3 }, 1e-3],
    ['can-plunge', 'vesselVolume', { vesselVolume: 60e-6 }, 250e-6],
    ['sealed-tin', 'mouthDiameter', { mouthDiameter: 0.11, vesselDepth: 0.1, vesselWidth: 0.19 }, 0.06],
    ['low-pressure-boil', 'beakerDiameter', { beakerDiameter: 0.2 }, 0.1],
    ['low-pressure-boil', 'beakerDiameter', { beakerDiameter: 0.015 }, 0.03],
    ['candle-jar', 'wickHeight', { wickHeight: 0.2 }, 0.1],
    ['diver', 'bulbLength', { bulbLength: 0.28 }, 0.2],
    ['plates', 'chamberVolume', { chamberVolume: 5e-3 }, 1e-3],
    ['suction-cup', 'cupVolume', { cupVolume: 2e-3 }, 0.4e-3],
    ['cloud-bottle', 'stopperDiameter', { stopperDiameter: 0.055, vesselDiameter: 0.05 }, 0.04],
    ['bottle-line', 'ventDiameter', { ventDiameter: 0.025, bottleDiameter: 0.02 }, 0.015],
    ['balloon-into-flask', 'mouthDiameter', { mouthDiameter: 0.1 }, 0.05],
    ['egg-out', 'eggDiameter', { eggDiameter: 0.08 }, 0.06],
    ['jar-barometer', 'tubeHeight', { tubeHeight: 0.3 }, 0.2],
    ['jar-barometer', 'trappedAir', { trappedAir: 2e-3, jarVolume: 2.5e-3 }, 1e-3],
  ]
  it.each(IMPOSSIBLE)('%s: %s', (demonstration, names, numbers, possible) => {
    expect(faultsOf(demonstration, numbers)).toEqual([names])
    expect(faultsOf(demonstration, { ...numbers, [names]: possible })).toEqual([])
  })

  const jars = DEMONSTRATIONS.filter(d => d.inputs.some(i => i.id === 'jarHeight'))
  it.each(jars.map(d => d.id))('%s: a jar holds no more than the cylinder inside it, and not a tenth of it', id => {
    const sizes = { jarDiameter: 0.25, jarHeight: 0.3 }
    const cylinder = crossSection(0.25) * 0.3
    const named = (share: number) => faultsOf(id, { ...sizes, jarVolume: share * cylinder })
    expect([1.05, 1, 0.9, 0.67, 0.1].map(named)).toEqual([['jarVolume'], [], [], [], ['jarVolume']])
  })
  it('in a cabin there is no jar whose size could be wrong', () => {
    const pack = DEMONSTRATIONS.find(d => d.id === 'soft-pack')!
    const numbers = { jarVolume: 0.2e-3 }
    const at = (where: string) => resolve(pack, { numbers, choices: { where } }).faults.length
    expect([at('jar') > 0, at('cabin')]).toEqual([true, 0])
  })
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s: refused only for what its sentences show', (_, d) => {
    const hidden = drawnStagings(d, 600, 41, i => (i % 2 === 0 ? 'range' : 'usual')).flatMap(given => {
      const { faults, values } = resolve(d, given)
      const shown = d.procedure.flatMap(step =>
        partsOf(step, values).flatMap(part => (isBlank(part) ? part.input : [])),
      )
      const asked = d.inputs.filter(i => i.group !== 'coefficient' && i.group !== 'room').map(i => i.id)
      return faults.map(f => f.input).filter(input => asked.includes(input) && !shown.includes(input))
    })
    expect([...new Set(hidden)]).toEqual([])
  })
})
