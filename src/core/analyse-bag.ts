import { type Rules, type BagInput, type BagAnalysis, type Warning } from './analysis/bag-analysis'
import type { Club } from './bag/club'
import { coverage } from './gaps/coverage-of-bag'
import { ordinaryRun } from './stock/station-run'
import { modelled } from './stock/modelled'
import { adjustedStocks, adjustmentsOf, unsureOf } from './shots/adjustments'
import { inStatedAir, restatedStation } from './stock/restated-station'
import { isHit, type HitStock, type Stock } from './stock/stock'
import { restateShots, type ShotInAir } from './flight/restate-shots'
import type { Gap } from './gaps/gap'
import { isDone, gapsOfBag } from './gaps/gaps-of-bag'
import { chosenGapRule } from './gaps/zones'
import type { ShotId } from './model/ids'
import { leftOutGuard } from './stock/left-out-guard'
import { isPlausibleCarry } from './shots/plausible-carry'
import { readShots, type ReadShots } from './judge/read-shots'
import { type Shot } from './shots/shot'
import { CARRY_PER_SPEED, tiredFrom } from './judge/drift'
import { judgeStations, type BagModel, type ShotJudgement, type StationModel } from './judge/judge-stations'
import { neighbourForesight } from './stock/neighbour-foresight'
import { expectedPosterior, expectedStock } from './stock/expected-stock'
import { newestShots, type Newest } from './stock/newest-shots'
import { offCurve } from './stock/off-curve'
import { stationStock } from './stock/station-stock'
import { FULL_SWING, atStation, isOf as isOfStation } from './model/station'

/**
 * The one front door of the calculations: clubs, shots and rules in; stocks, gaps, uncovered distances and what to
 * hit next out. Of each station the newest shots are taken, and judged. Pure: the input is unchanged, its array order is irrelevant, equal input gives equal
 * output. Lengths in metres, speeds in metres per second, angles in degrees.
 */
export function analyseBag({ clubs, shots: all, rules = {}, older: before = [] }: BagInput): BagAnalysis {
  const { taken: shots, older } = newestShots(all, rules.windCounts)
  const passedOver = [...before, ...older]
  const bag = clubs.filter((club) => club.kind !== 'putter').sort(byOrder)
  const putters = new Set(clubs.filter((club) => club.kind === 'putter').map(({ id }) => id))
  const stated = rules.inAir ? restateShots(bag, shots, rules.inAir) : null
  const asHit = readShots(bag, stated?.shots ?? shots, putters, rules.windCounts)
  const priors = new Map(
    rules.expected?.flatMap(({ clubId, swing, carryM, sdM }) =>
      swing === FULL_SWING ? [[clubId, { carryM, varianceM2: sdM ** 2 }] as const] : [],
    ),
  )
  const model = withExpected(judgeStations(bag, asHit, priors), rules)

  const measured = model.stations.map((station, i) =>
    stationStock(
      station,
      {
        readings: asHit.stations[i]?.readings ?? [],
        unreadable: asHit.unreadable.filter(isOf(station)),
        excluded: asHit.excluded.filter(isOf(station)),
      },
      model,
      rules.stockRule ?? 'mean-solid',
      rules.expected && atStation(rules.expected, { clubId: station.club.id, swing: station.swing }),
    ),
  )
  const gapRule = chosenGapRule(rules)
  const left = rules.leftOnPurpose?.gaps ?? []
  const restated = new Map(
    // Expected stocks are already in the stated air.
    stated
      ? model.stations
          .filter(({ readings }) => readings.length > 0)
          .map((each) => [each, restatedStation(each, model, stated.inAir)])
      : [],
  )
  const { gaps, overUnhit, next, recommendations } = gapsOfBag(bag, model, measured, {
    gapRule,
    left,
    restated: (station) => restated.get(station) ?? null,
    runOf: (stock) => ordinaryRun({ ...stock, modelled: modelled(withStatedAir(stock, rules, model)) }),
  })
  const ofStations = measured.map((stock, i) => {
    const station = model.stations[i] as StationModel
    const whole = completed(stock, station, { model, measured, gaps, rules, passedOver })
    const moved = restated.get(station)
    return moved && isHit(whole) ? inStatedAir(whole, moved) : whole
  })
  const stocks = [...ofStations, ...partialsExpected(bag, ofStations, rules, model)]
  const { per90, se, found, knowable } = model.drift
  const { carry, lateralMean, lateral, missed } = model.spread
  return {
    stocks,
    gaps,
    overUnhit,
    shots: judgements(asHit, model, stated?.inAir),
    ...coverage(bag, stocks, rules),
    next,
    recommendations,
    drift: {
      found,
      knowable,
      ...(per90 !== undefined && { per90 }),
      ...(se !== undefined && { se }),
    },
    spread: { carry, lateralMean, lateral, missed },
    warnings: [
      ...warningsOf(asHit, model),
      ...adjustedStocks(stocks).map((facts): Warning => ({ kind: 'holds', facts })),
    ],
  }
}

