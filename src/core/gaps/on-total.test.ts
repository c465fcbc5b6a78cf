import { describe, expect, it } from 'vitest'
import { around, goodBag, hit, SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import type { Club } from '../bag/club'
import { refit } from '../refit/refit'
import { gapsOf } from '../refit/paper-gaps'
import { lengthIn, yards } from '../units'
import { carryDifference } from './gap'

/** A driving iron in the place of the 7-wood: it carries 198 yd and runs 24 more; the 5-iron runs 8. */
const shots = [
  ...goodBag().filter(({ clubId }) => clubId !== '7-wood' && clubId !== '5-iron'),
  ...around(198).flatMap((carry) => hit('7-wood', [carry], { totalM: yards(carry + 24) })),
  ...around(178).flatMap((carry) => hit('5-iron', [carry], { totalM: yards(carry + 8) })),
]
const bag = (job?: 'tee'): Club[] =>
  SIX.map((club) => (club.id === '7-wood' && job ? { ...club, kind: 'iron', job } : club))
const gapOf = (clubs: Club[], from: string) =>
  analyseBag({ clubs, shots }).gaps.find(({ longerId }) => longerId === from)

describe('a club that is only hit from the tee', () => {
  it('is judged on total against its neighbours, all others on carry', () => {
    const onCarry = gapOf(bag(), '7-wood')
    const onTotal = gapOf(bag('tee'), '7-wood')
    expect(onCarry?.onTotal).toBeUndefined()
    expect(lengthIn(onTotal?.gapM ?? 0, 'yd') - lengthIn(onCarry?.gapM ?? 0, 'yd')).toBeCloseTo(16, 1)
    expect(onTotal?.onTotal).toEqual({
      longerM: expect.closeTo(yards(24), 6),
      shorterM: expect.closeTo(yards(8), 6),
    })
    expect(gapOf(bag('tee'), '7-iron')?.onTotal).toBeUndefined()
    expect(gapOf(bag('tee'), '7-iron')?.gapM).toBeCloseTo(gapOf(bag(), '7-iron')?.gapM ?? 0, 9)
  })

  it('is judged by every rule on total too', () => {
    const [onCarry, onTotal] = [gapOf(bag(), '7-wood'), gapOf(bag('tee'), '7-wood')]
    expect((onTotal?.byStockRule['mean-solid'] ?? 0) - (onCarry?.byStockRule['mean-solid'] ?? 0)).toBeCloseTo(
      yards(16),
      6,
    )
  })

  it('stays on carry where a neighbour says nothing of its run', () => {
    const untold = shots.filter(({ clubId }) => clubId !== '5-iron')
    const typed = around(178).flatMap((carry) => hit('5-iron', [carry]))
    const gap = analyseBag({ clubs: bag('tee'), shots: [...untold, ...typed] }).gaps.find(
      ({ longerId }) => longerId === '7-wood',
    )
    expect(gap?.onTotal).toBeUndefined()
  })

  it('stands on paper with the gap that Gaps shows, and as far from its neighbours as it carries', () => {
    const clubs = bag('tee')
    const analysis = analyseBag({ clubs, shots })
    const { bag: paper } = refit({ clubs, analysis, days: new Map() })
    for (const gap of analysis.gaps) {
      const onPaper = gapsOf(paper).find(({ longerId }) => longerId === gap.longerId)
      expect(onPaper?.gapM).toBeCloseTo(gap.gapM ?? 0, 6)
    }
    const gap = analysis.gaps.find(({ longerId }) => longerId === '7-wood')
    const carry = (id: string) => paper.clubs.find(({ club }) => club.id === id)?.carryM ?? 0
    if (gap?.gapM === undefined) throw new Error('the step is measured')
    expect(carry('7-wood') - carry('5-iron')).toBeCloseTo(carryDifference(gap), 6)
  })
})
