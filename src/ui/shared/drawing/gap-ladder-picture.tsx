'use client'

import { gapLadder, type GapLadderData } from '@/draw/gap-ladder'
import { SvgDrawing } from './svg-drawing'

/** A ladder to look at, without anything to choose. */
export const GapLadderPicture = ({ data }: { data: GapLadderData }) => (
  <section className="sheet" aria-label="Gap ladder">
    <SvgDrawing
      draw={(width) => gapLadder(data, width)}
      onPaper
      says="Gap ladder. Every club is in the table beside it."
    />
  </section>
)
