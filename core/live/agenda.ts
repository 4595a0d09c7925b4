/** Which act needs somebody now, in a show of several. */
import type { ActStory } from './marks'

export interface Standing {
  id: string
  story: ActStory
  /** s from the start, planned; undefined without a heater */ heatOn?: number
  /** planned */ lift?: number
}

/** Told so long before a heater is due, s: time to put it on. */
const AHEAD = 20

const over = (s: ActStory): boolean => s.closed !== undefined
const waitsForWord = (s: ActStory): boolean => s.times.sealed !== undefined && !over(s)
const inHand = (s: ActStory): boolean => s.times.lifted !== undefined && s.times.sealed === undefined && !over(s)

/**
 * The act to show: one in hand before one whose hush runs, that before a heater that is due, that before the next in
 * order.
 * @param sinceStart s of the show's clock; undefined before it begins
 */
export function focusOf(acts: readonly Standing[], sinceStart: number | undefined): string | undefined {
  const due =
    sinceStart === undefined
      ? []
      : acts.filter(
          a =>
            a.heatOn !== undefined &&
            a.heatOn - AHEAD <= sinceStart &&
            a.story.times['heat-on'] === undefined &&
            !over(a.story),
        )
  due.sort((a, b) => a.heatOn! - b.heatOn!)
  return (
    acts.find(a => inHand(a.story)) ??
    acts.find(a => waitsForWord(a.story)) ??
    due[0] ??
    acts.find(a => !over(a.story))
  )?.id
}

/** s until the next heater is due, and whose it is; undefined if none is left. */
export function nextHeat(acts: readonly Standing[], sinceStart: number): { id: string; in: number } | undefined {
  const left = acts
    .filter(a => a.heatOn !== undefined && a.story.times['heat-on'] === undefined && !over(a.story))
    .sort((a, b) => a.heatOn! - b.heatOn!)
  return left[0] && { id: left[0].id, in: left[0].heatOn! - sinceStart }
}
