/** The time scrubber: what it says of the time, and that its slider and its button move it. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import TimeScrubber from './TimeScrubber.vue'

const STAGES = [
  { id: 'heating', name: 'heating', start: 0, end: 200 },
  { id: 'wait', name: 'wait', start: 200, end: 206 },
  { id: 'hush', name: 'hush', start: 206, end: 206.4 },
]
const at = (modelValue: number, time: number, playing = false) =>
  mountSuspended(TimeScrubber, {
    props: { stages: STAGES, stageIndex: Math.min(2, Math.floor(modelValue)), time, playing, modelValue },
  })

describe('the time scrubber', () => {
  it('tells minutes of heating, seconds of a wait and milliseconds of a collapse', async () => {
    expect((await at(0.5, 100)).get('output').text()).toBe('1 min 40 s on the clock')
    expect((await at(1.5, 203)).get('output').text()).toBe('3 s into the wait')
    expect((await at(2.5, 206.2)).get('output').text()).toBe('200 ms into the hush')
  })
  it('is a slider over all stages, each of the same length, which says the same as is written', async () => {
    const scrubber = await at(1.5, 203)
    const slider = scrubber.get('input[type=range]')
    expect(slider.attributes()).toMatchObject({ 'min': '0', 'max': '3', 'aria-valuetext': '3 s into the wait' })
    await slider.setValue('2.25')
    expect(scrubber.emitted('update:modelValue')).toEqual([[2.25]])
  })
  it('plays and stops, and says which by more than a sign', async () => {
    const still = await at(0, 0)
    const button = still.get('button')
    expect(button.text()).toContain('play')
    expect(button.attributes('aria-pressed')).toBe('false')
    await button.trigger('click')
    expect(still.emitted('toggle')).toHaveLength(1)
    const playing = await at(0, 0, true)
    expect(playing.get('button').text()).toContain('stop')
    expect(playing.get('button').attributes('aria-pressed')).toBe('true')
  })
})