/** The model in which clubs that were changed and not hit since have what is expected of them. */
function withExpected(model: BagModel, { expected = [] }: Rules): BagModel {
  if (expected.length === 0) return model
  return {
    ...model,
    stations: model.stations.map((station) => {
      const its = atStation(expected, { clubId: station.club.id, swing: station.swing })
      return its && !station.posterior ? { ...station, posterior: expectedPosterior(its) } : station
    }),
  }
}

/** Swings of changed clubs that have no shot since, and so no station of their own. */
function partialsExpected(
  bag: readonly Club[],
  stocks: readonly Stock[],
  { expected = [] }: Rules,
  { spread }: BagModel,
): Stock[] {
  const missing = expected.filter(
    (each) => bag.some(({ id }) => id === each.clubId) && !atStation(stocks, each),
  )
  return missing.map((each) =>
    expectedStock(
      {
        clubId: each.clubId,
        swing: each.swing,
        leftOut: [],
        count: 0,
        done: false,
        averages: {},
        byStockRule: {},
      },
      each,
      spread.carry,
    ),
  )
}

const isOf =
  ({ club, swing }: StationModel) =>
  (shot: Shot): boolean =>
    shot.clubId === club.id && shot.swing === swing

const byOrder = (a: Club, b: Club) => a.order - b.order || (a.id < b.id ? -1 : 1)

type StockContext = {
  model: BagModel
  measured: readonly Stock[]
  gaps: readonly Gap[]
  rules: Rules
  passedOver: Newest['older']
}

/** A stock with what the rest of the bag and the golfer say of it. */
function completed(
  stock: Stock,
  station: StationModel,
  { model, measured, gaps, rules, passedOver }: StockContext,
): Stock {
  const { clubId, swing } = stock
  const full = model.stations.filter((each) => each.swing === FULL_SWING)
  const byHand = rules.byHand && atStation(rules.byHand, stock)
  const foreseen = stock.foreseen ?? neighbourForesight(stock, measured)
  const older = passedOver.filter(isOfStation(stock)).reduce((sum, { shots }) => sum + shots, 0)
  const fields = {
    ...(older > 0 && { older }),
    ...(byHand && { byHand: { carryM: byHand.carryM, because: byHand.because } }),
    ...(foreseen && { foreseen }),
    done: stock.done || (swing === FULL_SWING && isDone(clubId, gaps)),
  }
  if (!isHit(stock)) return { ...stock, ...fields }
  const completedStock: HitStock = { ...withStatedAir(stock, rules, model), ...fields }
  const filled = modelled(completedStock)
  const counted = station.readings.filter(({ index }) => model.judged[index]?.mark === 'solid')
  const hitShots = counted.map(({ shot }) => shot)
  const adjustments = adjustmentsOf(hitShots)
  const off = swing === FULL_SWING ? offCurve(station, full, model) : null
  return {
    ...widened(completedStock, unsureOf(hitShots)),
    ...(Object.keys(filled).length > 0 && { modelled: filled }),
    ...(off && { offCurve: off }),
    ...(adjustments.length > 0 && { adjustments }),
  }
}

