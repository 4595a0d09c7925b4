import type { Reader, VoteRound } from '../../core'
import { getRouterParam, type H3Event } from 'h3'
import { findRoundByCode, voteOf } from '../database/votes'
import { toldOf } from './told'

/** Phones ask every three seconds, hundreds of them: one answer of the database serves all for so long, ms. */
const FRESH = 200

const known = new Map<string, Promise<VoteRound | undefined>>()

function roundByCode(code: string): Promise<VoteRound | undefined> {
  const asked = known.get(code)
  if (asked) return asked
  const answer = findRoundByCode(code)
  known.set(code, answer)
  setTimeout(() => known.delete(code), FRESH).unref()
  answer.catch(() => known.delete(code))
  return answer
}

/** After this process changed one. */
export const forgetRounds = (): void => known.clear()

export async function roundIn(event: H3Event): Promise<VoteRound | undefined> {
  const code = getRouterParam(event, 'code') ?? ''
  return /^[A-Za-z0-9]{3,8}$/.test(code) ? roundByCode(code.toUpperCase()) : undefined
}

/**
 * What a phone may know of a round: whether it is open, its own vote, and once the room is told the counts, what
 * happened and why.
 */
export async function seenByPhone(round: VoteRound, device: string | undefined, readerFor: (of?: string) => Reader) {
  const counts = Object.fromEntries(
    round.document.outcomes.map(o => [o.id, Number(round.votes[o.id] ?? 0) + Number(round.hands[o.id] ?? 0)]),
  )
  return {
    open: round.closedAt === null,
    revealed: round.revealedAt !== null,
    mine: device && (await voteOf(round, device)),
    ...(round.revealedAt !== null && { counts, told: await toldOf(round, readerFor) }),
  }
}
