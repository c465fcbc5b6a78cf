import { expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import { NOW_MS } from '../../tests/store'
import { openDatabase } from '@/store/database'
import { allGolfers, golferById } from '@/store/golfers'
import { stairOfBag } from '@/draw/stair-of-bag'
import { onPaper } from '@/ui/screens/refit/on-paper'
import { comparedBag } from './bag-analysis'
import { gapsView } from './gaps-view'
import { refitView } from './refit-view'

it('a stock and a step of Refit are those of Gaps, in yards and in metres, and so is what comes first', () => {
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
      const stair = stairOfBag(golfer, clubs, analysis, -1)
      const { refit } = refitView(db, golfer, NOW_MS)!
      const { rows, treads } = onPaper(refit.bag, [], golfer, (club) => club)
      expect(rows.map(({ text }) => text)).toEqual(stair.clubs.map(({ stock }) => stock?.text))
      expect(treads.map(({ number }) => number)).toEqual(stair.steps.map((step) => step?.number))
      const places = refit.firsts.map(({ longerId, shorterId }) => `${longerId} ${shorterId}`)
      expect(
        gapsView(db, golfer, NOW_MS)!.firsts.map(({ longerId, shorterId }) => `${longerId} ${shorterId}`),
      ).toEqual(places)
    }
})