/** A stock whose every number may be off by as much again: the intervals hold it, the carry stays. */
function widened(stock: HitStock, unsureM: number): HitStock {
  if (unsureM === 0) return stock
  const around = (at: number, [low, high]: [number, number]): [number, number] => [
    at - Math.hypot(at - low, unsureM),
    at + Math.hypot(high - at, unsureM),
  ]
  const { model } = stock
  const [lowM, highM] = around(stock.carryM, [stock.lowM, stock.highM])
  const [modelLow, modelHigh] = around(model.carryM, [model.lowM, model.highM])
  return { ...stock, lowM, highM, model: { ...model, lowM: modelLow, highM: modelHigh } }
}

/** A stock with the air that its carry is stated in. */
function withStatedAir(stock: HitStock, rules: Rules, { stations }: BagModel): HitStock {
  const station = stations.find(({ club, swing }) => club.id === stock.clubId && swing === stock.swing)
  const statedAir = rules.inAir ?? station?.readings[0]?.shot.air
  return { ...stock, ...(statedAir && { statedAir }) }
}

/** What each shot was, in the order in which they were hit. */
function judgements(
  { inOrder, readings }: ReadShots,
  { judged, drift }: BagModel,
  inAir?: ReadonlyMap<ShotId, ShotInAir>,
): BagAnalysis['shots'] {
  const read = new Map(readings.map((reading) => [reading.shot, reading]))
  const from = tiredFrom(drift)
  return inOrder.map((shot) => {
    const reading = read.get(shot)
    const { mark, solidProbability, other } = (reading && judged[reading.index]) ?? unread(shot)
    const tired = reading !== undefined && from !== null && reading.position >= from
    return {
      shotId: shot.id,
      mark,
      solidProbability,
      ...(other && { other }),
      ...(tired && { tired: true as const }),
      ...(inAir?.get(shot.id)?.kind === 'restated' && { carryM: shot.carryM as number }),
    }
  })
}

/** A shot that no station can judge: of an unknown club, or with a carry that cannot be one. */
function unread({ mark, carryM }: Shot): ShotJudgement {
  const was = isPlausibleCarry(carryM)
    ? (mark ?? 'solid')
    : mark === 'solid'
      ? 'misread'
      : (mark ?? 'misread')
  return { mark: was, solidProbability: was === 'solid' ? 1 : 0 }
}

function warningsOf({ strangers, readings, stations }: ReadShots, model: BagModel): Warning[] {
  const warnings: Warning[] = []
  if (strangers.length > 0)
    warnings.push({ kind: 'unknown-club', facts: { shotIds: strangers.map(({ id }) => id) } })
  const { found, per90, se, of } = model.drift
  const times = of === 'speed' ? 1 : CARRY_PER_SPEED
  if (found && per90 !== undefined && se !== undefined)
    warnings.push({ kind: 'tiring', facts: { of, per90: times * per90, se: times * se } })
  const runs = new Map<string, Extract<Warning, { kind: 'other-club' }>>()
  for (const { index, shot } of readings) {
    const other = model.judged[index]?.other
    if (!other) continue
    const key = `${shot.clubId}\n${other}`
    const run = runs.get(key)
    if (run) run.facts.shotIds.push(shot.id)
    else runs.set(key, { kind: 'other-club', facts: { clubId: shot.clubId, other, shotIds: [shot.id] } })
  }
  warnings.push(...runs.values())
  for (const { club, swing, readings: own } of stations) {
    const guarded = own.map(({ index, shot }) => ({
      id: shot.id,
      carryM: shot.carryM as number,
      mark: shot.mark,
      included: model.judged[index]?.mark === 'solid',
      unmarkedSolid: model.unmarkedSolid[index] as number,
    }))
    const oneSided = leftOutGuard({ clubId: club.id, swing }, guarded)
    if (oneSided) warnings.push({ kind: 'one-sided', facts: oneSided })
  }
  return warnings
}
