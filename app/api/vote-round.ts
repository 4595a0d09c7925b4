/** What is done with the class's vote on an act. */
interface ChangeOfRound {
  do: 'open' | 'close' | 'reveal' | 'hands'
  hands?: Record<string, number>
  age?: number
}

/** @throws the failed request */
export const changeRound = (showId: string, act: string, change: ChangeOfRound): Promise<unknown> =>
  $fetch(`/api/live/${showId}/votes/${encodeURIComponent(act)}`, { method: 'PUT', body: change, retry: 0 })
