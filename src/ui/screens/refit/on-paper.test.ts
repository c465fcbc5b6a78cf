import { describe, expect, it } from 'vitest'
import { clubAt, paperBagOf } from '../../../../tests/paper-bags'
import type { Fix } from '@/core/refit/fixes'
import { changed, onPaper, triedWith } from './on-paper'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const bag = paperBagOf([
  { loft: 32, yd: 139 },
  { loft: 36, yd: 131 },
  { loft: 41, yd: 110.5 },
])
const drawn = (fixes: Fix[]) => onPaper(bag, fixes, YARDS, (id) => id)
const bend: Fix = { kind: 'bend', clubId: clubAt(36), degrees: 1 }

describe('the gap ladder on paper', () => {
  it('letters the gaps that change, and no other', () => {
    expect(drawn([]).treads.map(({ letter }) => letter)).toEqual([undefined, undefined])
    expect(drawn([bend]).treads.map(({ number, letter }) => [number, letter])).toEqual([
      ['10', 'A'],
      ['18', 'B'],
    ])
    expect(
      drawn([{ kind: 'bend', clubId: clubAt(41), degrees: -1 }]).treads.map(({ letter }) => letter),
    ).toEqual([undefined, 'A'])
  })

  it('leaves a club that is dropped where it stood, and puts one that comes in where its loft belongs', () => {
    const dropped = drawn([{ kind: 'drop', clubId: clubAt(36) }])
    expect(dropped.rows.map(({ name, now, then }) => [name, now !== null, then !== null])).toEqual([
      ['c32', true, true],
      ['c36', true, false],
      ['c41', true, true],
    ])
    expect(dropped.treads).toMatchObject([{ from: 0, to: 2, letter: 'A' }])
    expect(drawn([{ kind: 'add', loftDeg: 38.5 }]).rows.map(({ name, now }) => [name, now === null])).toEqual(
      [
        ['c32', false],
        ['c36', false],
        ['new 38.5', true],
        ['c41', false],
      ],
    )
  })
})

it('what is tried with a club is set anew, or taken back', () => {
  const twice = changed([bend], clubAt(36), ['bend'], { kind: 'bend', clubId: clubAt(36), degrees: 1.5 })
  expect(triedWith(twice, clubAt(36))).toEqual({ degrees: 1.5, else: undefined, dropped: false })
  expect(triedWith(twice, clubAt(41)).degrees).toBe(0)
  expect(changed(twice, clubAt(36), ['bend'], null)).toEqual([])
})
