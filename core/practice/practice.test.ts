import { describe, expect, test } from 'vitest'
import { attemptAt, perform, PLAN_ONLY, valuesOf } from '../../tests/scripted-learner'
import { DEMONSTRATIONS, findDemonstration } from '../catalogue/everything'
import {
  hazardsOf,
  heatOff,
  near,
  pressureOff,
  resolve,
  valueAt,
  wait,
  type Demonstration,
  type Traced,
} from '../demonstration'
import { METRIC, tell } from '../sentence'
import {
  clockOf,
  courseOf,
  dangersOf,
  debriefOf,
  drawOf,
  hurtBy,
  openActs,
  phaseOf,
  questionAfter,
  questionInTrouble,
  refusalOf,
  timeOf,
  troubleAt,
  truthOf,
  visibleScene,
  type PracticeAct,
  type Setting,
} from '.'
import { outOfOrder } from './question'

const of = (id: string): Demonstration => findDemonstration(id)!
const until = (done: readonly PracticeAct[], id: string) =>
  done.slice(0, 1 + done.findIndex(a => a.id === id && a.kind !== 'gate'))
const traced = (s: Setting, done: readonly PracticeAct[], now: number) =>
  s.demonstration.simulate(truthOf(s, done, drawOf(s), now), 'trace') as Traced
const exercise = (d: Demonstration, id: string) => courseOf(d, valuesOf(d)).find(e => e.id === id)!

describe('what happens does not know what will be done', () => {
  // Cause before effect: what is seen before an act is what the whole attempt has there, whatever is done later.
  const cases = [
    ['can-plunge', 'lifted', ['waterTemperature', 'airFraction', 'waterInside']],
    ['sealed-tin', 'lifted', ['waterTemperature', 'airFraction']],
    ['sealed-tin', 'sealed', ['pressure', 'wallTemperature']],
    ['bottle-fill', 'lifted', ['waterTemperature', 'airFraction']],
    ['bell-jar-balloon', 'stop', ['pressure', 'balloonAcross']],
    ['egg-in-bottle', 'sealed', ['gasTemperature', 'oxygen']],
    ['plates', 'pump', ['pressure']],
  ] as const
  test.each(cases)('%s before %s', (id, act, columns) => {
    const setting = attemptAt(of(id), PLAN_ONLY, 7)
    const all = perform(setting)
    const when = timeOf(all, act)!
    const before = all.filter(a => a.at < when && a.id !== act)
    const [open, whole] = [traced(setting, before, when), traced(setting, all, 1e6)]
    const time = clockOf(setting, before, open, when) * 0.98
    for (const column of columns) {
      const [a, b] = [valueAt(open.trace, column, time), valueAt(whole.trace, column, time)]
      expect(Math.abs(a - b), column).toBeLessThan(0.01 * Math.max(Math.abs(b), 0.1))
    }
  })
})

test('an attempt is the same again by its seed, and another by another', () => {
  const run = (seed: number) => {
    const s = attemptAt(of('can-plunge'), PLAN_ONLY, seed)
    return s.demonstration.simulate(truthOf(s, perform(s), drawOf(s), 1e6), 'summary').results.hush
  }
  expect(run(3)).toBe(run(3))
  expect(run(3)).not.toBe(run(4))
})

test('a vessel lifted before any plume holds mostly air, as in a kettle that never boiled', () => {
  const s = attemptAt(of('can-plunge'), PLAN_ONLY, 1)
  const all = perform(s)
  const heatOn = timeOf(all, 'heat-on')!
  const early = all.flatMap(a =>
    ['plume', 'purge'].includes(a.id) ? [] : [{ ...a, at: a.id === 'lifted' || a.id === 'sealed' ? heatOn + 8 : a.at }],
  )
  const run = s.demonstration.simulate(truthOf(s, early, drawOf(s), 1e6), 'summary')
  expect(run.results.residualAirFraction).toBeGreaterThan(0.7)
  expect(run.outcome).not.toBe('crush')
})

