import pg from 'pg'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { pruneReceipts } from '../../server/database/receipts'
import { openCluster, type Cluster } from '../../scripts/database/cluster'
import { migrate } from '../../scripts/database/migrate'
import { clusterFolder } from '../application'

let cluster: Cluster
let client: pg.Client
beforeAll(async () => {
  cluster = await openCluster(clusterFolder(), () => {})
  process.env.HUSH_DATABASE_URL = cluster.url.replace(/\/[^/]*$/, '/receipts')
  await migrate(process.cwd(), process.env.HUSH_DATABASE_URL, () => {}, { demo: false })
  client = new pg.Client({ connectionString: process.env.HUSH_DATABASE_URL })
  await client.connect()
})
afterAll(async () => {
  await client.end()
  await cluster.close()
})

it('receipts of writes that nobody retries any more are forgotten, younger ones are kept', async () => {
  await client.query(
    `insert into write_receipt (id, at) values
      (gen_random_uuid(), now() - interval '500 days'), (gen_random_uuid(), now() - interval '300 days')`,
  )
  expect(await pruneReceipts()).toBe(1)
  expect((await client.query('select 1 from write_receipt')).rowCount).toBe(1)
  expect(await pruneReceipts()).toBe(0)
})
