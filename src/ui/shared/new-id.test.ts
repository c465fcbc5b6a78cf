import { afterEach, expect, it, vi } from 'vitest'
import { newId } from './new-id'

afterEach(() => vi.unstubAllGlobals())

// RFC 9562, version 4.
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/

it('an id is a random UUID with and without a browser that makes one, and never the same', () => {
  const made = new Set([newId()])
  vi.stubGlobal('crypto', { getRandomValues: crypto.getRandomValues.bind(crypto) })
  for (let i = 0; i < 200; i++) made.add(newId())
  expect(made.size).toBe(201)
  for (const id of made) expect(id).toMatch(UUID)
})
