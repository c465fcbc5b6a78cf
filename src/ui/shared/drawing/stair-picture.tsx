'use client'

import { stair, type StairData } from '@/draw/stair'
import { SvgDrawing } from './svg-drawing'

/** A stair to look at, without anything to choose. */
export const StairPicture = ({ data }: { data: StairData }) => (
  <section className="sheet" aria-label="The stair">
    <SvgDrawing
      draw={(width) => stair(data, width)}
      onPaper
      says="The stair; every club stands in the table beside it."
    />
  </section>
)
