import type { Lie } from '@/core/rounds/round'
import { yards } from '@/core/units'
import type { Dice } from './dice'
import type { HiddenClub, HiddenGolfer } from './hidden-golfer'
import { hitShot } from './hit-shot'

/** A shot of a simulated round: what was left, with which club, from where, and what came of it. */
export type PlayedShot = {
  club: HiddenClub
  swing: string
  leftM: number
  afterM: number
  carryM: number
  lie: Lie
}

/** Lengths of a made-up nine-hole links, in yards. */
export const NINE_HOLES_YD = [352, 148, 401, 318, 152, 455, 287, 134, 368]
/** Nearer than this it is chipped and putted, which nobody logs. */
const GREEN_M = yards(36)
const MOST_SHOTS = 6
/** On the course, with a card in the hand, every shot carries a little less than in the bay. */
const ON_COURSE = 0.965

/** Plays a few holes, putts apart: each shot with the club whose carry is nearest to what is left. */
export function playRound(golfer: HiddenGolfer, holesYd: readonly number[], roll: Dice): PlayedShot[] {
  const steady = { ...golfer, misread: 0, tires: 0 }
  return holesYd.flatMap((holeYd) => {
    const shots: PlayedShot[] = []
    let [leftM, lie]: [number, Lie] = [yards(holeYd), 'tee']
    while (leftM > GREEN_M && shots.length < MOST_SHOTS) {
      const { club, swing } = clubFor(steady, leftM, lie)
      const { flight } = hitShot(steady, club, { swing, position: 0 }, roll)
      const carryM = ON_COURSE * flight.carryM
      const wentM = carryM + ((flight.totalM ?? carryM) - flight.carryM)
      const aside = Math.abs(flight.offlineM ?? 0)
      const afterM = Math.hypot(leftM - wentM, aside)
      shots.push({ club, swing, leftM, afterM, carryM, lie })
      leftM = afterM
      lie = lieAfter(aside, roll)
    }
    return shots
  })
}

/** A partial swing below the shortest full one; the driver from a tee alone. */
function clubFor(
  { clubs, shares }: HiddenGolfer,
  leftM: number,
  lie: Lie,
): { club: HiddenClub; swing: string } {
  const swings = clubs.flatMap((club) =>
    [['full', 1] as const, ...(club.kind === 'wedge' ? Object.entries(shares) : [])].map(
      ([swing, share]) => ({
        club,
        swing,
        carryM: share * club.trueCarryM,
      }),
    ),
  )
  const able = swings.filter(
    ({ club, swing }) => (club.kind !== 'driver' || lie === 'tee') && (swing === 'full' || swing === 'half'),
  )
  return able.reduce((best, each) =>
    Math.abs(each.carryM - leftM) < Math.abs(best.carryM - leftM) ? each : best,
  )
}

const lieAfter = (asideM: number, roll: Dice): Lie =>
  roll.chance(0.06) ? 'bunker' : asideM > yards(15) || roll.chance(0.12) ? 'rough' : 'fairway'
