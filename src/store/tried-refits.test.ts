import { expect, it } from 'vitest'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { usualBuild } from '@/core/bag/usual-build'
import { bagOf } from './bags'
import { correctClub } from './clubs'
import { forgetTried, keepTried, triedOf } from './tried-refits'

it('what was tried is kept under its name, newest first, replaced by the same name, and thrown away', () => {
  const { db, golfer, clubId } = storeWithGolfer()
  const bend = { kind: 'bend', clubId: clubId('8-iron'), degrees: 1 } as const
  keepTried(db, golfer.id, { name: 'first', fixes: [bend] }, NOW_MS)
  keepTried(
    db,
    golfer.id,
    { name: 'second', fixes: [{ kind: 'drop', clubId: clubId('9-iron') }] },
    NOW_MS + 1,
  )
  expect(triedOf(db, golfer.id).map(({ name }) => name)).toEqual(['second', 'first'])
  keepTried(db, golfer.id, { name: 'first', fixes: [{ ...bend, degrees: -1 }] }, NOW_MS + 2)
  expect(triedOf(db, golfer.id)[0]).toEqual({
    name: 'first',
    fixes: [{ ...bend, degrees: -1 }],
    keptMs: NOW_MS + 2,
  })
  expect(forgetTried(db, golfer.id, 'second')).toBe(true)
  expect(forgetTried(db, golfer.id, 'second')).toBe(false)
  expect(triedOf(db, golfer.id)).toHaveLength(1)
})

it('how a club is made stays as it was where a change does not speak of it', () => {
  const { db, golfer, bag, clubId } = storeWithGolfer()
  const [id, club] = [clubId('8-iron'), { name: '8-iron', kind: 'iron', loftDeg: 36 } as const]
  const build = { head: 'forged', loftMeasured: true, bounceDeg: 6 } as const
  expect(bag.clubs.find((each) => each.id === id)?.build).toEqual(usualBuild('iron', 36))
  correctClub(db, golfer.id, id, { ...club, build })
  correctClub(db, golfer.id, id, { ...club, loftDeg: 36.5 })
  const changed = bagOf(db, golfer.id)?.clubs.find((each) => each.id === id)
  expect(changed).toMatchObject({ loftDeg: 36.5, build })
  correctClub(db, golfer.id, id, { ...club, build: {} })
  expect(bagOf(db, golfer.id)?.clubs.find((each) => each.id === id)?.build).toEqual({})
})
