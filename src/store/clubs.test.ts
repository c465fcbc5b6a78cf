import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '@/core/model/ids'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { bagInput } from './bag-input'
import { addClub, bagOf, datedBags, setSlots } from './bags'
import { changeClubSince, clubsOf, correctClub, setUpsOfClubs, takeSetUpBack } from './clubs'
import { doRefit } from './done-refit'
import { takeShot } from './shots'

const HOUR = 3_600_000
const EIGHT = { name: '8-iron', kind: 'iron' } as const

/** The store with one shot of the 8-iron an hour before NOW_MS + 10 hours, and one an hour after. */
function hitBeforeAndAfter() {
  const kept = storeWithGolfer()
  const { db, sessionId, clubId } = kept
  const hit = (id: string, hours: number, club = clubId('8-iron')) =>
    takeShot(db, {
      id: id as ShotId,
      sessionId,
      source: 'monitor',
      clubLabel: null,
      heldBecause: null,
      clubId: club,
      swing: 'full',
      hitMs: NOW_MS + hours * HOUR,
      carryM: 120,
    })
  hit('before', 9)
  hit('after', 11)
  return { ...kept, hit, bentMs: NOW_MS + 10 * HOUR, nowMs: NOW_MS + 12 * HOUR }
}

describe('a club that is changed', () => {
  it('keeps its earlier shots with what it was; later ones are its own', () => {
    const { db, golfer, clubId, bentMs, nowMs } = hitBeforeAndAfter()
    const shots = (untilMs?: number) =>
      bagInput(db, golfer, bagOf(db, golfer.id, untilMs)!, nowMs, null, untilMs ? { untilMs } : {}).shots.map(
        ({ id }) => id,
      )
    expect(shots()).toEqual(['before', 'after'])
    expect(changeClubSince(db, golfer.id, clubId('8-iron'), { ...EIGHT, loftDeg: 34 }, bentMs)).toBe(
      'changed',
    )
    expect(shots()).toEqual(['after'])
    expect(shots(bentMs)).toEqual(['before'])
    const lofts = (untilMs?: number) =>
      bagOf(db, golfer.id, untilMs)!.clubs.find(({ name }) => name === '8-iron')?.loftDeg
    expect([lofts(), lofts(bentMs)]).toEqual([34, 36])
    expect(takeSetUpBack(db, golfer.id, clubId('8-iron'), bentMs)).toBe(true)
    expect(shots()).toEqual(['before', 'after'])
    expect(lofts()).toBe(36)
  })

  it('is corrected in its newest set-up only; without a difference, or before its last change, it is not changed', () => {
    const { db, golfer, clubId, bentMs } = hitBeforeAndAfter()
    const id = clubId('8-iron')
    const change = (loftDeg: number, sinceMs: number, of: ClubId = id) =>
      changeClubSince(db, golfer.id, of, { ...EIGHT, loftDeg }, sinceMs)
    expect(change(36, bentMs)).toBe('no-change')
    expect(change(34, bentMs, 'nobody' as ClubId)).toBe('unknown')
    expect(changeClubSince(db, golfer.id, id, { ...EIGHT, name: '9-iron', loftDeg: 34 }, bentMs)).toBe(
      'name-taken',
    )
    expect(change(34, bentMs)).toBe('changed')
    expect(change(35, bentMs)).toBe('too-early')
    correctClub(db, golfer.id, id, { ...EIGHT, loftDeg: 34.5 })
    expect(
      setUpsOfClubs(db, golfer.id)
        .get(id)
        ?.map(({ sinceMs, loftDeg }) => [sinceMs, loftDeg]),
    ).toEqual([
      [0, 36],
      [bentMs, 34.5],
    ])
    expect(takeSetUpBack(db, golfer.id, id, 0)).toBe(false)
  })
})

