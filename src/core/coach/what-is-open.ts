import { isMeasured, type MeasuredGap, type Gap } from '../gaps/gap'

/** The gaps of a bag that were measured: those whose verdict is settled, and those whose is not yet. */
export function whatIsOpen(gaps: readonly Gap[]): { settled: MeasuredGap[]; open: MeasuredGap[] } {
  const measured = gaps.filter(isMeasured)
  return {
    settled: measured.filter(({ settled }) => settled),
    open: measured.filter(({ settled }) => !settled),
  }
}
