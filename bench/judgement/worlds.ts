import { yards } from '@/core/units'
import type { Dice } from '../../simulators/golfers/dice'
import { makeHiddenGolfer, type HiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import type { Hit } from '../../simulators/golfers/hit-session'
import { hitShot } from '../../simulators/golfers/hit-shot'
import { hitOtherwise } from '../../simulators/golfers/hit-otherwise'

/** Golfers of one kind, made by chance. */
export type World = { name: string; golfer: (name: string, dice: Dice) => HiddenGolfer; hit: Hit }

const usual =
  (change: (golfer: HiddenGolfer, dice: Dice) => Partial<HiddenGolfer>) =>
  (name: string, dice: Dice): HiddenGolfer => {
    const golfer = makeHiddenGolfer(name, dice)
    return { ...golfer, ...change(golfer, dice) }
  }

/** The golfers that the bars speak of. */
export const USUAL: World = { name: 'usual', golfer: makeHiddenGolfer, hit: hitShot }

/** Golfers unlike those that constants were chosen on. */
export const UNLIKE: World[] = [
  {
    name: 'lofts wrong by 2.5°',
    golfer: usual(({ clubs }, dice) => ({
      clubs: clubs.map((club) => ({ ...club, loftDeg: club.loftDeg + dice.normal(0, 2.5) })),
    })),
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
    golfer: usual(({ clubs }, dice) => ({
      clubs: clubs.map((club) => ({ ...club, trueCarryM: club.trueCarryM + yards(dice.normal(0, 5)) })),
    })),
    hit: hitShot,
  },
]
