import type { StoredShow } from '../../core'
import type { H3Event } from 'h3'
import { findShow } from '../database/shows'
import { routeId } from '../http/body'
import { refusal } from '../http/faults'

/** The show in the address. @throws a 404 if there is none */
export async function showOf(event: H3Event): Promise<StoredShow> {
  const show = await findShow(routeId(event))
  if (!show) throw refusal([{ input: 'id', message: 'there is no such show' }], 404)
  return show
}

/** @throws a refusal if the show has no such act */
export function actOfShow(show: StoredShow, id: string): StoredShow['document']['acts'][number] {
  const act = show.document.acts.find(a => a.id === id)
  if (!act)
    throw refusal([
      { input: 'act', message: `given "${id}"; accepted: ${show.document.acts.map(a => a.id).join(', ')}` },
    ])
  return act
}