describe('what can be done', () => {
  const s = attemptAt(of('sealed-tin'), PLAN_ONLY, 1)
  const all = perform(s)
  const act = (id: string) => s.acts.find(a => a.id === id && a.kind === 'mark')!
  test('acts come in order, a judgement may be left out', () => {
    const heating = until(all, 'heat-on')
    expect(openActs(s, heating).map(a => `${a.kind} ${a.id}`)).toEqual(['mark plume', 'step purge', 'gate off'])
    expect(phaseOf(s, heating)).toBe('heating')
  })
  test('what was not confirmed comes first', () => {
    const refused = refusalOf(s, until(all, 'heat-on'), act('lifted'))
    expect(refused && 'why' in refused && tell(refused.why, METRIC)).toMatch(/^First confirm: /)
  })
  test('closing it on the heat is no act that is refused: it hurts', () => {
    expect(refusalOf(s, until(all, 'heat-on'), act('sealed'))).toEqual({ danger: 'close-on-heat' })
    const can = attemptAt(of('can-plunge'), PLAN_ONLY, 1)
    const plunge = can.acts.find(a => a.id === 'sealed')!
    expect(refusalOf(can, until(perform(can), 'heat-on'), plunge)).toEqual({ why: 'It is still on the heat.' })
  })
})

describe('dangers', () => {
  test.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s: each belongs to what its steps bring', (_, d) => {
    const values = valuesOf(d)
    const brought = new Set(d.procedure.flatMap(step => hazardsOf(step, values)))
    for (const danger of dangersOf(d, values)) expect(brought).toContain(danger.hazard)
    // Whatever is hot, closed, under a difference or can fly has an act that hurts.
    const hurting = ['closed-hot-vessel', 'projectile', 'glass-under-difference', 'load', 'burst', 'pressure']
    if (hurting.some(h => brought.has(h as never))) expect(dangersOf(d, values).length).toBeGreaterThan(0)
  })
  test('a hand is no danger to what it holds, and is one to a wall that goes', () => {
    const ids = (id: string) => dangersOf(of(id), valuesOf(of(id)), 'under-way').map(d => d.id)
    expect(ids('sealed-drum')).toContain('hand-on-it')
    expect(ids('pumped-can')).toContain('hand-on-it')
    expect(ids('syringe-boil')).not.toContain('hand-on-it')
  })
  test('one ends the attempt and is the first thing to do better', async () => {
    const s = attemptAt(of('sealed-drum'), PLAN_ONLY, 1)
    const done = [...until(perform(s), 'sealed'), { kind: 'danger' as const, id: 'hand-on-it', at: 600 }]
    const b = await debriefOf(s, done, 600, 10)
    expect(b.well).toBe(false)
    expect(b.outcome).toBeUndefined()
    expect(tell(b.better[0]!, METRIC)).toContain('It has not gone yet')
  })
})

describe('trouble', () => {
  test.each(DEMONSTRATIONS.map(d => [d.id, d] as const))(
    '%s: what it alters is accepted, and acts have an order',
    (_, d) => {
      const values = valuesOf(d)
      const course = courseOf(d, values)
      expect(course.map(e => e.level)).toEqual(course.map(e => e.level).sort((a, b) => a - b))
      for (const { trouble } of course) {
        const altered = trouble?.alters?.(values)
        if (altered)
          expect(
            resolve(d, {
              numbers: { ...values.numbers, ...altered.numbers },
              choices: { ...values.choices, ...altered.choices },
            }).faults,
          ).toEqual([])
        const acts = trouble?.doNow?.(values) ?? []
        const near = acts.findIndex(a => a.kind === 'near')
        const off = acts.findIndex(a => a.kind === 'heat-off')
        if (near >= 0) expect(off).toBeGreaterThanOrEqual(0)
        if (near >= 0) expect(off).toBeLessThan(near)
      }
    },
  )
  test('a vessel with too little water smells once it is dry, and not if it was lifted before', () => {
    const d = of('can-plunge')
    const s = attemptAt(d, exercise(d, 'dry'), 2)
    const all = perform(s)
    const heatOn = timeOf(all, 'heat-on')!
    const heating = until(all, 'heat-on')
    const run = traced(s, heating, heatOn + 300)
    const dry = run.events.find(e => e.id === 'dry')!.time
    const at = troubleAt(s, heating, run, drawOf(s))!
    expect(at).toBeGreaterThanOrEqual(heatOn + dry)
    expect(at).toBeLessThan(heatOn + dry + 6)
    const lifted = [...heating, { kind: 'mark' as const, id: 'lifted', at: heatOn + dry / 2 }]
    expect(troubleAt(s, lifted, traced(s, lifted, heatOn + dry), drawOf(s))).toBeUndefined()
  })
  test('nobody goes near before heat and pressure are off, whatever is chosen first', () => {
    const d = of('can-plunge')
    const s = attemptAt(d, exercise(d, 'bath-over'), 3)
    const asked = questionInTrouble(s, until(perform(s), 'heat-on'))!
    const near = asked.acts.findIndex(a => a.kind === 'near')
    expect(hurtBy(asked, [], near)).toBeDefined()
    expect(hurtBy(asked, [0], near)).toBeDefined()
    expect(hurtBy(asked, [...Array(near).keys()], near)).toBeUndefined()
    expect(asked.options.filter(o => o.id.startsWith('act:')).length).toBe(asked.acts.length)
    expect(asked.options.some(o => o.id.startsWith('danger:'))).toBe(true)
  })
  test('any order that hurts nobody is met rightly, but the pressure with the heat still on', () => {
    const acts = [heatOff('a'), wait('b'), pressureOff('c'), near('d')]
    expect(outOfOrder(acts, [1, 0, 2, 3])).toBe(false)
    expect(outOfOrder(acts, [0, 2, 1, 3])).toBe(false)
    expect(outOfOrder(acts, [2, 0, 1, 3])).toBe(true)
  })
  test('what did not end as wanted asks what to do now; what did asks nothing', () => {
    const s = attemptAt(of('sealed-tin'), PLAN_ONLY, 1)
    const done = perform(s)
    const run = traced(s, done, 1e6)
    expect(run.outcome).toBe('crush')
    expect(questionAfter(s, done, s.values, run)).toBeUndefined()
    expect(questionAfter(s, done, s.values, { ...run, outcome: 'stand' })!.acts.length).toBeGreaterThan(2)
  })
})

