/** The document of a show that is about to begin: fetched as one begins it, with what reads and checks documents. */
import { newId } from '~/api/new-id'
import { sendWrite } from '~/api/sending'
import { stageOf } from '~/composables/useRunningOrder'
import {
  actOf,
  findDemonstration,
  loadDemonstrations,
  resolveStaging,
  showSchema,
  withRoom,
  type ListedOrder,
  type Plan,
  type RoomDocument,
  type RunningOrderDocument,
  type ShowDocument,
  type StoredStaging,
} from '~~/core'

type Pace = Pick<Partial<ShowDocument>, 'rehearsal' | 'speed'>

const actFor = (stored: StoredStaging, id: string, room: RoomDocument) => ({
  id,
  run: newId(),
  stagingId: stored.id,
  stagingVersion: stored.version,
  staging: withRoom(stored.document, room, findDemonstration(stored.document.demonstration)!),
})

/** One staging, by itself. */
export async function showOfStaging(stored: StoredStaging, room: RoomDocument, pace: Pace): Promise<ShowDocument> {
  const { demonstration, title } = stored.document
  await loadDemonstrations([demonstration])
  return showSchema.parse({
    title: title || findDemonstration(demonstration)!.name,
    ...pace,
    acts: [actFor(stored, 'only', room)],
  })
}

/**
 * The order as it stands, planned afresh; stagings that came from a file get a record of their own, so that their
 * runs can be logged.
 *
 * @param stagings that are here
 */
export async function showOfOrder(
  { id, document }: Pick<ListedOrder, 'id' | 'document'>,
  stagings: readonly StoredStaging[],
  room: RoomDocument,
  pace: Pace,
): Promise<ShowDocument> {
  await loadDemonstrations(document.acts.map(a => a.staging.demonstration))
  const acts = []
  for (const a of document.acts) {
    let stored = stagings.find(s => s.id === a.from)
    if (!stored) {
      const own = newId()
      stored = await sendWrite<StoredStaging>('POST', '/api/stagings', { id: own, document: a.staging }, own)
    }
    acts.push(actFor(stored, a.id, room))
  }
  const plan = await planOf(document, acts)
  return showSchema.parse({
    title: document.title,
    order: id,
    ...pace,
    acts: acts.map((a, i) => ({
      ...a,
      ...(plan && {
        lift: Math.round(plan.acts[i]!.lift),
        ...(plan.acts[i]!.heater !== undefined && { heatOn: Math.round(plan.acts[i]!.heatOn) }),
      }),
    })),
  })
}

/** @returns nothing where there is no plan that holds */
async function planOf(d: RunningOrderDocument, acts: ReturnType<typeof actFor>[]): Promise<Plan | undefined> {
  const asked = acts.map((a, i) => {
    const { demonstration, values } = resolveStaging(a.staging)
    const simulation = demonstration.simulate(values, 'trace')
    const { talk, target } = d.acts[i]!
    const planned = actOf(a.id, a.staging.title, demonstration, values, simulation, talk)
    return { ...planned, ...(target !== undefined && { target }) }
  })
  const { plan } = await $fetch<{ plan?: Plan }>('/api/running-orders/plan', {
    method: 'POST',
    body: { order: newId(), acts: asked, stage: stageOf(d) },
  })
  return plan
}
