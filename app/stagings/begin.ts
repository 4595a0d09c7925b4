/** Begins a staging: fetched where somebody begins one, with what reads and checks documents. */
import { freeTitle } from '~/api/free-title'
import { newId } from '~/api/new-id'
import { sendWrite } from '~/api/sending'
import {
  StagingFaults,
  findDemonstration,
  inputsFromItem,
  loadDemonstrations,
  readStaging,
  thingsFrom,
  type StagingDocument,
  type StoredItem,
} from '~~/core'

/**
 * Begins a staging with what the Shelf says of some of its things, the rest as usual. Until something of it is changed
 * it is in no list.
 *
 * @param title what it is called, with a number where another one is called that
 * @returns the address of its Bench
 */
export async function beginStaging(
  id: string,
  title: string,
  things: readonly Pick<StoredItem, 'id' | 'version' | 'document'>[] = [],
): Promise<string> {
  const [free] = await Promise.all([freeTitle(title), loadDemonstrations([id])])
  const demonstration = findDemonstration(id)!
  const plain = { demonstration: id, title: free }
  const inputs = Object.assign({}, ...things.map(item => inputsFromItem(item.document, demonstration)))
  let document: StagingDocument
  try {
    document = readStaging({ ...plain, inputs, things: thingsFrom(things) }).document
  } catch (problem) {
    if (!(problem instanceof StagingFaults)) throw problem
    // Things that do not go together with the usual amounts: start from the usual ones.
    document = readStaging(plain).document
  }
  const staging = newId()
  await sendWrite('POST', '/api/stagings', { id: staging, document, begun: true }, staging)
  return `/bench/${staging}`
}
