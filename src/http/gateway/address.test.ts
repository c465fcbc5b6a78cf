import { expect, it } from 'vitest'
import { oddity } from '@/formats/oddity'
import { malformed } from './malformed'

it.each(['/golfers/%', '/golfers/%E0%A4%A/bag', '/api/shots/%00', '/?%'])(
  'an address such as %s is said to be none',
  (url) => expect(malformed({ url, method: 'GET' })).toMatch(/^The address/),
)

it('a method that nobody has is said so, and the usual ones go on', () => {
  expect(malformed({ url: '/', method: 'TRACE' })).toContain('Banco answers no TRACE')
  for (const method of ['GET', 'POST', 'DELETE', 'HEAD'])
    expect(malformed({ url: '/golfers/d%C3%A9but?hit=a~full~3', method })).toBeNull()
})

it('a document with a NUL or without an end to its lists is refused, and a deep one that ends is not', () => {
  const nested = (depth: number) => JSON.parse('['.repeat(depth) + ']'.repeat(depth)) as unknown
  expect(oddity(nested(49))).toBeNull()
  expect(oddity(nested(51))).toContain('nested over 50 deep')
  expect(oddity({ a: ['b\0'] })).toContain('NUL')
  expect(oddity({ 'a\0': 1 })).toContain('NUL')
  expect(oddity({ name: 'Zoë 😀', list: [1, null, true] })).toBeNull()
})
