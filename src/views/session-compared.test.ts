import { describe, expect, it } from 'vitest'
import type { ClubId, SessionId, ShotId } from '@/core/model/ids'
import { trialBlocks } from '@/core/compare/trial'
import { fullSwingOf } from '@/core/model/station'
import { lengthIn, yards } from '@/core/units'
import { addClub, bagOf, setSlots } from '@/store/bags'
import { changeClubSince } from '@/store/clubs'
import { keepPlan } from '@/store/plans'
import { changeGolfer, golferById } from '@/store/golfers'
import { openStation, sessionById, startSession } from '@/store/sessions'
import { takeShot } from '@/store/shots'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { bayView } from './bay-view'
import { writeExport } from './export-file'
import { historyView } from './history-view'
import { practiceView } from './practice-view'
import { checksSeen, trialSeen } from './session-compared'

const DAY = 86_400_000

/** A store whose shots can be hit on any day, a session for each. */
function store() {
  const kept = storeWithGolfer()
  const { db, golfer } = kept
  let made = 0
  const sessionOn = (daysLater: number): SessionId => {
    const id = `day-${daysLater}` as SessionId
    if (!sessionById(db, id))
      startSession(
        db,
        {
          golferId: golfer.id,
          startedMs: NOW_MS + daysLater * DAY,
          offsetMin: 0,
          place: 'indoor',
          clearMs: NOW_MS,
        },
        id,
      )
    return id
  }
  const hit = (clubId: ClubId, carriesYd: readonly number[], daysLater: number) => {
    const sessionId = sessionOn(daysLater)
    for (const yd of carriesYd)
      takeShot(db, {
        id: `shot-${made}` as ShotId,
        sessionId,
        source: 'monitor',
        hitMs: NOW_MS + daysLater * DAY + ++made * 30_000,
        clubLabel: null,
        clubId,
        swing: 'full',
        carryM: yards(yd),
        heldBecause: null,
      })
    return sessionId
  }
  const bag = () => bagOf(db, golfer.id)!
  return { ...kept, sessionOn, hit, bag }
}
const yd = (metres: number) => lengthIn(metres, 'yd')

describe('a trial', () => {
  it('of a club of the bag and one of the rack is read by its own session alone', () => {
    const { db, golfer, bag, clubId, sessionOn, hit } = store()
    const old = clubId('50° wedge')
    const added = addClub(db, golfer.id, { name: 'new', kind: 'wedge', loftDeg: 50 }, NOW_MS)
    setSlots(
      db,
      golfer.id,
      bag()
        .clubs.map(({ id }) => id)
        .filter((id) => id !== added.clubId),
      NOW_MS,
    )
    // On other days the old one went further: it is not a matter of this session.
    hit(old, [120, 121, 122, 119, 120], 1)
    const sessionId = sessionOn(2)
    const blocks = trialBlocks(fullSwingOf(old), fullSwingOf(added.clubId!)).map((block) => ({
      ...block,
      day: 1,
    }))
    keepPlan(db, sessionId, { blocks, untilSettled: false, restEvery: 0, restS: 0 })
    const seen = () => trialSeen(db, golfer, bag(), { sessionId, plan: blocks }, NOW_MS + 3 * DAY)!
    expect(seen()).toMatchObject({ stocks: null, found: null })
    hit(old, [96, 98, 94], 2)
    hit(added.clubId!, [104, 106, 102, 105, 103, 107], 2)
    hit(old, [97, 95, 99], 2)
    const { stocks, found } = seen()
    expect(stocks!.map(({ carryM, count }) => [Math.round(yd(carryM)), count])).toEqual([
      [97, 6],
      [105, 6],
    ])
    expect(yd(found!.differenceM)).toBeCloseTo(8, 0)
    expect(found!.word).toBe('real')
    expect(trialSeen(db, golfer, bag(), { sessionId, plan: blocks.slice(0, 1) }, NOW_MS)).toBeNull()
  })

  it('has the stocks of a club of the rack in the Bay, and none of its gaps', () => {
    const { db, golfer, bag, clubId, hit } = store()
    const id = clubId('9-iron')
    setSlots(
      db,
      golfer.id,
      bag()
        .clubs.map((club) => club.id)
        .filter((each) => each !== id),
      NOW_MS,
    )
    const sessionId = hit(id, [110, 112, 108, 111], 1)
    openStation(db, sessionId, { clubId: id, swing: 'full' }, NOW_MS + DAY)
    const view = bayView(db, golfer, sessionById(db, sessionId)!, NOW_MS + 2 * DAY)!
    expect(view.analysis.stocks.find((stock) => stock.clubId === id)).toMatchObject({ count: 4 })
    expect(view.analysis.shots).toHaveLength(4)
    expect(view.history).toHaveLength(4)
    expect(view.analysis.gaps.some((gap) => gap.longerId === id || gap.shorterId === id)).toBe(false)
  })
})

