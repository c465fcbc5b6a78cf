import { phi } from '../math/normal'

/** What is known of a shot: its stock and that one's standard deviation, how good strikes scatter, and the share missed. */
export type ShotChances = { carryM: number; stockSdM: number; shotSdM: number; missed: number }
/** What becomes of it after it lands, and how far off the line it lies; run and bias positive onward and to the right. */
export type Rolls = { runM: number; runSdM: number; biasM: number; sideSdM: number }
/** Runs of like shots scatter by so much of themselves: no two bounces are alike (one standard deviation). */
export const RUN_SPREAD = 0.35
/** The chance of a good strike to carry, or to come to rest, so near a number. */
export function nearChance(
  { carryM, stockSdM, shotSdM, missed, runM, runSdM }: ShotChances & Pick<Rolls, 'runM' | 'runSdM'>,
  { leftM, withinM, by }: { leftM: number; withinM: number; by: 'carry' | 'finish' },
): number {
  const onward = by === 'finish'
  const sd = Math.hypot(shotSdM, stockSdM, onward ? runSdM : 0)
  const off = leftM - carryM - (onward ? runM : 0)
  return (1 - missed) * (phi((off + withinM) / sd) - phi((off - withinM) / sd))
}
