import { describe, expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { spreadFlags, distanceScale, type Flag } from './distance-scale'

const flag = (at: number, name: string): Flag => ({
  key: `${at} ${name}`,
  at,
  number: String(Math.round(at)),
  name,
  full: false,
  chosen: false,
})

describe('the rule', () => {
  it('flags never overlap, words or stems, over 1,000 random layouts at random zooms (seed 11)', () => {
    const roll = dice(11)
    const names = ['P-wedge', '50° wedge ½', '54° ¾', '58° wedge three-quarter 2']
    let stacked = 0
    for (let i = 0; i < 1000; i++) {
      const flags = Array.from({ length: 1 + Math.floor(roll.between(0, 20)) }, () =>
        flag(
          roll.chance(0.2) ? Math.round(roll.between(40, 110)) : roll.between(40, 110),
          names[Math.floor(roll.between(0, 4))] ?? '',
        ),
      )
      const scale = { left: 24, right: roll.between(240, 1400), from: 35, to: 115 }
      const placed = spreadFlags(flags, scale)
      expect(placed).toHaveLength(flags.length)
      for (const a of placed)
        for (const b of placed) {
          if (a === b) continue
          const words = b.x < a.x + a.width && a.x < b.x + b.width
          // Words on words, only in the same lane.
          expect(words && a.lane === b.lane).toBe(false)
          // The stem of b through the words of a: it stands under them and reaches as high.
          const through = b.x > a.x && b.x < a.x + a.width && b.lane >= a.lane
          expect(through).toBe(false)
          if (words) stacked++
        }
    }
    expect(stacked).toBeGreaterThan(1000)
  })

  it('uncovered distances are hatched on the ruler, pairs joined, and every flag has its number and name', () => {
    const drawing = distanceScale(
      {
        flags: [flag(48, '58° ½'), flag(60, '54° ½')],
        uncovered: [[53, 55]],
        pairs: [[59, 60]],
        request: 57,
      },
      900,
    )
    const range = drawing.parts.find((part) => part.kind === 'bar')
    expect(range).toMatchObject({ x1: 53, x2: 55, pattern: 'diagonal' })
    const labels = drawing.parts.flatMap((part) => (part.kind === 'label' && part.lead ? [part] : []))
    expect(labels.map(({ lead, text }) => `${lead?.text}${text}`)).toEqual(['48 58° ½', '60 54° ½'])
    expect(drawing.parts.some((part) => part.kind === 'line' && part.x1 === 57 && part.dash)).toBe(true)
  })
})
