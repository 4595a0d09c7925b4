import { describe, expect, it } from 'vitest'
import { schoolSchema } from './school'
import { cautionsOfSchool, NO_SCHOOL } from './school-words'

describe('a school’s document', () => {
  it('holds nothing that would leave one of our cautions out', () => {
    for (const part of [{ without: ['goggles'] }, { cautions: [{ text: 'x', instead: 'goggles' }] }])
      expect(schoolSchema.safeParse(part).success).toBe(false)
  })
  it('adds cautions to all demonstrations, then to one', () => {
    const school = schoolSchema.parse({
      cautions: [
        { text: 'Only over a tray.', demonstration: 'can-plunge' },
        { text: 'Windows open.' },
        { text: 'Yard only.', demonstration: 'sealed-drum' },
      ],
    })
    expect(cautionsOfSchool(school, 'can-plunge')).toEqual(['Windows open.', 'Only over a tray.'])
    expect(cautionsOfSchool(school, 'diver')).toEqual(['Windows open.'])
    expect(NO_SCHOOL).toEqual(schoolSchema.parse({}))
    expect(cautionsOfSchool(NO_SCHOOL, 'can-plunge')).toEqual([])
  })
  it('is the same once written and read', () => {
    const school = schoolSchema.parse({
      name: 'Tern Bay School',
      emergency: [{ who: 'First-aid room', number: '4711' }],
      typical: [{ kind: 'heater', name: 'our hot plate', ratedPower: { value: 1.5, unit: 'kW' } }],
      room: { airTemperature: { value: 19, unit: 'degC' } },
    })
    expect(schoolSchema.parse(JSON.parse(JSON.stringify(school)))).toEqual(school)
  })
})
