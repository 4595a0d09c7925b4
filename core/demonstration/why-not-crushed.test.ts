import { describe, expect, it } from 'vitest'
import { METRIC, tell } from '../sentence'
import { whyNotCrushed } from './why-not-crushed'

describe('why we are not crushed', () => {
  const [, eleven, , sixteen] = whyNotCrushed(101_325).map(l => tell(l.text, METRIC))
  it('has the numbers of a standard atmosphere: 101325 Pa × 100 cm², and that over 9.80665 m/s²', () => {
    expect(eleven).toContain('1010 N')
    expect(eleven).toContain('103 kg')
  })
  it('adds up to the buoyancy of 70 L of air of 1.2 kg/m³ only (ISO 2533: 1.204 at 20 °C): 0.83 N', () => {
    expect(sixteen).toContain('182 kN')
    expect(sixteen).toContain('0.83 N')
  })
  it('follows the room', () => {
    expect(tell(whyNotCrushed(70_000)[1]!.text, METRIC)).toContain('700 N')
  })
})
