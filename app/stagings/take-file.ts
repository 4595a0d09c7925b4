/** A staging out of a file: fetched as somebody has one. */
import { newId } from '~/api/new-id'
import { sendWrite } from '~/api/sending'
import { StagingFaults, loadDemonstrations, readStaging, type Sentence, type StagingDocument } from '~~/core'

/** Address of the Bench that it stands on, or why it can't be taken. */
export type TakenStaging = { address: string } | { faults: string[] } | { failure: string }

/**
 * @param told a sentence, as whoever reads it is told
 * @throws what the server refuses
 */
export async function takeStaging(file: File, told: (s: Sentence) => string): Promise<TakenStaging> {
  let json: unknown
  try {
    json = JSON.parse(await file.text())
  } catch {
    return { failure: `${file.name} is not a staging document: it is not JSON.` }
  }
  await loadDemonstrations([String((json as { demonstration?: unknown } | null)?.demonstration)])
  let document: StagingDocument
  try {
    document = readStaging(json).document
  } catch (problem) {
    if (!(problem instanceof StagingFaults)) throw problem
    return { faults: problem.faults.map(f => `${f.input ? `${f.input}: ` : ''}${told(f.message)}`) }
  }
  const id = newId()
  await sendWrite('POST', '/api/stagings', { id, document }, id)
  return { address: `/bench/${id}` }
}
