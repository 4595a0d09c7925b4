import type { VoteRound } from '../../core'
import { getRouterParam, type H3Event } from 'h3'
import { findRoundByCode, voteOf } from '../database/votes'
import { deviceOf } from './device'

export async function roundIn(event: H3Event): Promise<VoteRound | undefined> {
  const code = getRouterParam(event, 'code') ?? ''
  return /^[A-Za-z0-9]{3,8}$/.test(code) ? findRoundByCode(code) : undefined
}

/**
 * What a phone may know of a round: whether it is open, its own vote, and the counts once they are shown to the room.
 */
export async function seenByPhone(event: H3Event, round: VoteRound) {
  const device = deviceOf(event)
  const counts = Object.fromEntries(
    round.document.outcomes.map(o => [o.id, Number(round.votes[o.id] ?? 0) + Number(round.hands[o.id] ?? 0)]),
  )
  return {
    open: round.closedAt === null,
    revealed: round.revealedAt !== null,
    mine: device && (await voteOf(round, device)),
    ...(round.revealedAt !== null && { counts }),
  }
}
