/** Which file the parts of the interface that pages share go into. */
import { readdirSync } from 'node:fs'
import { expect, it } from 'vitest'
import { FILES, INTERFACE_FILES, interfaceFileOf } from './interface'

const under = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).map(file => `/${folder}/${file}`)
const all = ['app', 'node_modules/reka-ui/dist', 'node_modules/@nuxt/ui/dist/runtime/components'].flatMap(under)

it('are parts that there are: none of their names is out of date', () => {
  for (const paths of Object.values(FILES))
    for (const path of paths.filter(path => !path.startsWith('ui/'))) {
      const [, start, names] = /^(.*?)\(([^()]*(?:\([^()]*\)[^()]*)*)\)/.exec(path) ?? [undefined, path, '']
      for (const name of names!.split(/[|()]/).filter(Boolean)) {
        const word = name.replace(/\\\.|\/$/g, '')
        const found = all.some(file => interfaceFileOf(file) !== undefined && file.includes(word))
        expect(found, `${start}${word}`).toBe(true)
      }
    }
})
it('lie in one file each, and other parts in none of these', () => {
  expect(interfaceFileOf('/somewhere/app/components/bench/HushLine.vue?vue&type=style')).toBe('bench')
  expect(interfaceFileOf('/somewhere/app/composables/useForecast.ts')).toBe('bench')
  expect(interfaceFileOf('/somewhere/app/composables/useForecastWorker.ts')).toBe('staged')
  expect(interfaceFileOf('/somewhere/node_modules/reka-ui/dist/Checkbox/CheckboxRoot.js')).toBe('ticked')
  expect(interfaceFileOf('virtual:nuxt:/somewhere/ui/form-field.ts')).toBe('fields')
  expect(interfaceFileOf('/somewhere/app/components/live/CueCard.vue')).toBeUndefined()
  expect(interfaceFileOf('/somewhere/core/forecast/sample.ts')).toBeUndefined()
  expect(INTERFACE_FILES).toEqual(Object.keys(FILES))
})
