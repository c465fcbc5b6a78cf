import { describe, expect, it } from 'vitest'
import type { ClubId } from '../model/ids'
import { clubForLabel } from './club-for-label'
import { clockIsOff, stationForShot } from './station-for-shot'

const CLUBS = ['Driver', '5-wood', '4-hybrid', '7-iron', 'P-wedge', '54° wedge', '58° wedge'].map((name) => ({
  id: name as ClubId,
  name,
}))

describe('what a monitor calls a club', () => {
  it.each([
    ['7i', '7-iron'],
    ['7 Iron', '7-iron'],
    ['7-IRON', '7-iron'],
    ['d', 'Driver'],
    ['DR', 'Driver'],
    ['5W', '5-wood'],
    ['4h', '4-hybrid'],
    ['PW', 'P-wedge'],
    ['54', '54° wedge'],
    ['54 deg', '54° wedge'],
    ['54°', '54° wedge'],
    ['Pitching Wedge', 'P-wedge'],
    ['Iron 7', '7-iron'],
    ['Wedge 54', '54° wedge'],
  ])('%s is the %s', (label, name) => {
    expect(clubForLabel(label, CLUBS)).toBe(name)
  })

  it.each(['5H', '3i', '56', '', 'spoon'])('%j is none of the bag', (label) => {
    expect(clubForLabel(label, CLUBS)).toBeNull()
  })

  it('is what the golfer mapped it to, before anything else', () => {
    expect(clubForLabel('5H', CLUBS, new Map([['5h', '5-wood' as ClubId]]))).toBe('5-wood')
  })

  it('is none where two clubs could be meant', () => {
    const twins = [...CLUBS, { id: 'other' as ClubId, name: '7i' }]
    expect(clubForLabel('7 iron', twins)).toBeNull()
  })
})

describe('the station of a posted shot', () => {
  const open = { clubId: 'a' as ClubId, swing: 'half' }
  const posted = {
    carryM: 100,
    clubLabel: null,
    swing: null,
    unknownFields: [],
    clockIsOff: false,
    isSecond: false,
    lie: null,
  }

  it('is the open one where the post names none', () => {
    expect(stationForShot(posted, null, open)).toEqual({ clubId: 'a', swing: 'half', heldBecause: null })
  })

  it('is asked about where the two differ', () => {
    const other = { ...posted, clubLabel: '7i' }
    expect(stationForShot(other, 'b' as ClubId, open).heldBecause).toBe('other-station')
    expect(stationForShot({ ...posted, swing: 'full' }, null, open).heldBecause).toBe('other-station')
  })

  it('is asked about where the clock of the monitor cannot be right', () => {
    const now = Date.UTC(2026, 5, 1)
    const day = 86_400_000
    expect([0, now - 400 * day, now + day].map((hitMs) => clockIsOff(hitMs, now))).toEqual([true, true, true])
    // What a device kept for a week, a clock some minutes ahead, and no time at all are as they should be.
    expect([now - 7 * day, now + 300_000, null].map((hitMs) => clockIsOff(hitMs, now))).toEqual([
      false,
      false,
      false,
    ])
    expect(stationForShot({ ...posted, clockIsOff: true }, null, open).heldBecause).toBe('clock-off')
  })

  it('off a tee is what the open station says where the device knows no tees, and what the post says where it does', () => {
    const tee = { clubId: 'a' as ClubId, swing: 'teed' }
    expect(stationForShot({ ...posted, swing: 'full' }, null, tee)).toMatchObject({
      swing: 'teed',
      heldBecause: null,
    })
    expect(stationForShot(posted, null, tee)).toMatchObject({ swing: 'teed', heldBecause: null })
    expect(stationForShot({ ...posted, lie: 'ground' }, null, tee)).toMatchObject({
      swing: 'full',
      heldBecause: 'other-station',
    })
    const full = { clubId: 'a' as ClubId, swing: 'full' }
    expect(stationForShot({ ...posted, swing: 'full', lie: 'tee' }, null, full)).toMatchObject({
      swing: 'teed',
      heldBecause: 'other-station',
    })
  })

  it('is not known while none is open', () => {
    expect(stationForShot(posted, null, null)).toEqual({
      clubId: null,
      swing: 'full',
      heldBecause: 'no-station',
    })
  })
})
