import { expect, it } from 'vitest'
import type { ClubId } from '../model/ids'
import { oldStations } from './age'

const DAY = 86_400_000
const NOW = 1000 * DAY
const at = (club: string, daysAgo: number) => ({
  clubId: club as ClubId,
  swing: 'full',
  hitMs: NOW - daysAgo * DAY,
})

it('a stock whose newest shots are 217 days old says so, the fewest shots first; a newer shot makes it young', () => {
  const stocks = [
    { clubId: '7' as ClubId, swing: 'full', count: 9 },
    { clubId: '9' as ClubId, swing: 'full', count: 4 },
    { clubId: 'p' as ClubId, swing: 'full', count: 6 },
    { clubId: 'never' as ClubId, swing: 'full', count: 0 },
  ]
  const shots = [at('7', 300), at('7', 217), at('9', 200), at('p', 400), at('p', 3)]
  expect(oldStations(stocks, shots, { limitDays: 180, nowMs: NOW, offsetMin: 0 })).toEqual([
    { clubId: '9', swing: 'full', days: 200, count: 4 },
    { clubId: '7', swing: 'full', days: 217, count: 9 },
  ])
  expect(oldStations(stocks, shots, { limitDays: 217, nowMs: NOW, offsetMin: 0 })).toEqual([])
})

it('days are those of the calendar: a shot of the evening before is a day old in the morning', () => {
  const nowMs = Date.UTC(2026, 11, 1, 6, 54)
  const [station] = [{ clubId: 'a' as ClubId, swing: 'full', count: 5 }]
  const old = (hitMs: number, offsetMin = 0) =>
    oldStations([station!], [{ clubId: 'a' as ClubId, swing: 'full', hitMs }], {
      limitDays: 0,
      nowMs,
      offsetMin,
    }).map(({ days }) => days)
  expect(old(Date.UTC(2026, 10, 30, 21))).toEqual([1])
  expect(old(Date.UTC(2026, 11, 1, 1))).toEqual([])
  // West of Greenwich that is the evening before as well.
  expect(old(Date.UTC(2026, 11, 1, 1), -300)).toEqual([1])
  expect(old(nowMs - 217 * 86_400_000 + 3_600_000)).toEqual([217])
})
