import { expect, it } from 'vitest'
import { oddity } from '@/formats/oddity'
import { pathOf } from './address'

it.each([
  ...['/golfers/%', '/golfers/%E0%A4%A/bag', '/api/shots/%00', '/?%'],
  ...['/golfers/%2e%2e/desk', '/golfers//g', '/golfers/g%2Fbay', '/golfers/g%5Cbay', '/golfers/%2562ay'],
])('refuses an address such as %s', (url) =>
  expect(pathOf({ url, method: 'GET' })).toEqual({
    problem: expect.stringMatching(/^The address/) as string,
  }),
)

it('a method that nobody has is said so, and the usual ones go on', () => {
  expect(pathOf({ url: '/', method: 'TRACE' })).toEqual({
    problem: expect.stringContaining('Banco answers no TRACE') as string,
  })
  for (const method of ['GET', 'POST', 'DELETE', 'HEAD'])
    expect(pathOf({ url: '/golfers/d%C3%A9but?hit=a~full~3', method })).toEqual({ path: '/golfers/début' })
})

it('a document with a NUL or without an end to its lists is refused, and a deep one that ends is not', () => {
  const nested = (depth: number) => JSON.parse('['.repeat(depth) + ']'.repeat(depth)) as unknown
  expect(oddity(nested(49))).toBeNull()
  expect(oddity(nested(51))).toContain('nested over 50 deep')
  expect(oddity({ a: ['b\0'] })).toContain('NUL')
  expect(oddity({ 'a\0': 1 })).toContain('NUL')
  expect(oddity({ name: 'Zoë 😀', list: [1, null, true] })).toBeNull()
})
