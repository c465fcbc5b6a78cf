import { expect, it } from 'vitest'
import { daysAgo } from './days'

it('days are counted by the calendar', () => {
  const now = new Date(2026, 11, 1, 6, 54).getTime()
  expect(daysAgo(new Date(2026, 11, 1, 0, 5).getTime(), now)).toBe('from today')
  expect(daysAgo(new Date(2026, 10, 30, 23, 55).getTime(), now)).toBe('from yesterday')
  expect(daysAgo(new Date(2026, 3, 28, 20).getTime(), now)).toBe('217 days old')
})
