/** Parts of Live: the cue with its gate, where each act stands, the marks, and whether they got through. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it, vi } from 'vitest'
import { findDemonstration } from '~~/core/catalogue/everything'
import { cuesOf, readStaging, storyOf, type ActStory, type Mark } from '~~/core'
import type { LiveAct } from '~/composables/useLiveActs'
import ActList from './ActList.vue'
import CueCard from './CueCard.vue'
import LiveHeader from './LiveHeader.vue'
import MarkBar from './MarkBar.vue'
import OutcomeScreen from './OutcomeScreen.vue'
import { STANDINGS } from './standings'

const can = findDemonstration('can-plunge')!
function actNamed(id: string): LiveAct {
  const read = readStaging({ demonstration: 'can-plunge', title: `Can ${id}` })
  const simulation = can.simulate(read.values, 'trace')
  return {
    id,
    staging: read.document,
    title: `Can ${id}`,
    read,
    simulation,
    cues: cuesOf(can, simulation, read.values),
  } as unknown as LiveAct
}
const act = actNamed('a')
let made = 0
const mark = (kind: Mark['kind'], at: number, value?: string): Mark => ({
  id: `m${made++}`,
  act: 'a',
  kind,
  at,
  ...(value && { value }),
})
const story = (...marks: Mark[]): ActStory => storyOf(marks, 'a')

describe('the acts of a show', () => {
  const at = async (of: ActStory) => {
    const standings = [{ id: 'a', story: of, heatOn: undefined, lift: undefined }]
    const shown = await mountSuspended(ActList, { props: { acts: [act], standings: standings as never, focus: 'a' } })
    return /\((.+)\)/.exec(shown.text())![1]
  }
  it('are told by how far each has got, from waiting to logged', async () => {
    const far = [mark('heat-on', 1), mark('plume', 2), mark('lifted', 3), mark('sealed', 4)]
    const told = []
    for (let n = 0; n <= far.length; n++) told.push(await at(story(...far.slice(0, n))))
    told.push(await at(story(...far, mark('outcome', 5, 'crush'))))
    told.push(await at(story(...far, mark('outcome', 5, 'crush'), mark('closed', 6, 'logged'))))
    expect(told).toEqual(STANDINGS.slice(0, -1))
    expect(await at(story(mark('closed', 6, 'skipped')))).toBe('skipped')
  })
  it('are turned to by hand', async () => {
    const standings = ['a', 'b'].map(id => ({ id, story: story(), heatOn: undefined, lift: undefined }))
    const shown = await mountSuspended(ActList, {
      props: { acts: [act, actNamed('b')], standings: standings as never, focus: 'a' },
    })
    const [first, second] = shown.findAll('button')
    expect(first!.attributes('aria-current')).toBe('step')
    await second!.trigger('click')
    expect(shown.emitted('turn')).toEqual([['b']])
  })
})

describe('a cue', () => {
  const gated = act.cues.find(c => c.gate)!
  const card = (of: ActStory, more: Record<string, unknown> = {}) =>
    mountSuspended(CueCard, {
      props: {
        act,
        story: of,
        cue: gated,
        words: 'Lift it.',
        nextWords: 'Turn it over.',
        countdowns: [],
        time: 0,
        speed: 1,
        followed: undefined,
        soon: undefined,
        ...more,
      },
    })
  it('stands under its gate until that is confirmed, in words and not by a sign alone', async () => {
    expect((await card(story())).text()).toContain('Before this: ')
    const confirmed = await card(story(mark('gate', 1, gated.step.id)))
    expect(confirmed.text()).toContain('Confirmed: ')
    expect(confirmed.text()).toContain('Next: Turn it over.')
  })
  it('says that less or more heat gets in, and where it is unlike anything forecast', async () => {
    const followed = (heat: number, stretched = 1) => ({ heat, stretched, matches: 10, forecast: {}, values: {} })
    expect((await card(story(), { followed: followed(0.8) })).get('[data-testid=heat-word]').text()).toContain(
      'Less heat gets in than expected: about 80 %',
    )
    expect((await card(story(), { followed: followed(1.2) })).text()).toContain('Dry sooner')
    expect((await card(story(), { followed: followed(1) })).text()).toContain('Heat as expected.')
    expect((await card(story(), { followed: followed(1, 5) })).text()).toContain('go by the signs')
  })
  it('says when another heater is due', async () => {
    expect((await card(story(), { soon: { title: 'Tin', in: 65 } })).text()).toContain('Heat on for Tin in 1:05')
    expect((await card(story(), { soon: { title: 'Tin', in: -3 } })).text()).toContain('Heat on for Tin is due.')
  })
})

describe('the marks of Live', () => {
  const bar = (refusal: string | undefined, nothingHappens?: unknown) => {
    const marking = {
      refusal: ref(''),
      refusalTo: vi.fn(() => refusal),
      markKind: vi.fn(),
      doWanted: vi.fn(),
      undo: vi.fn(),
      chooseOutcome: vi.fn(),
      skip: vi.fn(),
      turnTo: vi.fn(),
      marked: (kind: string) => kind === 'plume',
      shown: (kind: string) => ['plume', 'lifted'].includes(kind),
    }
    const shown = mountSuspended(MarkBar, {
      props: {
        marking: marking as never,
        words: 'Off the heat',
        gate: false,
        sealed: 'Sealed',
        ...(nothingHappens !== undefined && { nothingHappens: nothingHappens as never }),
      },
    })
    return { marking, shown }
  }
  it('are one button each, with its key, and say which have been made', async () => {
    const { marking, shown } = bar(undefined)
    const keys = (await shown).findAll('button.mark-key').filter(b => /Plume|Off the heat/.test(b.text()))
    expect(keys).toHaveLength(2)
    expect(keys[0]!.text()).toContain('✓')
    expect(keys[1]!.text()).not.toContain('✓')
    await keys[1]!.trigger('click')
    expect(marking.markKind).toHaveBeenCalledWith('lifted')
    await (await shown).get('[data-testid=big-button]').trigger('click')
    expect(marking.doWanted).toHaveBeenCalledOnce()
  })
  it('can be pressed where they are refused too, so that one is told why', async () => {
    const { marking, shown } = bar('confirm first that the heat is off')
    const key = (await shown).findAll('button.mark-key')[0]!
    expect(key.attributes('aria-disabled')).toBe('true')
    await key.trigger('click')
    expect(marking.markKind).toHaveBeenCalled()
    marking.refusal.value = 'confirm first that the heat is off'
    await nextTick()
    expect((await shown).get('[role=alert]').text()).toBe('confirm first that the heat is off')
  })
  it('come with what to do, in order, where nothing happens', async () => {
    const acts = [
      { kind: 'heat-off', text: 'Heat off.' },
      { kind: 'pressure-off', text: 'Loosen the cap.' },
    ] as never
    const { shown } = bar(undefined, acts)
    expect((await shown).text()).toContain('Nothing happens: what to do, in order')
    expect((await bar(undefined).shown).text()).not.toContain('Nothing happens')
  })
})

describe('the head of Live', () => {
  const head = (line: Record<string, unknown>, more: Record<string, unknown> = {}) =>
    mountSuspended(LiveHeader, {
      props: {
        sounds: false,
        speed: 1,
        line: { online: true, waiting: 0, canKeep: true, refused: [], ...line } as never,
        ...more,
      },
    })
  const said = async (line: Record<string, unknown>) => (await head(line)).get('[data-testid=line]').text()
  it('says how the marks get through', async () => {
    expect(await said({})).toBe('All marks sent')
    expect(await said({ waiting: 2 })).toBe('Sending 2…')
    expect(await said({ online: false, waiting: 1 })).toContain('1 mark kept on this device.')
    expect(await said({ canKeep: false })).toContain('This device can keep nothing')
    expect(await said({ refused: ['too late', 'no act'] })).toContain('2 marks were not taken.')
  })
  it('says that it is a rehearsal, how fast, and when it begins', async () => {
    const show = { title: 'Open evening', rehearsal: true } as never
    const shown = await head({}, { show, speed: 10, sinceStart: -65 })
    expect(shown.text()).toContain('Rehearsal, clock × 10')
    expect(shown.get('[data-testid=show-clock]').text()).toBe('begins in 1:05')
  })
})

describe('the end of an act', () => {
  const screen = (more: Record<string, unknown> = {}) =>
    mountSuspended(OutcomeScreen, {
      props: {
        act,
        story: story(mark('sealed', 4), mark('outcome', 5, 'fill')),
        readings: 0,
        votes: 3,
        hidden: true,
        logging: false,
        logFailure: '',
        acts: [{ kind: 'wait', text: 'Wait.' }] as never,
        note: '',
        ...more,
      },
    })
  it('is chosen among all ends, the marked one being the one that is on', async () => {
    const shown = await screen()
    const radios = shown.findAll('[role=radio]')
    expect(radios).toHaveLength(can.outcomes.length)
    expect(radios.filter(r => r.attributes('aria-checked') === 'true').map(r => r.text())).toEqual([
      expect.stringContaining('mostly full of water'),
    ])
    await radios[0]!.trigger('click')
    expect(shown.emitted('choose')).toEqual([[can.outcomes[0]!.id]])
  })
  it('keeps the note, says that a vote is not told yet, and what to do now', async () => {
    const shown = await screen()
    await shown.get('textarea').setValue('colder water')
    expect(shown.emitted('update:note')).toEqual([['colder water']])
    expect(shown.text()).toContain('3 votes, not yet revealed')
    expect(shown.get('ol').text()).toContain('Wait.')
  })
  it('says that nothing is lost where it could not be logged', async () => {
    const shown = await screen({ logFailure: 'The application does not answer.' })
    expect(shown.get('[role=alert]').text()).toContain('Nothing is lost')
    const log = shown.findAll('button').find(b => b.text() === 'Log it')!
    await log.trigger('click')
    expect(shown.emitted('log')).toHaveLength(1)
    expect((await screen({ logging: true })).findAll('button').some(b => b.text() === 'Logging…')).toBe(true)
  })
})
