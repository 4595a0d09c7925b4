import { newId } from './new-id'
import type { Fault, Sentence } from '~~/core'

export interface Refusal {
  status: number
  message: string
  faults: Fault[]
  current?: unknown
}

/** What a failed request means for a person. */
export function refusalOf(error: unknown): Refusal {
  const failure = error as {
    status?: number
    statusCode?: number
    data?: { message?: string; data?: { faults?: (Fault & { said?: Sentence })[]; current?: unknown } }
  }
  const status = failure.status ?? failure.statusCode ?? 0
  if (status === 0)
    return {
      status: 0,
      message: 'The application does not answer. Nothing you typed is lost; try again in a moment.',
      faults: [],
    }
  return {
    status,
    message: failure.data?.message ?? 'The request failed.',
    faults: (failure.data?.data?.faults ?? []).map(({ input, message, said }) => ({ input, message: said ?? message })),
    current: failure.data?.data?.current,
  }
}

const RETRIES = 3

/**
 * Sends a write with an id of its own. A lost answer is asked for again with the same id, so that it is never done
 * twice.
 * @throws the last failure
 */
export async function sendWrite<T>(
  method: 'POST' | 'PUT',
  url: string,
  body: Record<string, unknown>,
  writeId: string = newId(),
): Promise<T> {
  for (let attempt = 0; ; attempt++) {
    try {
      return await $fetch(url, { method, body: { ...body, writeId }, retry: 0 })
    } catch (error) {
      if (refusalOf(error).status !== 0 || attempt >= RETRIES) throw error
      await new Promise(resolve => setTimeout(resolve, 400 * (attempt + 1)))
    }
  }
}
