/** Colours by what they mean; screens and paper give them a look. */
export type Ink =
  | 'ink'
  | 'quiet'
  | 'line'
  | 'hair'
  | 'sheet'
  | 'dye'
  | 'dye-soft'
  | 'left-out'
  | 'good'
  | 'too-close'
  | 'too-wide'
  | 'reversed'
  | 'same-distance'
  | 'left'
  | 'open'
export type Pattern = 'plain' | 'diagonal' | 'dots' | 'crossed' | 'double' | 'ticks' | 'none'

/** A place along the ruler, or so many pixels from the left edge of the drawing. */
export type X = number | { px: number }

/** The parts that every drawing is made of. Lengths and heights in pixels, y downwards. */
export type Part =
  | { kind: 'line'; x1: X; y1: number; x2: X; y2: number; ink: Ink; weight: number; dash?: [number, number] }
  | {
      kind: 'bar'
      x1: X
      x2: X
      y: number
      height: number
      ink: Ink
      edge: boolean
      pattern: Pattern
      fill?: Ink
    }
  | { kind: 'dimension'; x1: X; x2: X; y: number; ink: Ink; dash?: [number, number] }
  | {
      kind: 'point'
      shape: 'dot' | 'ring' | 'cross' | 'diamond'
      x: X
      y: number
      size: number
      ink: Ink
      id?: string
    }
  | {
      kind: 'label'
      x: X
      dx?: number
      y: number
      text: string
      ink: Ink
      size: number
      weight: 400 | 500 | 600 | 700
      align: 'left' | 'center' | 'right'
      /** Set in bold before the text. */
      lead?: { text: string; size: number }
    }

/** A measured drawing: its ruler from `left` to `right` pixels stands for `from` to `to` in the golfer's unit. */
export type Drawing = {
  width: number
  height: number
  left: number
  right: number
  from: number
  to: number
  parts: Part[]
}

/** Pixels of a place in a drawing, where the ruler is drawn from its left to its right. */
export function pixel(drawing: Pick<Drawing, 'left' | 'right' | 'from' | 'to'>, x: X): number {
  if (typeof x !== 'number') return x.px
  const { left, right, from, to } = drawing
  return left + ((x - from) / (to - from)) * (right - left)
}
