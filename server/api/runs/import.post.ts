import { checkRun, importedRunsSchema, StagingFaults } from '../../../core'
import { importRuns } from '../../database/runs'
import { readJson } from '../../http/body'
import { refusal, withFreeId } from '../../http/faults'

const MOST_BYTES = 24 * 1024 * 1024

/** Takes runs with their stagings, all or none. A run that is here already, by its id, is left as it is. */
export default defineEventHandler(async event => {
  const { writeId: write, runs } = await readJson(event, importedRunsSchema, MOST_BYTES)
  const faults = runs.flatMap(({ staging, document }, index) => {
    try {
      checkRun(staging, document)
      return []
    } catch (error) {
      if (error instanceof StagingFaults)
        return error.faults.map(f => ({ input: `runs.${index}.${f.input}`, message: f.message }))
      throw error
    }
  })
  if (faults.length > 0) throw refusal(faults)
  return withFreeId(() => importRuns(runs, write))
})
