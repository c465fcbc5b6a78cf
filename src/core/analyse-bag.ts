import { FULL_SWING, SWINGS, type Shot, type Swing } from './shots/shot'
import type { Mark } from './shots/mark'
import { judgeShots, type JudgedShot } from './shots/judge-shots'
import type { Club } from './bag/club'
import type { ClubId, ShotId } from './ids'
import { segmentOf } from './bag/segment'
import { stationStock, type Stock } from './stock/station-stock'
import type { StockRule } from './stock/stock-rules'
import type { Estimate } from './stock/estimate'
import { absentClubs } from './gaps/absent-clubs'
import { coverOf, DEFAULT_TOLERANCE_M, holesBetween, type Stretch } from './gaps/cover'
import { FEWEST_TO_SETTLE } from './gaps/enough-shots'
import { judgeStep, type Step } from './gaps/step'
import { stretch, zonesOf, type OwnZones } from './gaps/zones'

export type Rules = {
  stockRule?: StockRule
  zonesM?: OwnZones
  /** How near a stock must be to a number to cover it. */
  toleranceM?: number
  /** The yardages that cost this golfer shots. */
  goalZoneM?: Stretch
}

export type BagInput = { clubs: Club[]; shots: Shot[]; rules?: Rules }

export type BagAnalysis = {
  stocks: Stock[]
  steps: Step[]
  shots: { shotId: ShotId; mark: Mark; solidProbability: number }[]
  holes: Stretch[]
  /** Share of the distances between the shortest and the longest stock that are covered; absent below two stocks. */
  cover?: number
  /** The same for the goal zone. */
  goal?: { holes: Stretch[]; cover: number }
  next: { clubId: ClubId; swing: Swing; shots: number; facts: { kind: string; count: number }[] }[]
  drift: { found: boolean; knowable: boolean }
  warnings: { kind: 'unknown-club'; facts: { shotIds: ShotId[] } }[]
}

/**
 * The one front door of the calculations: clubs, shots and rules in; stocks, steps, holes and what to
 * hit next out. Pure: the input is unchanged, its array order is irrelevant, equal input gives equal
 * output. Lengths in metres, speeds in metres per second, angles in degrees.
 */
export function analyseBag({ clubs, shots, rules = {} }: BagInput): BagAnalysis {
  const bag = clubs.filter((club) => club.kind !== 'putter').sort(byOrder)
  const known = new Set(clubs.map((club) => club.id))
  const judged = judgeShots([...shots].sort(bySequence))
  const stations = stationsOf(
    bag,
    judged.filter((shot) => known.has(shot.clubId)),
  )
  const rule = rules.stockRule ?? 'mean-solid'

  const found = stations.map((station) => stationStock(station, rule))
  const full = new Map(
    found.filter(({ stock }) => stock.swing === FULL_SWING).map((each) => [each.stock.clubId, each]),
  )
  const side = (club: Club): { clubId: ClubId; count: number; estimate: Estimate | null } => {
    const each = full.get(club.id)
    return { clubId: club.id, count: each?.stock.count ?? 0, estimate: each?.estimate ?? null }
  }
  const driver = bag.find((club) => club.kind === 'driver')
  const stretched = stretch(driver && full.get(driver.id)?.stock)
  const absent = absentClubs(bag)
  const steps = bag.slice(1).map((shorter, i) => {
    const longer = bag[i] as Club
    const absentHere = absent[i] ?? 0
    const limits = zonesOf(segmentOf(longer), {
      stretch: stretched,
      absentClubs: absentHere,
      own: rules.zonesM,
    })
    return judgeStep(side(longer), side(shorter), limits, absentHere)
  })
  const stocks = found.map(({ stock }) => ({ ...stock, done: stock.done || isDone(stock, steps) }))

  const carries = stocks.flatMap((stock) => stock.carryM ?? [])
  const tolerance = rules.toleranceM ?? DEFAULT_TOLERANCE_M
  const span: Stretch = [Math.min(...carries), Math.max(...carries)]
  const strangers = judged.filter((shot) => !known.has(shot.clubId)).map((shot) => shot.id)
  return {
    stocks,
    steps,
    shots: judged.map(({ id, mark, solidProbability }) => ({ shotId: id, mark, solidProbability })),
    holes: carries.length < 2 ? [] : holesBetween(carries, tolerance, span),
    ...(carries.length >= 2 && { cover: coverOf(carries, tolerance, span) }),
    ...(rules.goalZoneM && {
      goal: {
        holes: holesBetween(carries, tolerance, rules.goalZoneM),
        cover: coverOf(carries, tolerance, rules.goalZoneM),
      },
    }),
    next: nextToHit(bag, stocks),
    drift: { found: false, knowable: false },
    warnings: strangers.length > 0 ? [{ kind: 'unknown-club', facts: { shotIds: strangers } }] : [],
  }
}

const byOrder = (a: Club, b: Club) => a.order - b.order || (a.id < b.id ? -1 : 1)

const bySequence = (a: Shot, b: Shot) =>
  (a.session ?? 0) - (b.session ?? 0) || a.sequence - b.sequence || (a.id < b.id ? -1 : 1)

/** Full, three-quarter, half, then the golfer's own by name. */
function byLength(a: Swing, b: Swing): number {
  const place = (swing: Swing) => (SWINGS as readonly Swing[]).indexOf(swing) >>> 0
  return place(a) - place(b) || (a < b ? -1 : 1)
}

type Station = { clubId: ClubId; swing: Swing; shots: JudgedShot[] }

/** Every full swing of the bag, hit or not, and every other station that was hit: by club, full first. */
function stationsOf(bag: readonly Club[], shots: readonly JudgedShot[]): Station[] {
  return bag.flatMap((club) => {
    const own = shots.filter((shot) => shot.clubId === club.id)
    const swings = new Set([FULL_SWING, ...own.map((shot) => shot.swing).sort(byLength)])
    return [...swings].map((swing) => ({
      clubId: club.id,
      swing,
      shots: own.filter((shot) => shot.swing === swing),
    }))
  })
}

/** A full swing is done when the steps on both sides of it are settled or on the line. */
function isDone(stock: Stock, steps: readonly Step[]): boolean {
  if (stock.swing !== FULL_SWING) return false
  const beside = steps.filter((step) => step.longerId === stock.clubId || step.shorterId === stock.clubId)
  return beside.length > 0 && beside.every((step) => step.settled)
}

/** Until every club has the shots that a verdict needs: those with fewer, in bag order. */
function nextToHit(bag: readonly Club[], stocks: readonly Stock[]): BagAnalysis['next'] {
  return bag.flatMap((club) => {
    const count = stocks.find((stock) => stock.clubId === club.id && stock.swing === FULL_SWING)?.count ?? 0
    if (count >= FEWEST_TO_SETTLE) return []
    return [
      {
        clubId: club.id,
        swing: FULL_SWING,
        shots: FEWEST_TO_SETTLE - count,
        facts: [{ kind: 'too-few', count }],
      },
    ]
  })
}
