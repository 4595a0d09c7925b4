import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Mark } from '~~/core'
import { useKeptMarks } from './useKeptMarks'

const mark = (kind: Mark['kind'], at: number): Mark => ({ id: `${kind}${at}`, act: 'can', kind, at })
const marks = [mark('heat-on', 1000), mark('plume', 27000), mark('lifted', 61500)]

describe('marks on the device', () => {
  const store: Record<string, string> = {}
  beforeEach(() => {
    for (const key of Object.keys(store)) Reflect.deleteProperty(store, key)
    vi.stubGlobal('shallowRef', <T>(value: T) => ({ value }))
    vi.stubGlobal(
      'localStorage',
      new Proxy(store, {
        get: (target, name: string) =>
          name === 'getItem'
            ? (key: string) => target[key] ?? null
            : name === 'setItem'
              ? (key: string, value: string) => {
                  target[key] = value
                }
              : name === 'removeItem'
                ? (key: string) => Reflect.deleteProperty(target, key)
                : target[name],
      }),
    )
  })
  it('are kept one by one, so that no other tab and no reload loses or overwrites one until they are sent', () => {
    const [here, there] = [useKeptMarks('evening'), useKeptMarks('evening')]
    here.keep(marks[0])
    there.keep(marks[1])
    useKeptMarks('another').keep(marks[2])
    expect(
      useKeptMarks('evening')
        .kept.value.map(m => m.kind)
        .sort(),
    ).toEqual(['heat-on', 'plume'])
    there.drop([marks[0].id])
    here.look()
    expect(here.kept.value.map(m => m.kind)).toEqual(['plume'])
    store['hush-mark:evening:broken'] = '{'
    expect(useKeptMarks('evening').kept.value).toHaveLength(1)
  })
})
