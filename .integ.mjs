import { register } from 'tsx/esm/api'
register()
const { ensureBuild } = await import('./scripts/build/build.ts')
const { openCluster } = await import('./scripts/database/cluster.ts')
const { spawnSync } = await import('node:child_process')
await ensureBuild(process.cwd(), console.log)
const folder = '/var/lib/zealous-hush/x-' + process.pid
const cluster = await openCluster(folder, () => {})
const [kind, ...rest] = process.argv.slice(2)
const r = kind === 'pw' ? spawnSync('node_modules/.bin/playwright', ['test', ...rest], { stdio: 'inherit', env: { ...process.env, HUSH_TEST_CLUSTER: folder, HUSH_CHROMIUM: '/usr/bin/chromium' } }) : spawnSync('node_modules/.bin/vitest', ['run', '--project', 'integration', ...rest], { stdio: 'inherit', env: { ...process.env, HUSH_TEST_CLUSTER: folder } })
await cluster.close()
process.exit(r.status ?? 1)
