import { build } from 'esbuild'
import { expect, it } from 'vitest'
import { SOURCES } from './build'

it('is made anew where one of the files has changed that say how it is made', async () => {
  const { metafile } = await build({
    ...{ entryPoints: ['nuxt.config.ts'], outdir: 'nowhere', write: false, metafile: true },
    ...{ bundle: true, packages: 'external', platform: 'node', format: 'esm', logLevel: 'silent' },
  })
  const files = Object.keys(metafile.inputs)
  expect(files).toContain('scripts/build/bundles/bundles.ts')
  expect(files.filter(file => !SOURCES.some(source => `${file}/`.startsWith(`${source}/`)))).toEqual([])
})
