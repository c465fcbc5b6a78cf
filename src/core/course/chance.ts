import { type ShotChances, type Rolls } from '../stock/near-chance'
import { phi } from '../math/normal'
export type Green = { frontM: number; backM: number; halfWidthM: number }

export type ClearChance = { clear: number; good: number; missed: number }

/** How the model's misses fall short: fat ones, two kinds; thin ones; off-centre ones; as logarithms of the carry lost. */
const MISSES = [
  { share: 0.36, from: 0.04, over: 0.36 },
  { share: 0.24, from: -0.02, over: 0.27 },
  { share: 0.25, from: -0.01, over: 0.25 },
] as const
const WILD = { share: 0.15, from: 0.04, spread: 1.3 } as const

/**
 * The chance that a missed shot carries a hazard, by the simulated golfers' own misses (fat, thin, off centre, wild).
 * @param lost the logarithm of stock over hazard: how much of the carry may be lost
 * @param variation the spread of good strikes as a share of the carry
 */
export const missedClears = (lost: number, variation: number): number =>
  MISSES.reduce(
    (sum, { share, from, over }) => sum + share * Math.min(1, Math.max(0, (lost - from) / over)),
    WILD.share * phi((lost - WILD.from) / (WILD.spread * variation)),
  )

/** The chance to carry a hazard that ends so far away. */
export function clearChance(
  { carryM, stockSdM, shotSdM, missed }: ShotChances,
  hazardM: number,
): ClearChance {
  const good = phi((carryM - hazardM) / Math.hypot(shotSdM, stockSdM))
  const miss = missedClears(Math.log(carryM / hazardM), shotSdM / carryM)
  return { clear: (1 - missed) * good + missed * miss, good, missed: miss }
}

/** The chance to lie short of something behind: most of what is missed lies short of it too. */
export const shortOf = (
  { carryM, stockSdM, shotSdM, missed, runM, runSdM }: ShotChances & Pick<Rolls, 'runM' | 'runSdM'>,
  behindM: number,
): number => {
  const good = phi((behindM - carryM - runM) / Math.hypot(shotSdM, stockSdM, runSdM))
  const miss = missedClears(Math.log(carryM / Math.max(1, behindM - runM)), shotSdM / carryM)
  return missed * (1 - miss) + (1 - missed) * good
}

export type GreenChance = {
  on: number
  /** Of good strikes: landing before the front, coming to rest behind the back, neither. Together one. */
  short: number
  long: number
  within: number
  /** Of good strikes: lying beside it. */
  wide: number
}

/**
 * The chance to land on a green and to stay on it. What is missed is not counted on: its luck is no plan.
 */
export function greenChance(
  { carryM, stockSdM, shotSdM, missed, runM, runSdM, biasM, sideSdM }: ShotChances & Rolls,
  { frontM, backM, halfWidthM }: Green,
): GreenChance {
  const sd = Math.hypot(shotSdM, stockSdM)
  const short = phi((frontM - carryM) / sd)
  const far = 1 - phi((backM - carryM - runM) / Math.hypot(sd, runSdM))
  // A ball that comes back may be short and never long; both tails together are never more than all.
  const long = Math.min(far, 1 - short)
  const within = 1 - short - long
  const inside = phi((halfWidthM - biasM) / sideSdM) - phi((-halfWidthM - biasM) / sideSdM)
  return { on: (1 - missed) * within * inside, short, long, within, wide: 1 - inside }
}

const RADIAN = Math.PI / 180
/** The path is a little flatter before it lands than where it does. */
const BEFORE_LANDING = 1.06

/** How much further a shot to a higher place must carry on the level: negative downhill. */
export const heightCosts = (heightM: number, landingDeg: number): number =>
  (BEFORE_LANDING * heightM) / Math.tan(landingDeg * RADIAN)
