/** Readings from a file: columns are guessed, asked, and taken only where all of it is right. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import FileButton from '../FileButton.vue'
import ReadingsImport from './ReadingsImport.vue'
import { until } from '~~/tests/until'

/** As if the file had been chosen. */
async function chosen(text: string, name = 'logger.csv') {
  const shown = await mountSuspended(ReadingsImport)
  shown.getComponent(FileButton).vm.$emit('file', new File([text], name))
  await until(() => expect(shown.find('[role=status], [role=alert]').exists()).toBe(true))
  return shown
}
const last = (emitted: unknown[][] | undefined) => emitted?.at(-1)

describe('readings from a file', () => {
  it('are taken in SI, by a first guess of their columns', async () => {
    const shown = await chosen('Time (ms),Pressure (kPa),Temp (°C)\n0,101.3,95\n500,88.1,80\n')
    expect(shown.get('[role=status]').text()).toBe('4 readings.')
    const [readings, from] = last(shown.emitted('read')) as [{ channel: string; time: number; value: number }[], string]
    expect(from).toBe('logger.csv')
    expect(readings).toHaveLength(4)
    expect(readings.find(r => r.channel === 'pressure' && r.time === 0.5)!.value).toBeCloseTo(88_100, 6)
    expect(readings.find(r => r.channel === 'temperature' && r.time === 0)!.value).toBeCloseTo(368.15, 6)
  })
  it('show each column with its first value, to be put right', async () => {
    const shown = await chosen('t,p,remark\n0,101,start\n1,99,\n')
    const rows = shown.findAll('tbody tr').map(r => [r.get('th').text(), r.findAll('td')[0]!.text()])
    expect(rows).toEqual([
      ['t', '0'],
      ['p', '101'],
      ['remark', 'start'],
    ])
  })
  it('are not taken in part: a bad cell is named by row, column and what is accepted', async () => {
    const shown = await chosen('time,pressure kPa\n0,101\n1,much\n')
    expect(shown.get('[role=alert]').text()).toContain('Row 3')
    expect(shown.get('[role=alert]').text()).toContain('given "much"')
    expect(shown.get('[role=status]').text()).toContain('Nothing is taken until the file is right.')
    expect(last(shown.emitted('read'))).toEqual([[], 'logger.csv'])
  })
  it('of a file that is none are refused with what is accepted', async () => {
    const shown = await chosen('nothing here', 'notes.txt')
    expect(shown.get('[role=alert]').text()).toMatch(/^notes\.txt: accepted: a CSV file with a header/)
    expect(shown.emitted('read')).toBeUndefined()
  })
})