describe('a stock that has grown old', () => {
  it('is checked by the shots of a later session, where it was old when that began', () => {
    const { db, golfer, bag, clubId, hit } = store()
    const [seven, eight] = [clubId('7-iron'), clubId('8-iron')]
    hit(seven, [140, 142, 138, 141, 139, 140, 141], 0.1)
    hit(eight, [128, 130, 126, 129, 127], 100)
    const late = hit(seven, [163, 165, 164, 162, 166], 210)
    hit(eight, [128, 129, 127], 210)
    const check = (of = golfer) => checksSeen(db, of, bag(), sessionById(db, late)!, NOW_MS + 211 * DAY)
    const [moved, ...others] = check()
    expect(others).toEqual([])
    expect(moved).toMatchObject({ station: { clubId: seven }, days: 210 })
    expect(moved!.found.word).toBe('real')
    changeGolfer(db, golfer, { ageLimitDays: 90 })
    expect(check(golferById(db, golfer.id)!).map(({ station }) => station.clubId)).toEqual([eight, seven])
  })
})

it('every session stands in a stock’s history with its own number, and changes of the club beside it', () => {
  const { db, golfer, clubId, hit } = store()
  const nine = clubId('9-iron')
  hit(nine, [110, 111, 109], 1)
  hit(nine, [112, 113, 111], 5)
  const changedMs = NOW_MS + 3 * DAY
  changeClubSince(db, golfer.id, nine, { name: '9-iron', kind: 'iron', loftDeg: 40 }, changedMs)
  const { stations, more } = historyView(db, golfer)!
  expect(more).toBe(0)
  expect(stations).toHaveLength(1)
  expect(stations[0]).toMatchObject({ clubId: nine, changedMs: [changedMs] })
  expect(stations[0]!.points.map(({ carryM, count }) => [Math.round(yd(carryM)), count])).toEqual([
    [110, 3],
    [112, 3],
  ])
})

it('what to practise is worked out anew before the last session: what is gone since says so', () => {
  const { db, golfer, clubId, hit } = store()
  const steady = (middle: number) => [-2, -1, 0, 1, 2, 0, 1, -1].map((off) => middle + off)
  for (const [name, middle] of [
    ['6-iron', 150],
    ['7-iron', 140],
    ['9-iron', 114],
  ] as const)
    hit(clubId(name), steady(middle), 1)
  hit(clubId('8-iron'), [118, 136, 121, 133, 127, 124, 131, 129, 119, 135], 1)
  const before = practiceView(db, golfer, NOW_MS + 2 * DAY)!
  expect(before.items.map(({ reason }) => reason.kind)).toEqual(['spread'])
  expect(before.lastTime).toEqual([])
  for (let i = 0; i < 5; i++) hit(clubId('8-iron'), steady(127), 3)
  const after = practiceView(db, golfer, NOW_MS + 4 * DAY)!
  expect(after.lastTime).toHaveLength(1)
  expect(after.lastTime[0]).toMatchObject({ item: { clubId: clubId('8-iron') } })
  expect(after.lastTime[0]!.still).toBe(after.items[0] ?? null)
})

it('a file of shots says of one from before a change that it stays with what the club was', () => {
  const { db, golfer, clubId, hit } = store()
  const nine = clubId('9-iron')
  hit(nine, [110], 1)
  hit(nine, [112], 5)
  changeClubSince(db, golfer.id, nine, { name: '9-iron', kind: 'iron', loftDeg: 40 }, NOW_MS + 3 * DAY)
  let text = ''
  writeExport(db, golfer, 'shots', NOW_MS + 6 * DAY, (part) => {
    text += part
  })
  const rows = text.trim().split('\n').slice(1)
  expect(rows.map((row) => row.includes('hit before the club was changed'))).toEqual([true, false])
  expect(rows[1]).toContain('counts')
})
