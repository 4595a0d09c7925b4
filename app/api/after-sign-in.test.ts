import { expect, it } from 'vitest'
import { afterSignIn } from './after-sign-in'

const HERE = 'http://prep-room:4300'

it.each(['/', '/bench?x=1#why', '/order/5a1d', '/live/a?to=/b'])('after signing in one comes to %s', page => {
  expect(afterSignIn(page, HERE)).toBe(HERE + page)
})
it.each([
  '//elsewhere.example',
  '/\t/elsewhere.example',
  '/\n/elsewhere.example',
  '/\\elsewhere.example',
  '\\\\elsewhere.example',
  '/.//elsewhere.example',
  'https://elsewhere.example/',
  'javascript:alert(1)',
  '',
])('and by %j to the first page', page => {
  expect(afterSignIn(page, HERE)).toBe(`${HERE}/`)
})
