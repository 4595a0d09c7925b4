import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { openCluster } from '../../scripts/database/cluster'

const folder = join(tmpdir(), `zealous-hush-cluster-${process.pid}`)
const settings = join(folder, 'settings.json')
const quiet = () => {}
afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('a cluster whose settings are lost', () => {
  it('is never replaced: it is told what is missing and how to go on, and works again once they are back', async () => {
    await (await openCluster(folder, quiet)).close()
    const kept = readFileSync(settings, 'utf8')
    const made = readFileSync(join(folder, 'data', 'global', 'pg_control'))
    for (const broken of [undefined, '', '{"password":', '{}']) {
      rmSync(settings, { force: true })
      if (broken !== undefined) writeFileSync(settings, broken)
      await expect(openCluster(folder, quiet)).rejects.toThrow(/settings\.json .* Nothing was changed\.[^]*backup/)
      expect(readFileSync(join(folder, 'data', 'global', 'pg_control')).equals(made)).toBe(true)
    }
    writeFileSync(settings, kept, { mode: 0o600 })
    const again = await openCluster(folder, quiet)
    expect(again.url).toContain(JSON.parse(kept).password)
    await again.close()
  })
  it('is made aside first, so that an interrupted start leaves nothing that looks like a cluster', async () => {
    expect(existsSync(join(folder, 'making'))).toBe(false)
  })
})
