/**
 * Votes as they come in, written together: however many phones tap at once, the round is held for one short write, and
 * closing it never waits for a queue of them.
 */
import { castVotes } from '../database/votes'

/** Votes are gathered for so long, ms. */
const GATHER = 50

interface Vote {
  outcome: string
  told: ((counted: boolean) => void)[]
  failed: ((error: unknown) => void)[]
}

const boxes = new Map<string, Map<string, Vote>>()

async function empty(code: string): Promise<void> {
  const votes = boxes.get(code)!
  boxes.delete(code)
  try {
    const counted = await castVotes(
      code,
      [...votes].map(([device, { outcome }]) => ({ device, outcome })),
    )
    for (const [device, { told }] of votes) for (const tell of told) tell(counted.has(device))
  } catch (error) {
    for (const { failed } of votes.values()) for (const fail of failed) fail(error)
  }
}

/** @returns false if the vote is closed, or too many devices take part */
export function castVote(code: string, device: string, outcome: string): Promise<boolean> {
  return new Promise((resolve, reject) => {
    let box = boxes.get(code)
    if (!box) {
      boxes.set(code, (box = new Map()))
      setTimeout(() => void empty(code), GATHER)
    }
    const vote = box.get(device) ?? { outcome, told: [], failed: [] }
    box.set(device, { outcome, told: [...vote.told, resolve], failed: [...vote.failed, reject] })
  })
}
