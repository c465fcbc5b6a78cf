import { expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import type { GolferId } from '@/core/model/ids'
import { atStation, fullSwingOf } from '@/core/model/station'
import { clubsOf, correctClub } from '@/store/clubs'
import { openDatabase } from '@/store/database'
import { golferById } from '@/store/golfers'
import { aroundCell, len } from '@/text/numbers'
import { drawnGap, gapSentences } from '@/text/verdicts'
import { gapsView } from './gaps-view'
import { numberView } from './number-view'
import { cardView } from './paper-view'
import { ordinaryRun } from '@/core/stock/station-run'
import { gapLadderOfBag } from '@/draw/gap-ladder-of-bag'

const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)

it('a club that is only hit from the tee shows its total in Gaps, on both cards and in the number, and says so', () => {
  const db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
  const id = 'demo-marek' as GolferId
  const wood = clubsOf(db, id).find(({ name }) => name === '3-wood')
  if (!wood) throw new Error('the demo has a 3-wood')
  const { name, kind, loftDeg, build } = wood
  correctClub(db, id, wood.id, { name, kind, loftDeg, build: { ...build, job: 'tee' } })
  const golfer = golferById(db, id)
  const gaps = golfer && gapsView(db, golfer, NOW_MS)
  if (!gaps) throw new Error('the demo has a bag')
  const { analysis, bag } = gaps
  const stock = atStation(analysis.stocks, fullSwingOf(wood.id))
  const run = stock && ordinaryRun(stock)
  if (!run) throw new Error('the 3-wood has a run')
  const total = len(run.totalM, golfer)

  const clubs = bag.clubs.filter((each) => each.kind !== 'putter')
  const ladder = gapLadderOfBag(golfer, clubs, analysis, -1)
  const row = ladder.clubs.find((each) => each.name === '3-wood')
  expect(row?.stock?.text).toBe(`${total} total`)
  expect(row?.stock?.note).toContain('carry')
  const index = clubs.findIndex((each) => each.id === wood.id)
  const gap = analysis.gaps[index]
  if (!gap) throw new Error('there is a step below the 3-wood')
  expect(gap.onTotal?.longerM).toBeCloseTo(run.runM, 9)
  expect(ladder.gaps[index]?.runs).toBeDefined()
  const words = gapSentences(gap, analysis.stocks, golfer, (club) => club).join(' ')
  expect(words).toContain('By total, because one club is for the tee only')
  // What is drawn is what the totals come to: the longer club's, less the shorter one's.
  const shorter = atStation(analysis.stocks, fullSwingOf(gap.shorterId))
  const shorterTotal = shorter && ordinaryRun(shorter)?.totalM
  expect(drawnGap(gap, analysis.stocks, golfer)).toBe(Number(total) - Number(len(shorterTotal ?? 0, golfer)))

  const plain = cardView(db, golfer, NOW_MS, 'card')?.lines.find((line) => line.name === '3-wood')
  expect(plain).toMatchObject({ carry: total, onTotal: true })
  // What stands behind a total is the interval of the total, not of the carry.
  const ends = [stock.lowM, stock.highM].map((end) => (end ?? 0) + run.runM)
  expect(plain?.plusMinus).toBe(
    aroundCell({ carryM: run.totalM, lowM: ends[0] as number, highM: ends[1] as number }, golfer),
  )
  const day = cardView(db, golfer, NOW_MS, 'day')?.lines.find((line) => line.name === '3-wood')
  expect(day?.onTotal).toBe(true)
  const shot = numberView(db, golfer, NOW_MS)?.shots.find(({ clubId }) => clubId === wood.id)
  expect(shot).toMatchObject({ onTotal: true, fromTee: true })
  expect(day?.carry).toBe(len((shot?.carryM ?? 0) + (shot?.runM ?? 0), golfer))
})
