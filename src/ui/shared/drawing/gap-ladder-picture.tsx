'use client'

import { gapLadder, type GapLadderData } from '@/draw/gap-ladder'
import { SvgDrawing } from './svg-drawing'

/** A ladder to look at, without anything to choose. */
export const GapLadderPicture = ({ data }: { data: GapLadderData }) => (
  <section className="sheet" aria-label="The stair">
    <SvgDrawing
      draw={(width) => gapLadder(data, width)}
      onPaper
      says="The stair; every club stands in the table beside it."
    />
  </section>
)
