import { expect, it } from 'vitest'
import { TEED_SWING } from '@/core/model/station'
import { clubCell, swingOf } from './club-cell'

it.each([
  ['5W tee', '5W', TEED_SWING],
  ['5-wood (off the tee)', '5-wood', TEED_SWING],
  ['3 hybrid, teed up', '3 hybrid', TEED_SWING],
  ['PW 3/4', 'PW', 'three-quarter'],
  ['steel 7i', 'steel 7i', null],
])('“%s” is the club %s', (cell, label, swing) => {
  expect(clubCell(cell)).toEqual({ label, swing })
})

it('the swing that Banco writes for a shot off a tee is read again', () => {
  expect(swingOf(TEED_SWING)).toBe(TEED_SWING)
})
