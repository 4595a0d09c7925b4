import { readdirSync, readFileSync } from 'node:fs'
import { basename, join } from 'node:path'
import { expect, it } from 'vitest'
import { NOT_SHOWN } from './icons'

const textsIn = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter(file => /\.(vue|ts)$/.test(file) && !file.includes('.test.') && !file.endsWith('.d.ts'))
    .map(file => [basename(file, '.vue'), readFileSync(join(folder, file), 'utf8')] as const)
const ours = textsIn('app').map(([, text]) => text)
const theirs = new Map(textsIn('node_modules/@nuxt/ui/dist/runtime/components'))
const settings = readFileSync('node_modules/@nuxt/ui/dist/unplugin.mjs', 'utf8')
const shared = readdirSync('node_modules/@nuxt/ui/dist/shared').map(f => join('node_modules/@nuxt/ui/dist/shared', f))
const defaults = [settings, ...shared.map(file => readFileSync(file, 'utf8'))].join('\n')

/** Parts of Nuxt UI that our pages have, with those that these are made of. */
function used(): Set<string> {
  const found = new Set<string>()
  const take = (name: string) => {
    const text = theirs.get(name)
    if (text === undefined || found.has(name)) return
    found.add(name)
    for (const [, part] of text.matchAll(/from "[./]+([A-Z]\w*)\.vue"/g)) take(part!)
  }
  for (const text of ours) for (const [, name] of text.matchAll(/\bU([A-Z]\w+)/g)) take(name!)
  return found
}

it.each(NOT_SHOWN)('%s is shown by no page, nor by a part of Nuxt UI that one has', name => {
  const key = new RegExp(`(\\w+): "i-lucide-${name}"`).exec(defaults)?.[1]
  expect(key, 'one of those that Nuxt UI brings').toBeDefined()
  expect(used().size).toBeGreaterThan(20)
  const showing = [...used()].filter(part => new RegExp(`icons\\??\\.${key}\\b`).test(theirs.get(part)!))
  expect(showing).toEqual([])
  expect(ours.filter(text => new RegExp(`lucide[:-]${name}(?![\\w-])`).test(text))).toEqual([])
})
it('finds an icon that is shown', () => {
  expect([...used()].some(part => /icons\??\.close\b/.test(theirs.get(part)!))).toBe(true)
})
