import { describe, expect, it } from 'vitest'
import { RULES, WHO_DECIDES, boilingDry, mayLetGo, mostLoad, projectile, scald, thermalShock, wantedFactor } from '.'
import { METRIC, tell, type Sentence } from '../sentence'

const plain = (sentence: Sentence): string => tell(sentence, METRIC)

/** Nothing that dries before the lift. */
const never = { dry: 0 }

describe('cautions', () => {
  it('carry the numbers they follow from', () => {
    expect(plain(scald(369.15, 20e-6, 'lift')!.hazard)).toContain('96 °C')
    expect(scald(369.15, 20e-6, 'lift')!.number).toMatchObject({ value: 369.15, raisedFrom: 333.15 })
    expect(boilingDry(200, 380, 'purge', never).severity).toBe('usual')
    expect(plain(boilingDry(200, 380, 'purge', never).hazard)).toContain('3.3 min after')
    expect(boilingDry(20, 380, 'purge', never).severity).toBe('raised')
    expect(plain(boilingDry(20, 380, 'purge', never).hazard)).toContain('20 s after')
    expect(plain(boilingDry(0, 600, 'purge', never).hazard)).toMatch(/overheats and softens.*smoke is not steam/)
    expect(plain(boilingDry(-5, 400, 'purge', never).hazard)).not.toMatch(/softens/)
    expect(boilingDry(undefined, 380, 'purge', never).severity).toBe('usual')
  })
  it('follow the odds as well as the one run', () => {
    expect(boilingDry(200, 380, 'purge', { dry: 0.2 }).severity).toBe('raised')
    expect(plain(boilingDry(200, 380, 'purge', { dry: 0.2 }).hazard)).toContain('20 of 100')
    expect(plain(boilingDry(200, 380, 'purge', { dry: 0, dryAfter: 70 }).hazard)).toContain('or 70 s after it in 1 of')
    expect(plain(boilingDry(undefined, 380, 'purge', { dry: 0, dryAfter: 70 }).hazard)).toContain('70 s after the')
    expect(plain(boilingDry(0, 600, 'purge', { dry: 0.6 }).hazard)).toContain('on the heat in 60 of 100')
    expect(thermalShock(40, 110, 0.015, 'turn').severity).toBe('raised')
    expect(thermalShock(40, 110, 0, 'turn').severity).toBe('usual')
  })
  it('ask four times the pull for what may be a person, twice for a dead weight', () => {
    expect(plain(mayLetGo('It', 3.9, 60, 'hang').hazard)).toContain('4 is the least')
    expect(plain(mayLetGo('It', 3.9, 60, 'hang').control)).toMatch(/^No person on it/)
    expect(mayLetGo('It', 2.1, 10, 'hang').severity).toBe('usual')
    expect(mayLetGo('It', 1.9, 10, 'hang').severity).toBe('raised')
  })
  it('name a control each, and never promise anything', () => {
    for (const caution of [
      scald(373, 1e-3, 'a')!,
      boilingDry(10, 300, 'c', never),
      boilingDry(0, 700, 'd', never),
      projectile('the ball', 200, 40, 50, 'e'),
    ]) {
      expect(RULES[caution.id]).toBeDefined()
      expect(plain(caution.control).length).toBeGreaterThan(20)
      expect(`${plain(caution.hazard)} ${plain(caution.control)}`).not.toMatch(/\bsafe(ly)?\b/)
    }
    expect(WHO_DECIDES).toMatch(/risk assessment.*local code decide/)
  })
})

describe('what hangs', () => {
  it('is cautioned for when it lets go later, however strong it is at first', () => {
    expect(mayLetGo('The cup', 8, 5, 'lift').severity).toBe('usual')
    const leaks = mayLetGo('The cup', 8, 5, 'lift', 0.985)
    expect([leaks.severity, plain(leaks.hazard).includes('in 99 of 100 it lets go before')]).toEqual(['raised', true])
  })
  it('may be as much as 99 of 100 hold twice, and four times where it may be a person', () => {
    for (const [load, factor] of [
      [5, 1.2],
      [45, 1.5],
      [65, 1],
      [100, 3],
    ]) {
      const most = mostLoad(load, factor)
      expect((load * factor) / most).toBeGreaterThanOrEqual(wantedFactor(most) - 1e-9)
    }
  })
})