describe('a bag that was hit', () => {
  const ids = (bag: { clubs: { id: ClubId }[] } | null) => bag!.clubs.map(({ id }) => id)

  it('stays as it was when its clubs change; one that was not hit is made up further, and put back is gone', () => {
    const { db, golfer, bag, clubId, hit, nowMs } = hitBeforeAndAfter()
    const all = ids(bag)
    const without = all.filter((id) => id !== clubId('9-iron'))
    setSlots(db, golfer.id, all.toReversed(), nowMs)
    expect(datedBags(db, golfer.id)).toHaveLength(1)
    setSlots(db, golfer.id, without, nowMs)
    expect(datedBags(db, golfer.id).map(({ clubs, untilMs }) => [clubs, untilMs])).toEqual([
      [all.length - 1, null],
      [all.length, nowMs],
    ])
    expect(ids(bagOf(db, golfer.id, nowMs))).toHaveLength(all.length)
    setSlots(db, golfer.id, all, nowMs + 1)
    expect(datedBags(db, golfer.id)).toHaveLength(1)
    expect(ids(bagOf(db, golfer.id))).toEqual(all)
    setSlots(db, golfer.id, without, nowMs + 2)
    hit('later', 13)
    addClub(db, golfer.id, { name: '49° wedge', kind: 'wedge', loftDeg: 49 }, nowMs + 3 * HOUR)
    expect(datedBags(db, golfer.id).map(({ clubs }) => clubs)).toEqual([
      all.length,
      all.length - 1,
      all.length,
    ])
  })
})

describe('a refit that was done', () => {
  it('bends clubs with their bounce, buys, drops and takes off the rack, and is a bag of its own from that moment', () => {
    const { db, golfer, bag, clubId, bentMs } = hitBeforeAndAfter()
    correctClub(db, golfer.id, clubId('9-iron'), {
      name: '9-iron',
      kind: 'iron',
      loftDeg: 41,
      build: { bounceDeg: 7, head: 'forged' },
    })
    const fixes = [
      { kind: 'bend', clubId: clubId('9-iron'), degrees: -1 },
      { kind: 'drop', clubId: clubId('5-wood') },
      { kind: 'add', loftDeg: 51 },
      { kind: 'swap', clubId: clubId('P-wedge'), loftDeg: 45 },
      { kind: 'grip', clubId: clubId('8-iron'), cm: 2 },
    ] as const
    expect(doRefit(db, golfer.id, fixes, bentMs)).toBeNull()
    const after = bagOf(db, golfer.id)!
    expect(after.clubs.find(({ name }) => name === '9-iron')).toMatchObject({
      loftDeg: 40,
      build: { bounceDeg: 6, head: 'forged' },
      sinceMs: bentMs,
    })
    const names = after.clubs.map(({ name }) => name)
    expect(names).toContain('51° wedge')
    expect(names.indexOf('P-wedge 45°')).toBe(bag.clubs.findIndex(({ name }) => name === 'P-wedge') - 1)
    expect(names).not.toContain('5-wood')
    expect(after.rack.map(({ name }) => name)).toEqual(expect.arrayContaining(['5-wood', 'P-wedge']))
    expect(bagOf(db, golfer.id, bentMs)!.clubs.map(({ name }) => name)).toEqual(
      bag.clubs.map(({ name }) => name),
    )
  })

  it('that cannot be done changes nothing, and says at which club', () => {
    const { db, golfer, bag, clubId, bentMs } = hitBeforeAndAfter()
    const bend = (degrees: number) => ({ kind: 'bend', clubId: clubId('9-iron'), degrees }) as const
    expect(doRefit(db, golfer.id, [bend(1)], bentMs)).toBeNull()
    const before = clubsOf(db, golfer.id)
    expect(
      doRefit(db, golfer.id, [{ kind: 'bend', clubId: clubId('8-iron'), degrees: 1 }, bend(1)], bentMs),
    ).toEqual({
      because: 'too-early',
      club: '9-iron',
    })
    expect(doRefit(db, golfer.id, [{ kind: 'drop', clubId: 'nobody' as ClubId }], bentMs)).toEqual({
      because: 'unknown',
    })
    const all = bag.clubs.flatMap(({ id, kind }) =>
      kind === 'putter' ? [] : [{ kind: 'drop', clubId: id } as const],
    )
    expect(doRefit(db, golfer.id, all, bentMs)).toEqual({ because: 'no-club' })
    const many = [47, 49, 51, 53].map((loftDeg) => ({ kind: 'add', loftDeg }) as const)
    expect(bag.clubs.length + many.length).toBeGreaterThan(14)
    expect(doRefit(db, golfer.id, many, bentMs)).toEqual({ because: 'too-many' })
    expect(doRefit(db, golfer.id, [{ kind: 'drop', clubId: clubId('9-iron') }], NOW_MS - 1)).toEqual({
      because: 'too-early',
    })
    expect(clubsOf(db, golfer.id)).toEqual(before)
  })
})
