import { describe, expect, it } from 'vitest'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { analyseBag } from '../core/analyse-bag'
import type { ShotId } from '../core/model/ids'
import type { Correction } from '../core/monitors/correction'
import { EMPTY_SET_UP, USUAL_MONITOR, withMonitor } from '../core/session/set-up'
import { isHit } from '../core/stock/stock'
import { ballsBySession, ballsNamed, keepBall, keepBallFactor } from './balls'
import { bagInput } from './bag-input'
import { dropCorrection, keepCorrection } from './monitors'
import { saySession } from './session-events'
import { keepSetUp, monitorProfiles, setUpOf } from './set-ups'
import { shotsOnFile } from './shots-on-file'
import { shotById, takeShot } from './shots'

/** Ten shots with the 8-iron: five of A with the set-up's ball, five of B with the own ball. */
function tenShots() {
  const store = storeWithGolfer()
  const { db, golfer, bag, sessionId, clubId } = store
  keepSetUp(db, golfer.id, sessionId, { ...EMPTY_SET_UP, ball: 'range ball' })
  for (let n = 0; n < 10; n++) {
    if (n === 5) saySession(db, sessionId, { kind: 'ball', ball: 'own ball' }, NOW_MS)
    takeShot(db, {
      ...{ id: `s${n}` as ShotId, sessionId, source: 'monitor', hitMs: NOW_MS + n * 30_000 },
      ...{ clubLabel: null, clubId: clubId('8-iron'), swing: 'full', heldBecause: null },
      monitor: n < 5 ? 'A' : 'B',
      carryM: 118 + (n % 3),
    })
  }
  const input = (selection = {}) => bagInput(db, golfer, bag, NOW_MS + 400_000, null, selection)
  const stock = () => analyseBag(input()).stocks.find((each) => each.clubId === clubId('8-iron'))
  const carries = () => input().shots.map(({ carryM }) => carryM)
  return { ...store, input, stock, carries }
}
const correction: Omit<Correction, 'on'> = {
  ...{ monitor: 'B', field: 'carryM', share: 0, plus: 2, half: 0.5, against: 'A', pairs: 20, setMs: NOW_MS },
}

describe('what acts on shots', () => {
  it('is nothing unless it was switched on; a correction changes its monitor’s shots, says so, and is taken back', () => {
    const { db, golfer, carries, stock } = tenShots()
    const asMeasured = carries()
    keepCorrection(db, golfer.id, { ...correction, on: false })
    expect(carries()).toEqual(asMeasured)
    const before = stock()
    keepCorrection(db, golfer.id, { ...correction, on: true })
    expect(carries()).toEqual(asMeasured.map((carry, i) => (carry ?? 0) + (i < 5 ? 0 : 2)))
    expect(stock()?.adjustments).toContainEqual({ kind: 'corrected', of: ['B'], shots: 5 })
    expect(shotById(db, 's7' as ShotId)?.carryM).toBe(119)
    dropCorrection(db, golfer.id, 'B', 'carryM')
    expect(carries()).toEqual(asMeasured)
    expect(stock()).toEqual(before)
  })

  it('a stock of range balls says so; counted as another ball it says that, and is as unsure as the factor', () => {
    const { db, golfer, carries, stock, input } = tenShots()
    expect(stock()?.adjustments).toEqual([{ kind: 'rangeBall', of: ['range ball'], shots: 5 }])
    const at = [{ factor: 1.05, ballSpeedMps: null, half: 0.03 }]
    const before = stock()
    keepBallFactor(db, golfer.id, 'range ball', { as: 'own ball', at, shots: 24, setMs: NOW_MS, on: true })
    expect(carries()[0]).toBeCloseTo(118 * 1.05, 10)
    expect(carries()[5]).toBe(120)
    const after = stock()
    expect(after?.adjustments).toEqual([{ kind: 'converted', of: ['range ball'], shots: 5 }])
    // Half of the shots are off by 3% together: the interval is wider by more than what scatters.
    const half = (each: typeof after) => (isHit(each) ? (each.highM - each.lowM) / 2 : NaN)
    expect(half(after)).toBeGreaterThan(half(before))
    expect(input({ asMeasured: true }).shots[0]).toMatchObject({ carryM: 118 })
    keepBallFactor(db, golfer.id, 'range ball', null)
    expect(stock()).toEqual(before)
  })

  it('files say what was measured, and beside it what counts', () => {
    const { db, golfer } = tenShots()
    const records = () => [...shotsOnFile(db, golfer, NOW_MS + 400_000)].flat().map(({ record }) => record)
    expect(records()[6]).toMatchObject({ monitor: 'B', ball: 'own ball', carryM: 118, countedM: null })
    keepCorrection(db, golfer.id, { ...correction, on: true })
    expect(records()[6]).toMatchObject({ carryM: 118, countedM: 120 })
    expect(records()[1]).toMatchObject({ monitor: 'A', ball: 'range ball', countedM: null })
  })

  it('a stock can be asked by monitor, and by ball', () => {
    const { input } = tenShots()
    expect(input({ monitor: 'A' }).shots.map(({ id }) => id)).toEqual(['s0', 's1', 's2', 's3', 's4'])
    expect(input({ ball: 'Own ball' }).shots.map(({ id }) => id)).toEqual(['s5', 's6', 's7', 's8', 's9'])
    expect(input({ monitor: 'A', ball: 'own ball' }).shots).toEqual([])
  })

  it('knows every ball that was named, by session, and what it is', () => {
    const { db, golfer, sessionId, stock } = tenShots()
    expect(ballsNamed(db, golfer.id)).toEqual(['own ball', 'range ball'])
    expect(ballsBySession(db, golfer.id)).toMatchObject([{ sessionId, balls: ['own ball', 'range ball'] }])
    // The golfer says that the range's balls are as good as new ones.
    keepBall(db, golfer.id, { name: 'range ball', range: false, worn: false })
    expect(stock()?.adjustments).toBeUndefined()
  })
})

describe('a monitor as its owner describes it', () => {
  it('says what it works out and in which air: its sessions take that on, and keep what they said themselves', () => {
    const { db, golfer, sessionId } = storeWithGolfer()
    const profile = {
      ...USUAL_MONITOR,
      name: 'Bay 3',
      computes: ['carryM', 'spinRpm'],
      airTempC: 25,
    } as const
    const monitor = {
      profile: { ...profile, computes: [...profile.computes] },
      netM: null,
      unitM: null,
      checked: [],
    }
    const setUp = withMonitor(EMPTY_SET_UP, monitor)
    expect(setUp).toMatchObject({ carryFrom: 'computed', deviceTempC: 25 })
    expect(withMonitor({ ...EMPTY_SET_UP, carryFrom: 'measured', deviceTempC: 15 }, monitor)).toMatchObject({
      carryFrom: 'measured',
      deviceTempC: 15,
    })
    expect(withMonitor(EMPTY_SET_UP, { ...monitor, profile: USUAL_MONITOR }).carryFrom).toBeNull()
    keepSetUp(db, golfer.id, sessionId, setUp)
    expect(monitorProfiles(db, golfer.id)).toMatchObject([{ computes: ['carryM', 'spinRpm'], airTempC: 25 }])
    expect(setUpOf(db, sessionId)).toEqual(setUp)
  })
})
