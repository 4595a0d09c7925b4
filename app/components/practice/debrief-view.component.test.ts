/** The debrief as it is shown: what happened, what decided it, what to do better, and the acts on the trace. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { beforeEach, describe, expect, it } from 'vitest'
import {
  courseOf,
  debriefOf,
  drawOf,
  truthOf,
  type Debrief,
  type PracticeAct,
  type Setting,
  type Traced,
} from '~~/core'
import { DEMONSTRATIONS, findDemonstration } from '~~/core/catalogue/everything'
import { attemptAt, perform, type Mistake } from '~~/tests/scripted-learner'
import DebriefView from './DebriefView.vue'

const DRAWS = 12
const settingOf = (id: string, seed = 3): Setting => {
  const demonstration = findDemonstration(id)!
  const plan = attemptAt(demonstration, { id: 'as-planned' } as never, seed)
  return attemptAt(demonstration, courseOf(demonstration, plan.values)[0]!, seed)
}
async function shown(id: string, mistake?: Mistake, more: Partial<Debrief> = {}) {
  const setting = settingOf(id)
  const done = perform(setting, mistake)
  const now = done.at(-1)!.at
  const debrief = { ...(await debriefOf(setting, done, now, DRAWS)), ...more }
  return view(setting, done, debrief, now)
}
async function view(setting: Setting, done: readonly PracticeAct[], debrief: Debrief, now: number) {
  const values = truthOf(setting, done, drawOf(setting), now)
  const run = setting.demonstration.simulate(values, 'trace') as Traced
  const page = await mountSuspended(DebriefView, { props: { setting, done, debrief, values, run } })
  return { page, debrief, setting, run }
}
const practised = DEMONSTRATIONS.filter(d => d.practice !== undefined || d.gallery.family === 'steam')

beforeEach(() => {
  useUnitsStore().system = 'si'
})

describe('the debrief', () => {
  it.each(practised.map(d => [d.id] as const))('%s: says how it ended, and shows what was hidden', async id => {
    const { page, debrief, setting } = await shown(id)
    const outcome = setting.demonstration.outcomes.find(o => o.id === debrief.outcome)!
    expect(page.get('[data-testid=debrief-end]').text()).toBe(useUnitsStore().told(outcome.sentence))
    expect(page.get('.bench-drawing').attributes('aria-label')).toMatch(/^Bench drawing: .+/)
    // As many things to do better as there are, and never more than two.
    expect(page.findAll('ul[data-testid=debrief-better] li')).toHaveLength(debrief.better.length)
    expect(debrief.better.length).toBeLessThanOrEqual(2)
    expect(page.text()).toMatch(/end as wanted; done so again/)
  })
  it('says how slow a hand was, and what it would have been worth to be quicker', async () => {
    const { page } = await shown('can-plunge', { input: 'transferTime', instead: 18 })
    expect(page.get('[data-testid=debrief-better]').text()).toMatch(/from the heat into the water: 18\ss; planned: /i)
    useUnitsStore().system = 'us'
    await nextTick()
    expect(page.get('[data-testid=debrief-better]').text()).toMatch(/from the heat into the water: 18\ss/i)
  })
  it('goes to the moment of an act on the trace', async () => {
    const { page } = await shown('can-plunge')
    const acts = page.findAll('[aria-label="What you did"] button')
    expect(acts.length).toBeGreaterThan(3)
    const seen = new Set<string>()
    for (const act of acts) {
      await act.trigger('click')
      seen.add(page.get('.bench-drawing').attributes('aria-label')!)
    }
    expect(seen.size).toBeGreaterThan(1)
  })
  it.each([
    [{ troubleDecided: true, wanted: false }, 'Without that it would have ended as wanted.'],
    [{ troubleDecided: false, wanted: true }, 'It ended as wanted all the same.'],
    [{ troubleDecided: false, wanted: false }, 'That alone did not decide it.'],
  ])('of trouble %j it says so', async (told, words) => {
    const { page } = await shown('can-plunge', undefined, { trouble: 'The cap leaks.', ...told })
    expect(page.get('[data-testid=debrief-decided]').text()).toContain(`The cap leaks. ${words}`)
  })
  it('says why it was stopped, and then nothing of odds or of what was hidden', async () => {
    const setting = settingOf('sealed-tin')
    const done: PracticeAct[] = [{ kind: 'danger', id: 'closed-on-heat', at: 30 }]
    const debrief: Debrief = {
      ...{ stopped: 'A closed vessel on the heat bursts.', wanted: false, planned: 0.9, again: 0, deviations: [] },
      ...{ troubleDecided: false, decided: [], chance: false, better: [], well: false },
    }
    const { page } = await view(setting, done, debrief, 30)
    expect(page.get('[data-testid=debrief-end]').text()).toBe('Stopped. A closed vessel on the heat bursts.')
    expect(page.text()).not.toContain('What was hidden')
    expect(page.find('[data-testid=debrief-window]').exists()).toBe(false)
  })
  it('of an attempt that cost nothing says so', async () => {
    const { page } = await shown('can-plunge', undefined, { better: [], well: true, deviations: [] })
    expect(page.get('[data-testid=debrief-better]').text()).toBe('Nothing that cost odds or safety.')
  })
})
