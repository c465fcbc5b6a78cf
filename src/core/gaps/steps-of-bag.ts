import type { Club } from '../bag/club'
import { FULL_SWING } from '../shots/shot'
import { dayVariance } from '../stock/day-factors'
import type { BagModel, StationModel } from '../stock/judge-stations'
import type { Stock } from '../stock/station-stock'
import { STOCK_RULES, type StockRule } from '../stock/stock-rules'
import { absentClubs } from './absent-clubs'
import { nextShots, type NextShots } from './next-shots'
import { outlookOf, type Prospect } from './outlook'
import { difference, judgeStep, unknownStep, type Step } from './step'
import { zonesOfSteps, type SchoolOfSteps } from './zones'

/** A club of the bag with its full swing as the model and as the stock table see it. */
type Side = { club: Club; model: StationModel | undefined; stock: Stock | undefined }

/** The steps between neighbours of a bag, and what to hit next for them. */
export function stepsOfBag(
  bag: readonly Club[],
  model: BagModel,
  stocks: readonly Stock[],
  school: SchoolOfSteps,
): { steps: Step[]; next: NextShots[] } {
  const sides = bag.map((club): Side => ({
    club,
    model: model.stations.find((each) => each.club.id === club.id && each.swing === FULL_SWING),
    stock: stocks.find((each) => each.clubId === club.id && each.swing === FULL_SWING),
  }))
  const absent = absentClubs(bag)
  const hit = sides.flatMap(({ club, stock }) =>
    stock?.model ? [{ club, carryM: stock.model.carryM, count: stock.count }] : [],
  )
  const limits = zonesOfSteps(bag, hit, absent, school)
  const prospects = sides.map((side) => prospectOf(side, model))
  const pairs = limits.map((limitsM, i) => {
    const [longer, shorter] = [sides[i] as Side, sides[i + 1] as Side]
    return {
      longer,
      shorter,
      limitsM,
      absentClubs: absent[i] ?? 0,
      extraVarianceM2: daysApart(longer, shorter, model),
    }
  })
  const steps = pairs.map(({ longer, shorter, limitsM, absentClubs, extraVarianceM2 }, i): Step => {
    const ids = { longerId: longer.club.id, shorterId: shorter.club.id }
    const [a, b] = [longer.model?.posterior, shorter.model?.posterior]
    if (!a || !b || !longer.stock?.count || !shorter.stock?.count)
      return unknownStep(ids, limitsM, absentClubs)
    const [longerStock, shorterStock] = [prospects[i] as Prospect, prospects[i + 1] as Prospect]
    return judgeStep(
      {
        longer: { clubId: ids.longerId, count: longer.stock.count, posterior: a },
        shorter: { clubId: ids.shorterId, count: shorter.stock.count, posterior: b },
        difference: difference(a, b, extraVarianceM2),
        limitsM,
        absentClubs,
        schools: schoolsOf(longer.stock, shorter.stock),
      },
      () => outlookOf({ longer: longerStock, shorter: shorterStock, extraVarianceM2, limitsM }),
    )
  })
  const next = nextShots(
    sides.map(({ club, stock }, i) => ({
      clubId: club.id,
      count: stock?.count ?? 0,
      stock: prospects[i] ?? null,
    })),
    steps.map((step, i) => ({
      settled: step.settled,
      resting: step.resting ?? false,
      limitsM: step.limitsM,
      extraVarianceM2: pairs[i]?.extraVarianceM2 ?? 0,
    })),
  )
  return { steps, next }
}

/** A club is done when the steps on both sides of it are settled, on the line, or resting. */
export function isDone(clubId: Club['id'], steps: readonly Step[]): boolean {
  const beside = steps.filter((step) => step.longerId === clubId || step.shorterId === clubId)
  return beside.length > 0 && beside.every((step) => step.settled || step.resting === true)
}

function prospectOf({ model, stock }: Side, { spread }: BagModel): Prospect | null {
  if (!model?.posterior || !stock?.count) return null
  const { meanM, varianceM2 } = model.posterior
  return {
    meanM,
    varianceM2,
    count: stock.count,
    shotSdM: spread.carry * meanM,
    missed: spread.missed,
  }
}

/** What two clubs that were hit on different days add to the variance of their step; nothing on the same days. */
function daysApart({ model: longer }: Side, { model: shorter }: Side, { days }: BagModel): number {
  const [a, b] = [longer?.posterior?.meanM, shorter?.posterior?.meanM]
  if (!longer || !shorter || a === undefined || b === undefined) return 0
  return dayVariance(
    days,
    longer.days.map((share, i) => a * share - b * (shorter.days[i] ?? 0)),
  )
}

const schoolsOf = (longer: Stock, shorter: Stock): Partial<Record<StockRule, number>> =>
  Object.fromEntries(
    STOCK_RULES.flatMap((rule) => {
      const [a, b] = [longer.schools[rule], shorter.schools[rule]]
      return a === undefined || b === undefined ? [] : [[rule, a - b]]
    }),
  )
