import { createEvents, type DateArray } from 'ics'
import type { Act, Plan, RunningOrderDocument } from '~~/core'

/**
 * A show as an iCalendar file: one entry an act, and one for every heater that has to go on. Local time without a
 * zone.
 */
export function runningOrderCalendar(order: RunningOrderDocument, acts: readonly Act[], plan: Plan): string {
  const begin = new Date(order.start).getTime()
  const at = (seconds: number): DateArray => {
    const d = new Date(begin + Math.round(seconds) * 1000)
    return [d.getFullYear(), d.getMonth() + 1, d.getDate(), d.getHours(), d.getMinutes()]
  }
  const minutes = (s: number) => ({ minutes: Math.max(1, Math.round(s / 60)) })
  const { error, value } = createEvents(
    plan.acts.flatMap((p, i) => [
      ...(acts[i].heating > 0
        ? [
            {
              uid: `${p.id}-heat@zealous-hush`,
              title: `Heat on: ${acts[i].title}`,
              start: at(p.heatOn),
              startOutputType: 'local' as const,
              duration: minutes(p.lift - p.heatOn),
              description: `Heater ${p.heater! + 1}`,
            },
          ]
        : []),
      {
        uid: `${p.id}@zealous-hush`,
        title: `${order.title}: ${acts[i].title}`,
        start: at(p.lift - acts[i].talk),
        startOutputType: 'local' as const,
        duration: minutes(p.done - p.lift + acts[i].talk),
      },
    ]),
  )
  if (error || !value) throw error ?? new Error('no calendar came out')
  return value
}
