import { yards } from '@/core/units'
import type { Dice } from '../../simulators/golfers/dice'
import { makeHiddenGolfer, type HiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import type { Hit } from '../../simulators/golfers/hit-session'
import { hitShot } from '../../simulators/golfers/hit-shot'
import { hitDrawn } from '../../simulators/golfers/hit-drawn'
import { usualStrike } from '../../simulators/golfers/strike'
import { hitOtherwise } from '../../simulators/golfers/hit-otherwise'

/** Golfers of one kind, made by chance. */
export type World = { name: string; golfer: (name: string, dice: Dice) => HiddenGolfer; hit: Hit }

const scatters = new WeakMap<HiddenGolfer, Map<number, HiddenGolfer>>()
/** The golfer with another spread; the same one each time, since a usual strike is found once a golfer. */
function scattering(golfer: HiddenGolfer, times: number): HiddenGolfer {
  const known = scatters.get(golfer) ?? new Map<number, HiddenGolfer>()
  scatters.set(golfer, known)
  const other = known.get(times) ?? { ...golfer, spread: golfer.spread * times }
  known.set(times, other)
  return other
}

export const usual =
  (change: (golfer: HiddenGolfer, dice: Dice) => Partial<HiddenGolfer>) =>
  (name: string, dice: Dice): HiddenGolfer => {
    const golfer = makeHiddenGolfer(name, dice)
    return { ...golfer, ...change(golfer, dice) }
  }

/** Made anew where a club came out that no ball speed makes carry as far as it should. */
export const able =
  (make: World['golfer']): World['golfer'] =>
  (name, dice) => {
    for (;;) {
      const golfer = make(name, dice)
      try {
        for (const club of golfer.clubs) usualStrike(golfer, club, 'full')
        return golfer
      } catch {
        // The next one.
      }
    }
  }

/** The golfers that the bars speak of. */
export const USUAL: World = { name: 'usual', golfer: makeHiddenGolfer, hit: hitShot }

/** The same golfers by a second generator, in which no ball flies. */
export const DRAWN: World = { name: 'drawn', golfer: makeHiddenGolfer, hit: hitDrawn }

/** The same golfers, who never tire: with Banco told so, what knowing the tiredness would be worth. */
export const FRESH: World = { name: 'never tired', golfer: usual(() => ({ tires: 0 })), hit: hitShot }

type Measures = HiddenGolfer['measures']
const withMonitor = (name: string, measures: Measures, hit: Hit): World => ({
  name,
  golfer: usual(() => ({ measures })),
  hit,
})

/** A monitor that measures no club speed. */
export const withoutClubSpeed: Hit = (...shot) => {
  const hit = hitShot(...shot)
  const { clubSpeedMps: _, ...flight } = hit.flight
  return { ...hit, flight }
}

/** Golfers by what their monitor measures. */
export const BY_MONITOR: World[] = [
  withMonitor('all measured', { speed: true, launch: true, spin: true }, hitShot),
  withMonitor('ball speed only', { speed: true, launch: false, spin: false }, withoutClubSpeed),
  withMonitor('carry only', { speed: false, launch: false, spin: false }, hitShot),
]

/** Beginners: everything that is hard at once. */
const BEGINNERS: World = {
  name: 'beginners: spread 5 to 7%, 25 to 35% missed',
  golfer: usual((_, dice) => ({ spread: dice.between(0.05, 0.07), missed: dice.between(0.25, 0.35) })),
  hit: hitShot,
}

/** Long clubs scatter by a half more than wedges do. */
const BY_PART: World = {
  name: 'long clubs scatter more',
  golfer: makeHiddenGolfer,
  hit: (golfer, club, where, dice) =>
    hitShot(scattering(golfer, club.loftDeg < 24 ? 1.25 : club.loftDeg < 44 ? 1 : 0.8), club, where, dice),
}

/** Golfers unlike those that constants were chosen on. */
export const UNLIKE: World[] = [
  BY_PART,
  BEGINNERS,
  {
    name: 'lofts wrong by 2.5°',
    golfer: able(
      usual(({ clubs }, dice) => ({
        clubs: clubs.map((club) => ({ ...club, loftDeg: club.loftDeg + dice.normal(0, 2.5) })),
      })),
    ),
    hit: hitShot,
  },
  { name: 'no lofts', golfer: usual(() => ({ knowsLofts: false })), hit: hitShot },
  {
    name: '25 to 35% missed',
    golfer: usual((_, dice) => ({ missed: dice.between(0.25, 0.35) })),
    hit: hitShot,
  },
  {
    name: 'spread 5 to 7%',
    golfer: usual((_, dice) => ({ spread: dice.between(0.05, 0.07) })),
    hit: hitShot,
  },
  { name: 'very steady', golfer: usual((_, dice) => ({ spread: dice.between(0.008, 0.015) })), hit: hitShot },
  { name: 'drift 4 to 6%', golfer: usual((_, dice) => ({ tires: dice.between(0.04, 0.06) })), hit: hitShot },
  {
    name: 'carry only',
    golfer: usual(() => ({ measures: { speed: false, launch: false, spin: false } })),
    hit: hitShot,
  },
  { name: 'misreads 4%', golfer: usual(() => ({ misread: 0.04 })), hit: hitShot },
  { name: 'misses that look otherwise', golfer: makeHiddenGolfer, hit: hitOtherwise('other') },
  { name: 'misses that hide', golfer: makeHiddenGolfer, hit: hitOtherwise('hiding') },
  { name: 'heavy tails', golfer: makeHiddenGolfer, hit: hitOtherwise('heavy-tails') },
  {
    name: 'clubs further off the curve',
    golfer: able(
      usual(({ clubs }, dice) => ({
        clubs: clubs.map((club) => ({ ...club, trueCarryM: club.trueCarryM + yards(dice.normal(0, 5)) })),
      })),
    ),
    hit: hitShot,
  },
]
