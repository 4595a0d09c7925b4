import { linesOf } from '../backup/lines'
import { ownMigrations } from '../backup/migrations'
import { BackupFault, restore } from '../backup/restore'
import { pool } from '../database/pool'
import { refusal } from '../http/faults'

/** Takes a backup into what is here, all or nothing; what is here already is not doubled. */
export default defineEventHandler(async event => {
  const client = await pool().connect()
  try {
    return { restored: await restore(client, linesOf(event.node.req), await ownMigrations()) }
  } catch (error) {
    if (error instanceof BackupFault) throw refusal([{ input: 'file', message: error.message }])
    throw error
  } finally {
    client.release()
  }
})
