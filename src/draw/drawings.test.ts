import { describe, expect, it } from 'vitest'
import { pixel, type Drawing, type Part, type X } from './drawing'
import { gapLadder, type GapLadderData } from './gap-ladder'
import { gapLadderLegend } from './gap-ladder-legend'
import { shotStrip } from './shot-strip'

const club = (name: string, at: number): GapLadderData['clubs'][number] => ({
  name,
  loft: '30°',
  stock: {
    at,
    low: at - 2,
    high: at + 2,
    reach: [at - 5, at + 5],
    total: at + 8,
    text: String(at),
    note: '±2 · 6',
  },
})
const kinds = (drawing: Drawing, kind: string) => drawing.parts.filter((part) => part.kind === kind)
const data: GapLadderData = {
  clubs: [club('7-iron', 150), club('8-iron', 133), { name: '9-iron', loft: '' }],
  gaps: [
    {
      verdict: 'too-wide',
      confidence: 'settled',
      number: '17',
      word: 'too-wide',
      shortWord: 'too-wide',
      need: '',
      chosen: true,
    },
    null,
  ],
  uncovered: [[138, 145]],
}

const placesOf = (part: Part): X[] => ('x1' in part ? [part.x1, part.x2] : [part.x])

describe('the gap ladder', () => {
  it.each([360, 870])('at %d px keeps every part inside its edges', (width) => {
    const drawing = gapLadder(data, width)
    for (const part of drawing.parts) {
      for (const x of placesOf(part)) {
        expect(pixel(drawing, x)).toBeGreaterThanOrEqual(0)
        expect(pixel(drawing, x)).toBeLessThanOrEqual(width)
      }
    }
  })

  it('draws a gap from stock to stock, with its word and its pattern', () => {
    const drawing = gapLadder(data, 870)
    expect(kinds(drawing, 'dimension')).toEqual([
      expect.objectContaining({ x1: 133, x2: 150, ink: 'too-wide' }),
    ])
    expect(kinds(drawing, 'label')).toContainEqual(
      expect.objectContaining({ text: 'too-wide', lead: { text: '17', size: 14.5 } }),
    )
    expect(kinds(drawing, 'bar')).toContainEqual(
      expect.objectContaining({ pattern: 'diagonal', x1: 133, x2: 150 }),
    )
  })

  it('draws a reversed gap backwards: its bar spans the same two stocks', () => {
    const reversed = gapLadder(
      {
        ...data,
        clubs: [club('a', 130), club('b', 140)],
        gaps: [
          {
            verdict: 'reversed',
            confidence: 'settled',
            number: '−10',
            word: 'reversed',
            shortWord: 'reversed',
            need: '',
            chosen: false,
          },
        ],
      },
      870,
    )
    expect(kinds(reversed, 'dimension')).toEqual([
      expect.objectContaining({ x1: 130, x2: 140, ink: 'reversed' }),
    ])
  })

  it('says of a club without shots that it has none', () => {
    expect(kinds(gapLadder(data, 870), 'label')).toContainEqual(
      expect.objectContaining({ text: 'not hit yet' }),
    )
  })

  it('stands a gap over a club that was not hit, never in the colour of a verdict', () => {
    const over = gapLadder(
      {
        ...data,
        clubs: [club('3-wood', 206), { name: '5-wood', loft: '' }, club('4-hybrid', 172)],
        gaps: [null, null],
        over: [{ from: 0, to: 2, number: '34', word: 'over 1 club not hit' }],
        uncovered: [],
        maybeUncovered: [[177, 201]],
      },
      870,
    )
    expect(kinds(over, 'dimension')).toEqual([expect.objectContaining({ x1: 172, x2: 206, ink: 'open' })])
    expect(kinds(over, 'line')).toContainEqual(expect.objectContaining({ x1: 177, x2: 201, ink: 'open' }))
    expect(kinds(over, 'bar').some((part) => part.kind === 'bar' && part.pattern === 'diagonal')).toBe(false)
  })

  it.each([340, 900])('has a legend that explains its marks and fits into %d px', (width) => {
    const legend = gapLadderLegend(width)
    expect(legend.says).toContain('same distance')
    for (const part of legend.parts)
      for (const x of placesOf(part)) expect(pixel(legend, x)).toBeLessThanOrEqual(width)
  })

  it('hatches its uncovered distances on the ruler', () => {
    expect(kinds(gapLadder(data, 870), 'bar')).toContainEqual(
      expect.objectContaining({ x1: 138, x2: 145, y: 40 }),
    )
  })
})

describe('a gap that is not confirmed', () => {
  const unsettled = (confidence: 'leaning' | 'open') =>
    gapLadder(
      {
        ...data,
        gaps: [
          {
            verdict: confidence === 'leaning' ? 'too-wide' : 'open',
            confidence,
            number: '17',
            word: confidence === 'leaning' ? 'likely wide, 4 in 5' : 'not clear yet',
            shortWord: 'likely wide',
            need: 'about 6 more each',
            chosen: false,
          },
          null,
        ],
      },
      870,
    )

  it.each(['leaning', 'open'] as const)(
    '%s is dashed and has no pattern, in the ink of its zone',
    (confidence) => {
      const drawing = unsettled(confidence)
      const ink = confidence === 'leaning' ? 'too-wide' : 'open'
      expect(kinds(drawing, 'dimension')).toEqual([expect.objectContaining({ ink, dash: [4, 3] })])
      expect(
        kinds(drawing, 'bar').some(
          (part) => part.kind === 'bar' && part.pattern === 'diagonal' && part.x1 === 133,
        ),
      ).toBe(false)
    },
  )

  it('says what more shots would do, beside it where there is room', () => {
    expect(kinds(unsettled('leaning'), 'label')).toContainEqual(
      expect.objectContaining({ text: 'about 6 more each', align: 'left' }),
    )
    const narrow = gapLadder({ ...data, gaps: [{ ...data.gaps[0]!, need: 'about 6 more each' }, null] }, 360)
    expect(
      kinds(narrow, 'label').some((part) => part.kind === 'label' && part.text.includes('more each')),
    ).toBe(false)
  })
})

describe('the strip', () => {
  const shot = (id: string, carry: number, included = true) => ({
    id,
    carry,
    included,
    earlier: false,
    word: included ? 'solid' : 'fat',
    newest: false,
  })

  it('has a dot for each shot that counts, a cross with its word for each left out', () => {
    const drawing = shotStrip({ shots: [shot('a', 150), shot('b', 152), shot('c', 120, false)] }, 600)
    expect(kinds(drawing, 'point').map((part) => part.kind === 'point' && part.shape)).toEqual([
      'dot',
      'dot',
      'cross',
    ])
    expect(kinds(drawing, 'label')).toContainEqual(expect.objectContaining({ text: 'fat', x: 120 }))
  })

  it('stands points that would touch above one another', () => {
    const drawing = shotStrip({ shots: ['a', 'b', 'c', 'd'].map((id) => shot(id, 150)) }, 600)
    expect(new Set(kinds(drawing, 'point').map((part) => part.kind === 'point' && part.y)).size).toBe(4)
  })

  it('zooms to its shots, and draws nothing of a stock that there is not', () => {
    const drawing = shotStrip({ shots: [shot('a', 150), shot('b', 158)] }, 600)
    expect([drawing.from, drawing.to]).toEqual([140, 165])
    expect(kinds(drawing, 'bar')).toEqual([])
  })
})
