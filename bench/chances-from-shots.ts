import { analyseBag } from '@/core/analyse-bag'
import { clearChance, greenChance, shortOf } from '@/core/course/chance'
import { RUN_SPREAD } from '@/core/stock/near-chance'
import { missedByKind } from '@/core/course/missed-by-kind'
import { sdOf } from '@/core/math/z90'
import { FULL_SWING } from '@/core/model/station'
import { yards } from '@/core/units'
import { dice } from '../simulators/golfers/dice'
import { hitShot } from '../simulators/golfers/hit-shot'
import { bagInputOf, oneDay } from './judgement/trial'
import { Reliability } from './judgement/reliability'
import { USUAL } from './judgement/worlds'

const WHERE = { swing: FULL_SWING, position: 0 }
const DAY_SD = 0.015
const PLAYED = 12

/**
 * The chances that are said from 8 shots a club, against what the golfer then does on other days: in tenths of what was
 * said, and by kind of club.
 */
export function chancesFromShots(golfers: number, seed: number): string[] {
  const names = ['clear', 'stay short', 'on the green'] as const
  const kinds = ['driver', 'wood', 'hybrid', 'iron', 'wedge'] as const
  const tables = new Map(names.map((name) => [name, new Reliability()]))
  const byKind = new Map(kinds.map((kind) => [kind, names.map(() => ({ n: 0, predicted: 0, so: 0 }))]))
  for (let i = 0; i < golfers; i++) {
    const roll = dice(seed + i)
    const trial = oneDay(USUAL, 8, i % 2 === 0 ? 'rounds' : 'club after club', roll)
    const input = bagInputOf(trial)
    const { stocks, spread } = analyseBag(input)
    const missedWith = missedByKind(input.clubs, stocks, spread.missed)
    const fresh = { ...trial.golfer, misread: 0, tires: 0 }
    for (const { clubId, swing, model, lowM, highM, run } of stocks) {
      const carryM = model?.carryM
      const club = fresh.clubs.find(({ name }) => name === clubId)
      if (!club || carryM === undefined || lowM === undefined || highM === undefined || swing !== FULL_SWING)
        continue
      const runM = run?.meanM ?? 0
      const shot = {
        ...{ carryM, stockSdM: sdOf({ lowM, highM }), shotSdM: spread.carry * carryM },
        ...{ missed: missedWith(club), runM, runSdM: RUN_SPREAD * Math.abs(runM) },
        ...{ biasM: spread.lateralMean * carryM, sideSdM: spread.lateral * carryM },
      }
      const hazardM = carryM * roll.between(0.82, 1.05)
      const behindM = (carryM + runM) * roll.between(0.96, 1.12)
      const middleM = carryM * roll.between(0.93, 1.07) + runM / 2
      const green = {
        frontM: middleM - yards(12),
        backM: middleM + yards(12),
        halfWidthM: yards(roll.between(8, 15)),
      }
      const chances = [clearChance(shot, hazardM).clear, shortOf(shot, behindM), greenChance(shot, green).on]
      for (let k = 0; k < PLAYED; k++) {
        const day = Math.exp(roll.normal(0, DAY_SD))
        const { flight } = hitShot(fresh, club, WHERE, roll)
        const flewM = day * flight.carryM
        const ranM = ((flight.totalM ?? flight.carryM) - flight.carryM) * roll.normal(1, RUN_SPREAD)
        const restsM = flewM + ranM
        const held =
          flewM >= green.frontM && restsM <= green.backM && Math.abs(flight.offlineM ?? 0) <= green.halfWidthM
        const so = [flewM >= hazardM, restsM <= behindM, held]
        names.forEach((name, s) => {
          tables.get(name)?.add(chances[s] as number, so[s] as boolean)
          const tally = byKind.get(club.kind as (typeof kinds)[number])?.[s]
          if (tally)
            Object.assign(tally, {
              n: tally.n + 1,
              predicted: tally.predicted + (chances[s] as number),
              so: tally.so + Number(so[s]),
            })
        })
      }
    }
  }
  const points = (share: number) => (100 * share).toFixed(0).padStart(4)
  return [
    `${golfers} golfers, 8 shots a club, other days: what was so less what was said, in points, by tenths of what was said`,
    ...names.map(
      (name) =>
        `${name.padEnd(14)}${(tables.get(name)?.tenths ?? []).map(({ n, predicted: p, so }) => (n < 50 ? '   -' : points(so - p))).join('')}`,
    ),
    'by kind of club',
    ...kinds.map(
      (kind) =>
        `${kind.padEnd(14)}${(byKind.get(kind) ?? []).map(({ n, predicted: p, so }, s) => `${names[s]} ${points(so / n - p / n)}`).join('   ')}`,
    ),
  ]
}
