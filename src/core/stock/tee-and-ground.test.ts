import { describe, expect, it } from 'vitest'
import { around, goodBag, hit, SIX, speedFor } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { countedSwing, isHitFromBoth, swingFor, swingsWith } from '../bag/club'
import { atStation, FULL_SWING, fullSwingOf, lieOf, swingFrom, TEED_SWING } from '../model/station'
import type { ClubId } from '../model/ids'
import { lengthIn } from '../units'
import { teeAndGround } from './tee-and-ground'

const wood = '7-wood' as ClubId
const yd = (metres: number | undefined) => lengthIn(metres ?? NaN, 'yd')
/** Off a tee the 7-wood carries 203 yd, from the ground 198. */
const teed = around(203, 8).flatMap((carry) =>
  hit('7-wood', [carry], { swing: TEED_SWING, ballSpeedMps: speedFor(203), launchDeg: 16 }),
)
const shots = [...goodBag(8), ...teed]

describe('a club that is hit off a tee and from the ground', () => {
  it('has two stocks, and its gaps and what it covers are those from the ground', () => {
    const both = analyseBag({ clubs: SIX, shots })
    const ground = analyseBag({ clubs: SIX, shots: goodBag(8) })
    expect(yd(atStation(both.stocks, { clubId: wood, swing: TEED_SWING })?.carryM)).toBeCloseTo(203, 0)
    expect(yd(atStation(both.stocks, fullSwingOf(wood))?.carryM)).toBeCloseTo(198, 0)
    const gapOf = ({ gaps }: typeof both) => gaps.find(({ longerId }) => longerId === wood)?.gapM
    expect(yd(gapOf(both))).toBeCloseTo(yd(gapOf(ground)), 0)
    expect(both.uncovered.length).toBe(ground.uncovered.length)
    expect(both.gaps).toHaveLength(5)
  })

  it('is two stocks where they likely differ, one where they likely do not, and else not to be told yet', () => {
    const clubs = [{ id: wood, kind: 'wood', loftDeg: 21, build: {} } as const]
    const of = (swing: string, carry: number, count = 5) =>
      around(carry, count).map((carryM) => ({ clubId: wood, swing, carryM, mark: 'solid' as const }))
    const ask = (tee: number, count = 5) =>
      teeAndGround(clubs, [...of(TEED_SWING, tee, count), ...of(FULL_SWING, 176, count)])
    // The worked example: 181 from the tee, 176 from the ground.
    const [example] = ask(181)
    expect(example?.factor.factor).toBeCloseTo(181 / 176, 6)
    expect(example?.stocks).toBe('two')
    expect(ask(176.2, 10)[0]?.stocks).toBe('one')
    expect(ask(178, 3)[0]?.stocks).toBe('open')
    // Fat ones off a mat flatter: only solid ones are compared, and two of one say nothing.
    expect(teeAndGround(clubs, [...of(TEED_SWING, 181, 2), ...of(FULL_SWING, 176)])).toEqual([])
    expect(teeAndGround([{ ...clubs[0]!, build: { oneLie: true } }], of(TEED_SWING, 181))).toEqual([])
  })

  it('is a wood, a hybrid or a driving iron that is not for the tee alone', () => {
    const club = (kind: 'driver' | 'wood' | 'hybrid' | 'iron' | 'wedge', loftDeg: number | null) =>
      isHitFromBoth({ kind, loftDeg })
    expect([club('driver', 10), club('wood', 15), club('hybrid', 22), club('iron', 18)]).toEqual([
      false,
      true,
      true,
      true,
    ])
    expect([club('iron', 27), club('iron', null), club('wedge', 50)]).toEqual([false, false, false])
    expect(isHitFromBoth({ kind: 'wood', loftDeg: 15, job: 'tee' })).toBe(false)
    expect(swingsWith({ kind: 'wood', loftDeg: 15 }, ['full', 'half'])).toEqual(['full', 'half', TEED_SWING])
    // The next club in hand is hit off a tee only where it can be.
    expect(swingFor({ kind: 'iron', loftDeg: 30 }, TEED_SWING)).toBe(FULL_SWING)
    expect(swingFor({ kind: 'hybrid', loftDeg: 22 }, TEED_SWING)).toBe(TEED_SWING)
  })

  it('counts by its job: for the tee alone, or where both are one, whatever was hit whole is its one stock', () => {
    const counted = (build: object, hitAs: string) =>
      countedSwing({ kind: 'wood', loftDeg: 15, build }, hitAs)
    expect([counted({}, TEED_SWING), counted({}, FULL_SWING)]).toEqual([TEED_SWING, FULL_SWING])
    expect([counted({ oneLie: true }, TEED_SWING), counted({ oneLie: true }, 'half')]).toEqual([
      FULL_SWING,
      'half',
    ])
    expect([counted({ job: 'tee' }, TEED_SWING), counted({ job: 'tee' }, FULL_SWING)]).toEqual([
      FULL_SWING,
      FULL_SWING,
    ])
  })

  it('a lie that is said beside a full swing says which of the two it was', () => {
    expect(swingFrom('tee', 'full')).toBe(TEED_SWING)
    expect(swingFrom('tee', null)).toBe(TEED_SWING)
    expect(swingFrom('ground', null)).toBe(FULL_SWING)
    expect(swingFrom(null, 'half')).toBe('half')
    expect(swingFrom('tee', 'half')).toBe('half')
    expect([lieOf({ swing: TEED_SWING }), lieOf({ swing: 'half' })]).toEqual(['tee', 'ground'])
  })
})