test('given up before it went is told, with when it would have gone', async () => {
  const s = attemptAt(of('sealed-drum'), PLAN_ONLY, 5)
  const done = perform(s).filter(a => a.id !== 'gone')
  const sealed = timeOf(done, 'sealed')!
  const b = await debriefOf(s, [...done, { kind: 'mark', id: 'nothing', at: sealed + 12 }], sealed + 12, 10)
  expect(tell(b.better[0]!, METRIC)).toMatch(/^Given up after 12 s: it would have gone/)
  expect(b.well).toBe(false)
})

test('trouble that decided it is told apart from chance and from what was done', async () => {
  const d = of('egg-in-bottle')
  const s = attemptAt(d, exercise(d, 'large-egg'), 1)
  const b = await debriefOf(s, perform(s), 1e6, 20)
  expect(b.wanted).toBe(false)
  expect(b.troubleDecided).toBe(true)
  expect(b.chance).toBe(false)
  expect(tell(b.trouble!, METRIC)).toBe('The egg was a size larger than measured.')
})

describe('what is seen', () => {
  test.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s: no number, no pressure, nothing behind metal', (_, d) => {
    const values = valuesOf(d)
    const run = d.simulate(values, 'trace')
    const end = run.trace.time.at(-1)!
    for (const { column } of d.practice?.instruments ?? []) expect(d.columns.map(c => c.id)).toContain(column)
    for (const share of [0, 0.3, 0.7, 1]) {
      const scene = visibleScene(d.drawing(values, run, share * end), d.practice)
      expect(scene.shapes.every(s => !['note', 'gas', 'push'].includes(s.kind))).toBe(true)
      expect(scene.shapes.length).toBeGreaterThan(0)
      for (const words of d.practice?.senses?.(values, run, share * end) ?? [])
        expect(tell(words, METRIC)).not.toMatch(/\d/)
    }
  })
  test('a can crackles, then rolls, then steams, then smells', () => {
    const d = of('can-plunge')
    const s = attemptAt(d, PLAN_ONLY, 1)
    const heating = until(perform(s), 'heat-on')
    const run = traced(s, heating, 2000)
    const at = (id: string) => run.events.find(e => e.id === id)!.time
    const heard = [0, at('boil') - 1, at('boil') + 0.5, at('plume') + 1, at('dry') + 1].map(t =>
      tell(d.practice!.senses!(s.values, run, t)[0]!, METRIC),
    )
    expect(heard).toEqual([
      'It is silent.',
      'A loud crackle.',
      'It rumbles, then rolls.',
      'A quiet, even roll.',
      'It is silent.',
    ])
  })
})
