import { expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import type { ClubId, SessionId, ShotId } from '@/core/model/ids'
import { withFixes } from '@/core/refit/paper-fixes'
import { gapsOf } from '@/core/refit/paper-gaps'
import { addClub, bagOf, setSlots } from '@/store/bags'
import { correctClub } from '@/store/clubs'
import { openDatabase, type Database } from '@/store/database'
import { takeShot } from '@/store/shots'
import { allGolfers, golferById } from '@/store/golfers'
import { gapLadderOfBag } from '@/draw/gap-ladder-of-bag'
import { onPaper } from '@/ui/screens/refit/on-paper'
import { comparedBag } from './bag-analysis'
import { gapsView } from './gaps-view'
import { adviceLines } from '@/text/advice'
import { paperNames } from '@/text/refit'
import { sessionById, sessionsOf } from '@/store/sessions'
import { visitsOf } from '@/store/visits'
import { reportFrom } from './paper-view'
import { refitView } from './refit-view'
import { sessionView } from './session-view'
import { visitView } from './visit-view'

/** Eight full shots with a club, about a carry. */
function hitEight(db: Database, sessionId: SessionId, clubId: ClubId, carryM: number): void {
  for (let i = 0; i < 8; i++)
    takeShot(db, {
      id: `${clubId} ${i}` as ShotId,
      sessionId,
      source: 'monitor',
      hitMs: NOW_MS - i * 30_000,
      clubLabel: null,
      clubId,
      swing: 'full',
      carryM: carryM + (i % 3) - 1,
      heldBecause: null,
    })
}

it('a stock and a gap of Refit are those of Gaps, in yards and in metres, and so is what comes first', () => {
  const db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  for (const { id } of allGolfers(db))
    for (const units of [
      { lengthUnit: 'yd', speedUnit: 'mph' },
      { lengthUnit: 'm', speedUnit: 'km/h' },
    ] as const) {
      const golfer = { ...golferById(db, id)!, ...units }
      const { bag, analysis } = comparedBag(db, golfer, NOW_MS)!
      const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
      const ladder = gapLadderOfBag(golfer, clubs, analysis, -1)
      const { refit } = refitView(db, golfer, NOW_MS)!
      const { rows, treads } = onPaper(refit.bag, [], golfer, (club) => club)
      expect(rows.map(({ text }) => text)).toEqual(ladder.clubs.map(({ stock }) => stock?.text))
      expect(treads.map(({ number }) => number)).toEqual(ladder.gaps.map((gap) => gap?.number))
      const pairs = refit.firsts.map(({ longerId, shorterId }) => `${longerId} ${shorterId}`)
      expect(
        gapsView(db, golfer, NOW_MS)!.gapsToFix.firsts.map(
          ({ longerId, shorterId }) => `${longerId} ${shorterId}`,
        ),
      ).toEqual(pairs)
    }
})

it('a club of the rack stands beside the bag with its own shots, and nowhere in the gaps', () => {
  const { db, golfer, sessionId, clubId } = storeWithGolfer()
  const loose = addClub(db, golfer.id, { name: '49° wedge', kind: 'wedge', loftDeg: 49 }, NOW_MS)
  const bag = bagOf(db, golfer.id)!
  setSlots(
    db,
    golfer.id,
    bag.clubs.map(({ id }) => id).filter((id) => id !== loose.clubId),
    NOW_MS,
  )
  hitEight(db, sessionId, clubId('9-iron'), 110)
  hitEight(db, sessionId, clubId('P-wedge'), 98)
  hitEight(db, sessionId, loose.clubId!, 90)
  const { refit } = refitView(db, golfer, NOW_MS)!
  expect(refit.bag.rack.map(({ club, count }) => [club.loftDeg, count])).toEqual([[49, 8]])
  expect(refit.bag.rack[0]!.carryM).toBeCloseTo(90, 0)
  expect(refit.bag.clubs.some(({ club }) => club.id === loose.clubId)).toBe(false)
  const more = withFixes(refit.bag, [{ kind: 'add', clubId: loose.clubId! }])
  const gap = gapsOf(more).find(({ shorterId }) => shorterId === loose.clubId)!
  expect(gap.longerId).toBe(clubId('P-wedge'))
  expect(gap.gapM).toBeCloseTo(8, 0)
})

it('a bag without lofts, and one that was never hit, are answered without a bend', () => {
  const { db, golfer, sessionId, clubId } = storeWithGolfer()
  expect(refitView(db, golfer, NOW_MS)!.refit).toMatchObject({
    gates: [],
    proposals: [],
    sameJobs: [],
    topEnd: null,
  })
  for (const club of bagOf(db, golfer.id)!.clubs)
    correctClub(db, golfer.id, club.id, { name: club.name, kind: club.kind, loftDeg: null })
  for (const [name, carryM] of [
    ['7-iron', 140],
    ['8-iron', 139],
    ['9-iron', 110],
  ] as const)
    hitEight(db, sessionId, clubId(name), carryM)
  const { refit } = refitView(db, golfer, NOW_MS)!
  expect(refit.gates.length).toBeGreaterThan(0)
  expect(refit.proposals.flatMap(({ fixes }) => fixes).filter(({ kind }) => kind !== 'drop')).toEqual([])
  expect(JSON.stringify(refit)).not.toMatch(/NaN|Infinity/)
})

it('gives the same advice on Gaps, Fix gaps, the visit, the session and the report', () => {
  const db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  let lines = 0
  for (const { id } of allGolfers(db)) {
    const golfer = golferById(db, id)!
    const { refit, bag } = refitView(db, golfer, NOW_MS)!
    const linesOf = (gapsToFix: Parameters<typeof adviceLines>[0]) =>
      adviceLines(gapsToFix, paperNames(bag), golfer)
    const advice = linesOf(refit)
    lines += advice.length
    expect(linesOf(gapsView(db, golfer, NOW_MS)!.gapsToFix)).toEqual(advice)
    expect(linesOf(reportFrom(db, golfer, NOW_MS)!.gapsToFix!)).toEqual(advice)
    const [visit] = visitsOf(db, id)
    if (visit) expect(linesOf(visitView(db, golfer, visit, NOW_MS).gapsToFix!)).toEqual(advice)
    const newest = sessionsOf(db, id, { most: 5 }).find(({ shots }) => shots > 0)!
    const { gapsToFix } = sessionView(db, golfer, sessionById(db, newest.id)!, NOW_MS)!
    for (const line of linesOf(gapsToFix)) expect(advice).toContain(line)
  }
  expect(lines).toBeGreaterThan(3)
})
