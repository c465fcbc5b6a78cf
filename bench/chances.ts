import { clearChance, greenChance, shortOf } from '@/core/course/chance'
import { RUN_SPREAD } from '@/core/stock/near-chance'
import { FULL_SWING } from '@/core/model/station'
import { yards } from '@/core/units'
import { dice, type Dice } from '../simulators/golfers/dice'
import { makeHiddenGolfer, type HiddenClub, type HiddenGolfer } from '../simulators/golfers/hidden-golfer'
import { hitShot } from '../simulators/golfers/hit-shot'
import { lineSdOf } from '../simulators/golfers/strike'

const WHERE = { swing: FULL_SWING, position: 0 }
const TO_KNOW_A_RUN = 300

/** What a golfer's solid strikes with a club run on average: what a stock knows of it. */
function usualRun(golfer: HiddenGolfer, club: HiddenClub, roll: Dice): number {
  const runs = Array.from({ length: TO_KNOW_A_RUN }, () => {
    const { carryM, totalM = carryM } = hitShot({ ...golfer, missed: 0 }, club, WHERE, roll).flight
    return totalM - carryM
  })
  return runs.reduce((sum, run) => sum + run, 0) / runs.length
}

/** How far the chances of the number lie from what simulated golfers do, each with a club, a hazard and a green of their own. */
export function chances(golfers: number, shots: number, seed: number): string[] {
  const errors = {
    'carry the hazard': [],
    'stay short of one behind': [],
    'on the green, struck well': [],
    'the same, irons and wedges': [],
    'on the green, anyhow': [],
  } as Record<string, number[]>
  for (let i = 0; i < golfers; i++) {
    const roll = dice(seed + i)
    const golfer = { ...makeHiddenGolfer('G', roll), misread: 0, tires: 0 }
    const club = golfer.clubs[Math.floor(roll.between(0, golfer.clubs.length))]
    if (!club) continue
    const { trueCarryM: carryM } = club
    const runM = usualRun(golfer, club, roll)
    const shot = {
      ...{ carryM, stockSdM: 0, shotSdM: golfer.spread * carryM, missed: golfer.missed },
      ...{ runM, runSdM: RUN_SPREAD * Math.abs(runM) },
      ...{ biasM: 0.005 * carryM, sideSdM: lineSdOf(golfer.spread) * carryM },
    }
    const hazardM = carryM * roll.between(0.82, 1.03)
    const behindM = (carryM + runM) * roll.between(0.98, 1.12)
    const middleM = carryM * roll.between(0.95, 1.05) + runM / 2
    const green = {
      frontM: middleM - yards(12),
      backM: middleM + yards(12),
      halfWidthM: yards(roll.between(8, 15)),
    }
    let [cleared, stayed, on, lucky] = [0, 0, 0, 0]
    for (let k = 0; k < shots; k++) {
      const { flight, truth } = hitShot(golfer, club, WHERE, roll)
      const { carryM: flewM, totalM = flewM, offlineM = 0 } = flight
      // No two bounces are alike: the ground gives each run its luck.
      const restsM = flewM + (totalM - flewM) * roll.normal(1, RUN_SPREAD)
      if (flewM >= hazardM) cleared++
      if (restsM <= behindM) stayed++
      if (flewM < green.frontM || restsM > green.backM || Math.abs(offlineM) > green.halfWidthM) continue
      if (truth === 'solid') on++
      else lucky++
    }
    const off = (name: string, predicted: number, seen: number) =>
      errors[name]?.push(Math.abs(predicted - seen / shots))
    off('carry the hazard', clearChance(shot, hazardM).clear, cleared)
    off('stay short of one behind', shortOf(shot, behindM), stayed)
    off('on the green, struck well', greenChance(shot, green).on, on)
    if (club.kind === 'iron' || club.kind === 'wedge')
      off('the same, irons and wedges', greenChance(shot, green).on, on)
    off('on the green, anyhow', greenChance(shot, green).on, on + lucky)
  }
  const points = (share: number) => (100 * share).toFixed(1).padStart(5)
  return [
    `${golfers} golfers, ${shots} shots each, seed ${seed}: points of chance off`,
    ...Object.entries(errors).map(
      ([name, list]) =>
        `${name.padEnd(28)}mean ${points(list.reduce((sum, each) => sum + each, 0) / list.length)}  95th ${points(list.toSorted((a, b) => a - b)[Math.floor(0.95 * list.length)] ?? 0)}  worst ${points(Math.max(...list))}`,
    ),
  ]
}
