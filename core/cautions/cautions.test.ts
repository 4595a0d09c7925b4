import { describe, expect, it } from 'vitest'
import { WHO_DECIDES, boilingDry, hotHeater, scald } from '.'

describe('cautions', () => {
  it('carry the numbers they follow from', () => {
    expect(scald(369.15, 'lift').hazard).toContain('96 °C')
    expect(boilingDry(200, 380, 'purge')).toMatchObject({ severity: 'usual', hazard: expect.stringContaining('3.3 min after') })
    expect(boilingDry(20, 380, 'purge')).toMatchObject({ severity: 'raised', hazard: expect.stringContaining('20 s after') })
    expect(boilingDry(0, 600, 'purge').hazard).toMatch(/overheats and softens.*smoke is not steam/)
    expect(boilingDry(-5, 400, 'purge').hazard).not.toMatch(/softens/)
    expect(boilingDry(undefined, 380, 'purge').severity).toBe('usual')
  })
  it('name a control each, and never promise anything', () => {
    for (const caution of [scald(373, 'a'), hotHeater('b'), boilingDry(10, 300, 'c'), boilingDry(0, 700, 'd')]) {
      expect(caution.control.length).toBeGreaterThan(20)
      expect(`${caution.hazard} ${caution.control}`).not.toMatch(/\bsafe(ly)?\b/)
    }
    expect(WHO_DECIDES).toMatch(/risk assessment.*local code decide/)
  })
})
