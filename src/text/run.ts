import type { OrdinaryRun, RunFrom } from '@/core/stock/station-run'
import type { Golfer } from '@/core/model/golfer'
import { len } from './numbers'

/** Where a run comes from, in words. */
export const RUN_FROM: Record<RunFrom, string> = {
  measured: 'measured',
  monitor: 'by the monitor: where no ball runs, its total is a model of its own',
  modelled: 'modelled from the launch, ± 35%',
}

/** What numbers behind ≈ are. */
export const MODELLED_NOTE =
  'Numbers behind ≈ were not measured: a model of the flight fills them from ball speed, launch and spin, on normal ground (± 10% of peak, 3° of landing, 35% of run).'

/** What a star at a run or a total stands for. */
export const STAR_NOTE = `* ${RUN_FROM.monitor}.`

/** "It runs 22.4 on normal ground, measured." */
export function runSentence({ runM, from }: OrdinaryRun, golfer: Golfer): string {
  const far = len(Math.abs(runM), golfer, 1)
  const runs =
    far === '0.0'
      ? 'It stops where it lands'
      : `It ${runM > 0 ? 'runs' : 'comes back'} ${far} ${golfer.lengthUnit} on normal ground`
  return `${runs}, ${RUN_FROM[from]}.`
}
