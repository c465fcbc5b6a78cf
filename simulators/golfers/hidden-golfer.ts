import type { ClubKind } from '@/core/bag/club'
import { yards } from '@/core/units'
import type { Dice } from './dice'

/** A club with the carry that its golfer's good shots truly have. */
export type HiddenClub = { name: string; kind: ClubKind; loftDeg: number; trueCarryM: number }

/** A golfer whose true carries are known to the simulator alone. */
export type HiddenGolfer = {
  name: string
  clubs: HiddenClub[]
  /** Spread of good shots, as a share of carry. */
  spread: number
  /** Share of shots that are missed, and of readings that are wrong. */
  missed: number
  misread: number
  /** Share of ball speed lost over 90 shots. */
  tires: number
  /** What this golfer's launch and spin are off those of others with such a spread. */
  launchOffDeg: number
  spinFactor: number
  /** Share of the full carry that a partial swing has. */
  shares: Record<string, number>
  /** What the golfer's monitor does not measure. */
  measures: { speed: boolean; launch: boolean; spin: boolean }
  /** Share of changes of club that are forgotten on the monitor for one to three shots. */
  forgets: number
  /** Whether the golfer knows the lofts of the clubs. */
  knowsLofts: boolean
}

const LADDER: { name: string; kind: ClubKind; loftDeg: number }[] = [
  { name: 'Driver', kind: 'driver', loftDeg: 10.5 },
  { name: '3-wood', kind: 'wood', loftDeg: 15 },
  { name: '5-wood', kind: 'wood', loftDeg: 18 },
  { name: '4-hybrid', kind: 'hybrid', loftDeg: 22 },
  { name: '5-iron', kind: 'iron', loftDeg: 25 },
  { name: '6-iron', kind: 'iron', loftDeg: 28.5 },
  { name: '7-iron', kind: 'iron', loftDeg: 32.5 },
  { name: '8-iron', kind: 'iron', loftDeg: 36.5 },
  { name: '9-iron', kind: 'iron', loftDeg: 41 },
  { name: 'P-wedge', kind: 'wedge', loftDeg: 45.5 },
  { name: '50° wedge', kind: 'wedge', loftDeg: 50 },
  { name: '54° wedge', kind: 'wedge', loftDeg: 54 },
  { name: '58° wedge', kind: 'wedge', loftDeg: 58 },
  { name: '62° wedge', kind: 'wedge', loftDeg: 62 },
]
/** Bags of 12, 13 and 14 clubs leave these out of the ladder. */
const LEFT_AT_HOME = { twelve: ['3-wood', '62° wedge'], thirteen: ['62° wedge'], fourteen: [] as string[] }

/** The smooth part of carry over loft: slightly concave, compressed at the long end for slow swings. */
function smoothCarryYd(driverYd: number, loftDeg: number): number {
  const wedgeYd = 0.335 * driverYd
  const along = (loftDeg - 10.5) / 47.5
  const slow = Math.max(0, (215 - driverYd) / 215)
  const line = driverYd - (driverYd - wedgeYd) * along
  return line - driverYd * (0.1 - 0.45 * slow) * along * (1 - along)
}

/** A golfer made by chance, within the range of what golfers are like. */
export function makeHiddenGolfer(name: string, dice: Dice): HiddenGolfer {
  const driverYd = dice.between(150, 288)
  const left = LEFT_AT_HOME[dice.pick({ twelve: 1, thirteen: 1, fourteen: 1 })]
  const ladder = LADDER.filter((club) => !left.includes(club.name))
  const clubs = ladder.map((club) => ({
    ...club,
    trueCarryM: yards(smoothCarryYd(driverYd, club.loftDeg) + dice.normal(0, 3)),
  }))
  if (dice.chance(0.35)) duplicateLongClub(clubs, dice)
  if (dice.chance(0.15)) reverseLongClub(clubs)
  const monitor = dice.pick({ all: 0.68, carryOnly: 0.12, noLaunch: 0.1, noSpin: 0.1 })
  return {
    name,
    clubs: clubs.map((club) => ({
      ...club,
      loftDeg: Math.round((club.loftDeg + dice.normal(0, 0.7)) * 2) / 2,
    })),
    spread: dice.between(0.02, 0.05),
    missed: dice.between(0.05, 0.25),
    misread: 0.008,
    tires: dice.chance(0.75) ? dice.between(0, 0.04) : 0,
    launchOffDeg: dice.normal(0, 1.5),
    spinFactor: 1 + dice.normal(0, 0.08),
    shares: {
      'three-quarter': dice.normal(0.9, 0.025),
      half: dice.normal(0.71, 0.035),
      quarter: dice.normal(0.47, 0.035),
    },
    measures: {
      speed: monitor !== 'carryOnly',
      launch: monitor === 'all' || monitor === 'noSpin',
      spin: monitor === 'all' || monitor === 'noLaunch',
    },
    forgets: 0.03,
    knowsLofts: !dice.chance(0.08),
  }
}

function duplicateLongClub(clubs: HiddenClub[], dice: Dice): void {
  const [longer, shorter] = clubs.slice(1, 3)
  if (longer && shorter) shorter.trueCarryM = longer.trueCarryM - yards(dice.between(0, 3))
}

function reverseLongClub(clubs: HiddenClub[]): void {
  const [longer, shorter] = clubs.slice(2, 4)
  if (longer && shorter) shorter.trueCarryM = longer.trueCarryM + yards(3)
}
