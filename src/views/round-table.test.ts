import { expect, it } from 'vitest'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import { exportText } from '../../tests/export-text'
import type { ClubId, GolferId } from '@/core/model/ids'
import { readRounds } from '@/formats/table/read-rounds'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { startBag } from '@/store/bags'
import { clubsOf } from '@/store/clubs'
import { openDatabase } from '@/store/database'
import { golferById } from '@/store/golfers'
import { roundsOf, takeRounds } from '@/store/rounds'
import { roundsOfFile, roundTableView } from './round-table'

const tableOf = (text: string, lengthUnit: 'yd' | 'm' = 'yd') => {
  const table = readRounds(new TextEncoder().encode(text), { lengthUnit, offsetMin: 0 })
  if (!table.ok) throw new Error(table.problems[0]?.sentence)
  return table
}

it('rounds go out as a table and come in again as they were, to another golfer; to their own they bring nothing', () => {
  const db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  const tilda = golferById(db, 'demo-tilda' as GolferId)
  if (!tilda) throw new Error('the demo has Tilda')
  const text = exportText(db, tilda, 'rounds', NOW_MS) ?? ''
  const own = roundsOfFile(db, tilda, tableOf(text), { clubIds: {}, offsetMin: 0, nowMs: NOW_MS })
  expect(own).toEqual([])

  const other = golferById(db, addSecondGolfer(db))
  const clubs = BAG_TEMPLATES.find(({ key }) => key === 'smooth')?.clubs ?? []
  if (!other) throw new Error('there is another golfer')
  startBag(db, other.id, { name: 'The same clubs', clubs }, NOW_MS)
  const rounds = roundsOfFile(db, other, tableOf(text), { clubIds: {}, offsetMin: 0, nowMs: NOW_MS })
  const shots = roundsOf(db, tilda.id).flatMap((round) => round.shots)
  expect(shots.length).toBeGreaterThan(60)
  expect(takeRounds(db, other.id, rounds, 'import')).toBe(shots.length)
  const named = (golfer: GolferId) => {
    const names = new Map(clubsOf(db, golfer).map(({ id, name }) => [id, name]))
    return roundsOf(db, golfer).map(({ place, openedMs, shots }) => ({
      place,
      day: Math.floor(openedMs / 86_400_000),
      shots: shots.map(({ clubId, swing, leftM, afterM, carryM, lie }) => [
        ...[names.get(clubId), swing, lie],
        ...[leftM, afterM, carryM].map((metres) => metres?.toFixed(3)),
      ]),
    }))
  }
  expect(named(other.id)).toEqual(named(tilda.id))
})

it('a name that the golfer says means that club, one of somebody else’s none', () => {
  const { db, golfer, clubId } = storeWithGolfer()
  const table = tableOf('club,left\nOld spoon,180\n7i,140\n')
  const view = (clubIds: Record<string, ClubId>) =>
    roundTableView(db, golfer, table, clubIds).clubs.map((each) => each.clubId)
  expect(view({})).toEqual([null, clubId('7-iron')])
  expect(view({ 'Old spoon': clubId('5-wood') })).toEqual([clubId('5-wood'), clubId('7-iron')])
  expect(view({ 'Old spoon': 'nobody' as ClubId })[0]).toBeNull()
})
