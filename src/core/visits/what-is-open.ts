import { isMeasured, type MeasuredStep, type Step } from '../gaps/step'

/** The steps of a bag that were measured: those whose verdict is settled, and those whose is not yet. */
export function whatIsOpen(steps: readonly Step[]): { settled: MeasuredStep[]; open: MeasuredStep[] } {
  const measured = steps.filter(isMeasured)
  return {
    settled: measured.filter(({ settled }) => settled),
    open: measured.filter(({ settled }) => !settled),
  }
}
