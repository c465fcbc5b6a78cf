import { attackOn } from '../../bench/attack'
import { expect, test } from './banco'

test.use({ demo: true })

test('whatever is asked of Banco, it fails at nothing and stores nothing by halves', async ({ banco }) => {
  const { sent, failed, halfSaved } = await attackOn(banco, { requests: 300, seed: 2026 })
  expect(failed.map(({ method, target, status }) => `${method} ${target}: ${status}`)).toEqual([])
  expect(halfSaved.map(({ method, target, status }) => `${method} ${target}: ${status}`)).toEqual([])
  // An attack that nothing lets through tests the first door alone.
  expect(sent.filter(({ status, method }) => status < 300 && method !== 'GET').length).toBeGreaterThan(3)
})
