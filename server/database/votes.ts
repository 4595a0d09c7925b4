import { randomInt } from 'node:crypto'
import type { VoteRound } from '../../core'
import { announce } from '../live/announcements'
import { pool, transaction } from './pool'

export type RoundQuestion = VoteRound['document']

/** Letters and figures that nobody takes for one another, and that make no words. */
const ALPHABET = 'BCDFGHJKMNPQRTVWXZ2346789'
const CODE_LENGTH = 5
/** More devices than a hall holds: somebody votes by machine. */
const MOST_DEVICES = 1000

const ROUND = `
  select show_id as "showId", act, code, document, opened_at as "openedAt", closed_at as "closedAt",
    revealed_at as "revealedAt", hands,
    coalesce((select jsonb_object_agg(outcome, n) from (
      select outcome, count(*) as n from vote v where v.show_id = r.show_id and v.act = r.act group by outcome
    ) as tally), '{}') as votes
  from vote_round r`

export async function listRounds(showId: string): Promise<VoteRound[]> {
  const { rows } = await pool().query<VoteRound>(`${ROUND} where show_id = $1 order by opened_at`, [showId])
  return rows
}

export async function findRoundByCode(code: string): Promise<VoteRound | undefined> {
  const { rows } = await pool().query<VoteRound>(`${ROUND} where code = $1`, [code.toUpperCase()])
  return rows[0]
}

/** Opens a round with a fresh code, or opens a closed one again with its own; a revealed one stays closed. */
export async function openRound(showId: string, act: string, document: RoundQuestion): Promise<void> {
  const code = Array.from({ length: CODE_LENGTH }, () => ALPHABET[randomInt(ALPHABET.length)]).join('')
  await transaction(async client => {
    await client.query(
      `insert into vote_round (show_id, act, code, document) values ($1, $2, $3, $4)
       on conflict (show_id, act) do update
       set closed_at = case when vote_round.revealed_at is null then null else vote_round.closed_at end`,
      [showId, act, code, document],
    )
    await announce(client, showId, 'votes')
  })
}

/** Closes and, if asked, reveals; hands replace those counted before. */
export async function changeRound(
  showId: string,
  act: string,
  change: { close?: boolean; reveal?: boolean; hands?: Record<string, number> },
): Promise<boolean> {
  return transaction(async client => {
    const { rowCount } = await client.query(
      `update vote_round set
         closed_at = case when $3 or $4 then coalesce(closed_at, now()) else closed_at end,
         revealed_at = case when $4 then coalesce(revealed_at, now()) else revealed_at end,
         hands = coalesce($5, hands)
       where show_id = $1 and act = $2`,
      [showId, act, change.close ?? false, change.reveal ?? false, change.hands ?? null],
    )
    if (rowCount) await announce(client, showId, 'votes')
    return rowCount === 1
  })
}

/**
 * Takes votes, or changes those that devices gave before, while the round is open.
 * @returns devices whose vote counts
 */
export async function castVotes(
  code: string,
  votes: readonly { device: string; outcome: string }[],
): Promise<Set<string>> {
  return transaction(async client => {
    // Shared with other votes, exclusive with closing: a vote is either before the close or refused.
    const { rows } = await client.query<{
      show_id: string
      act: string
      document: RoundQuestion
      closed_at: Date | null
    }>('select show_id, act, document, closed_at from vote_round where code = $1 for share', [code])
    const [round] = rows
    if (!round || round.closed_at) return new Set()
    const fitting = votes.filter(v => round.document.outcomes.some(o => o.id === v.outcome))
    const { rows: voted } = await client.query<{ device: string }>(
      'select device from vote where show_id = $1 and act = $2',
      [round.show_id, round.act],
    )
    const before = new Set(voted.map(v => v.device))
    let room = MOST_DEVICES - before.size
    const taken = fitting.filter(v => before.has(v.device) || room-- > 0).sort((a, b) => (a.device < b.device ? -1 : 1))
    await client.query(
      `insert into vote (show_id, act, device, outcome)
       select $1, $2, device, outcome from unnest($3::uuid[], $4::text[]) as row (device, outcome)
       on conflict (show_id, act, device) do update set outcome = excluded.outcome, at = now()`,
      [round.show_id, round.act, taken.map(v => v.device), taken.map(v => v.outcome)],
    )
    await announce(client, round.show_id, 'votes')
    return new Set(taken.map(v => v.device))
  })
}

export async function voteOf(round: Pick<VoteRound, 'showId' | 'act'>, device: string): Promise<string | undefined> {
  const { rows } = await pool().query<{ outcome: string }>(
    'select outcome from vote where show_id = $1 and act = $2 and device = $3',
    [round.showId, round.act, device],
  )
  return rows[0]?.outcome
}
