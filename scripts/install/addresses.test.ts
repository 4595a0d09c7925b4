/** Addresses of packages, as registries keep them (the npm registry's documented layout, from memory). */
import { describe, expect, it } from 'vitest'
import { addressed } from './addresses.mjs'

const REGISTRY = 'https://packages.example'
const resolved = (path: string, locked: Parameters<typeof addressed>[0]['packages'][string]) =>
  addressed({ packages: { [path]: locked } }, REGISTRY).packages[path].resolved

describe('the address of a locked package', () => {
  const sum = { integrity: 'sha512-x' }
  it('is made of its name and version', () => {
    expect(resolved('node_modules/zod', { version: '4.0.0', ...sum })).toBe(`${REGISTRY}/zod/-/zod-4.0.0.tgz`)
  })
  it('has a scope in its folder and not in its file, also where it lies in another package', () => {
    expect(resolved('node_modules/nuxt/node_modules/@vue/shared', { version: '3.5.0', ...sum })).toBe(
      `${REGISTRY}/@vue/shared/-/shared-3.5.0.tgz`,
    )
  })
  it('is that of the package itself where it goes by another name here', () => {
    expect(resolved('node_modules/typescript-native', { name: 'typescript', version: '7.0.2', ...sum })).toBe(
      `${REGISTRY}/typescript/-/typescript-7.0.2.tgz`,
    )
  })
  it('is left alone where it is said, and where there is none: the project, and what comes inside another', () => {
    expect(resolved('node_modules/a', { version: '1.0.0', resolved: 'file:a.tgz', ...sum })).toBe('file:a.tgz')
    expect(resolved('', { version: '0.1.0' })).toBeUndefined()
    expect(resolved('node_modules/b/node_modules/c', { version: '1.0.0', inBundle: true, ...sum })).toBeUndefined()
  })
})
