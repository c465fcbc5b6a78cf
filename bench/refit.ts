import type { ClubId } from '@/core/model/ids'
import { isTurn, type Fix } from '@/core/refit/fixes'
import { STRATEGIES } from '@/core/refit/proposal'
import { refit } from '@/core/refit/refit'
import { loftLimits } from '@/core/refit/refit-club'
import { type RefitClub } from '@/core/bag/bag'
import { bestBends } from '@/core/refit/search'
import type { PaperBag } from '@/core/refit/paper-bag'
import { withFixes } from '@/core/refit/paper-fixes'
import { limitsOf, gapsOf } from '@/core/refit/paper-gaps'
import { analyseBag } from '@/core/analyse-bag'
import { isJudged } from '@/core/gaps/gap'
import { quantile } from '@/core/math/quantile'
import { refitOf, type RefitBag } from '@/views/refit-of'
import { dice, type Dice } from '../simulators/golfers/dice'
import { makeHiddenGolfer, type HiddenGolfer } from '../simulators/golfers/hidden-golfer'
import { hitSession, inRounds } from '../simulators/golfers/hit-session'
import { zoneAt } from './judgement/score'
import { bagInputOf } from './judgement/trial'
import { YARD_M, yards } from '@/core/units'

const VISITS = 2
const SHOTS_A_VISIT = 10
/** A club of another loft is truly off its model's curve by so much. */
const OFF_CURVE_M = yards(3)
/** Common practice: one club of the worst gap is bent by a part of what is too much. */
const YARDS_A_DEGREE = 2.5

type Tally = { of: number; better: number; worse: number; gained: number; bends: number }
const tally = (): Tally => ({ of: 0, better: 0, worse: 0, gained: 0, bends: 0 })

/** What people do without Banco, and what could be done if everything were known. */
const OTHERS = ['one bend', 'bend all by the means', 'best possible'] as const

/**
 * What the proposals are worth on golfers whose true carries are known: does what is proposed truly make more gaps good? A bag
 * of fewer clubs is better where fewer of its gaps are not good.
 */
export function refitScored(golfers: number, seed: number): string[] {
  const strategies = Object.fromEntries(
    [...STRATEGIES, ...OTHERS].map((strategy) => [strategy, tally()]),
  ) as Record<string, Tally>
  const left = { troubles: 0, shut: 0, strike: 0, unanswered: 0 }
  const two = { could: 0, offered: 0, mended: 0 }
  for (let i = 0; i < golfers; i++) {
    const roll = dice(seed + i)
    const { golfer, trueSlopes } = withWrongLofts(makeHiddenGolfer('g', roll), roll)
    const bag = hitOn(golfer, roll)
    const { analysis, refit: found } = refitOf(bag)
    const truth = trulyOf(found.bag, golfer, trueSlopes)
    const before = truly(truth)
    const count = (strategy: string, fixes: readonly Fix[]) => {
      const after = truly(trulyWith(truth, fixes, roll))
      const row = strategies[strategy] as Tally
      const gained = strategy === 'fewer-clubs' ? before.bad - after.bad : after.good - before.good
      row.of++
      row.gained += gained
      row.bends += fixes.filter(isTurn).length
      if (gained > 0) row.better++
      if (gained < 0) row.worse++
    }
    const open = found.proposals.filter(({ shut }) => shut === undefined)
    for (const { strategy, fixes } of open) count(strategy, fixes)
    const worst = practice(analysis.gaps.filter(isJudged), found.bag)
    if (worst) count('one bend', worst)
    const all = new Set(found.bag.clubs.map(({ club }) => club.id))
    count('bend all by the means', bestBends(asIfCertain(found.bag), all))
    count('best possible', bestBends(asIfCertain(truth), all))
    const bends = mendsTwo(truth, before.good)
    if (bends.length > 0) {
      two.could++
      const isOffered = found.proposals.some(({ fixes }) =>
        fixes.some(
          (fix) =>
            isTurn(fix) &&
            bends.some(({ clubId, degrees }) => clubId === fix.clubId && degrees * fix.degrees > 0),
        ),
      )
      if (isOffered) two.offered++
      if (
        isOffered ||
        found.proposals.some(({ fixes }) => truly(withFixes(truth, fixes)).good >= before.good + 2)
      )
        two.mended++
    }
    left.troubles += found.gates.length
    left.shut += found.gates.filter(({ shut }) => shut !== undefined).length
    left.strike += found.gates.filter(({ shut }) => shut === 'strike').length
    left.unanswered += found.gates.filter(
      (gate) =>
        gate.shut === undefined &&
        !open.some(({ gapsToImprove: gapsToImprove }) =>
          gapsToImprove.some((t) => t.longerId === gate.longerId),
        ),
    ).length
  }
  return [
    `${golfers} golfers, ${VISITS} visits of ${SHOTS_A_VISIT} shots a club, lofts off by up to 3° and measured (seed ${seed})`,
    `                        of     better   worse   gained each   per golfer   bends each`,
    ...Object.entries(strategies).map(([strategy, { of, better, worse, gained, bends }]) => {
      const se = Math.sqrt(((better / of) * (1 - better / of)) / of)
      return `${strategy.padEnd(22)}${String(of).padStart(4)}${`${percent(better / of)} ± ${percent(se)}`.padStart(11)}${percent1(worse / of).padStart(8)}${(gained / of).toFixed(2).padStart(14)}${(gained / golfers).toFixed(2).padStart(13)}${(bends / of).toFixed(1).padStart(13)}`
    }),
    `of ${left.troubles} troubles ${left.shut} are behind a shut gate (${left.strike} by the strike), ${left.unanswered} have an open one and no proposal`,
    `of ${two.could} golfers for whom one bend truly makes two more gaps good ${two.offered} are offered it (${percent(two.offered / two.could)}, wanted 90%), ${two.mended} that or other fixes that do as much (${percent(two.mended / two.could)})`,
  ]
}

/** A bag as if its means and what a degree is worth were certain. */
const asIfCertain = (bag: PaperBag): PaperBag => ({
  ...bag,
  gapVarianceM2: new Map(),
  clubs: bag.clubs.map((each) => ({
    ...each,
    varianceM2: 1e-4,
    perDegree: { ...each.perDegree, sdMPerDeg: 0 },
  })),
})

/** The single bends that truly make two more gaps good. */
function mendsTwo(truth: PaperBag, good: number): { clubId: ClubId; degrees: number }[] {
  return truth.clubs.flatMap(({ club }) => {
    const { kind, stronger, weaker } = loftLimits(club)
    if (kind === 'none') return []
    const degrees = Array.from({ length: (weaker - stronger) * 2 + 1 }, (_, i) => stronger + i / 2)
    return degrees
      .filter((each) => each !== 0)
      .filter((each) => truly(withFixes(truth, [{ kind, clubId: club.id, degrees: each }])).good >= good + 2)
      .map((each) => ({ clubId: club.id, degrees: each }))
  })
}

const percent1 = (share: number): string => `${(100 * share).toFixed(1)}%`
const percent = (share: number): string => `${(100 * share).toFixed(0)}%`

/** A golfer half of whose clubs are not of the loft that stands on them, by up to 3°, and carry so. */
function withWrongLofts(golfer: HiddenGolfer, roll: Dice) {
  const trueSlopes = new Map<string, number>()
  const clubs = golfer.clubs.map((club, i) => {
    const [a, b] = [golfer.clubs[Math.max(0, i - 1)], golfer.clubs[Math.min(golfer.clubs.length - 1, i + 1)]]
    const slope = a && b ? (a.trueCarryM - b.trueCarryM) / Math.max(2, b.loftDeg - a.loftDeg) : yards(2.3)
    // What a degree of loft alone does is less than the slope of a bag, whose clubs grow shorter as well.
    const perDegree = Math.min(yards(3.2), Math.max(yards(1.2), slope - yards(0.29))) * roll.between(0.9, 1.1)
    trueSlopes.set(club.name, perDegree)
    const off = roll.chance(0.5) ? roll.between(-3, 3) : 0
    return { ...club, loftDeg: halves(club.loftDeg + off), trueCarryM: club.trueCarryM - perDegree * off }
  })
  return { golfer: { ...golfer, clubs, knowsLofts: true }, trueSlopes }
}

const halves = (degrees: number): number => Math.round(degrees * 2) / 2

function hitOn(golfer: HiddenGolfer, roll: Dice): RefitBag {
  const visits = Array.from({ length: VISITS }, () =>
    hitSession(golfer, inRounds(golfer.clubs, SHOTS_A_VISIT), roll),
  )
  const inputs = visits.map((shots) => bagInputOf({ golfer, shots }))
  const clubs: RefitClub[] = (inputs[0]?.clubs ?? []).map((club) => ({
    ...club,
    head: 'forged',
    loftMeasured: true,
    bounceDeg: 10,
  }))
  const shots = inputs.flatMap(({ shots: own }, session) =>
    own.map((shot) => ({ ...shot, id: `${session} ${shot.id}` as typeof shot.id, session })),
  )
  return { clubs, rack: [], shots }
}

/** The bag on paper with what is true in the place of what was measured. */
const trulyOf = (bag: PaperBag, golfer: HiddenGolfer, slopes: ReadonlyMap<string, number>): PaperBag => ({
  ...bag,
  clubs: bag.clubs.map((each) => ({
    ...each,
    carryM: golfer.clubs.find(({ name }) => name === each.club.id)?.trueCarryM ?? null,
    perDegree: { mPerDeg: slopes.get(each.club.id) ?? 0, sdMPerDeg: 0 },
  })),
})

/** Done in truth: what is bought is off its model's curve by chance. */
function trulyWith(truth: PaperBag, fixes: readonly Fix[], roll: Dice): PaperBag {
  const after = withFixes(truth, fixes)
  return {
    ...after,
    clubs: after.clubs.map((each) =>
      each.supposedSdM > 0 && each.carryM !== null
        ? { ...each, carryM: each.carryM + roll.normal(0, OFF_CURVE_M) }
        : each,
    ),
  }
}

/** How many gaps of a bag whose carries are true are good, and how many are not. */
function truly(bag: PaperBag): { good: number; bad: number } {
  const limits = limitsOf(bag)
  const gaps = gapsOf(bag)
  const good = gaps.filter(({ gapM }, i) => {
    const zones = limits[i]
    return zones && zoneAt(gapM, zones) === 'good'
  }).length
  return { good, bad: gaps.length - good }
}

/** The club beside the gap that is furthest from even, bent by what is too much a degree every 2.5 yd, whatever the shots settle. */
function practice(
  gaps: readonly { shorterId: ClubId; gapM: number; limitsM: { tooClose: number; tooWide: number } }[],
  bag: PaperBag,
): Fix[] | null {
  const away = gaps
    .map((gap) => ({ gap, over: gap.gapM - gap.limitsM.tooWide, under: gap.limitsM.tooClose - gap.gapM }))
    .filter(({ over, under }) => over > 0 || under > 0)
    .sort((a, b) => Math.max(b.over, b.under) - Math.max(a.over, a.under))
    .find(({ gap }) =>
      bag.clubs.some(({ club }) => club.id === gap.shorterId && ['iron', 'wedge'].includes(club.kind)),
    )
  if (!away) return null
  const middle = (away.gap.limitsM.tooClose + away.gap.limitsM.tooWide) / 2
  const degrees = Math.max(-2, Math.min(2, halves((middle - away.gap.gapM) / YARD_M / YARDS_A_DEGREE)))
  return degrees === 0 ? null : [{ kind: 'bend', clubId: away.gap.shorterId, degrees }]
}

/** Wedges below the pitching wedge as people carry them, by their lofts. */
const WEDGE_LAYOUTS = [[56], [52, 58], [50, 54, 58], [50, 56], [48, 52, 56, 60]]

/**
 * What ordinary bags are advised: five shots a club on one day, lofts not measured, five layouts of wedges, woods alike in a
 * third of them, one or two clubs missing. Bags with a gap that is not good and no advice are listed.
 */
export function ordinaryAnswered(bags: number, seed: number): string[] {
  const given: Record<string, number> = {}
  const none: string[] = []
  let troubled = 0
  for (let i = 0; i < bags; i++) {
    const roll = dice(seed + i)
    const hidden = ordinaryGolfer(roll, i)
    const shots = hitSession(hidden, inRounds(hidden.clubs, 5), roll)
    const { clubs, ...input } = bagInputOf({ golfer: hidden, shots })
    const { analysis, refit: found } = refitOf({ clubs, rack: [], ...input })
    if (found.firsts.length === 0) continue
    troubled++
    const advised = new Set([
      ...found.firsts.flatMap(({ noChange }) => noChange.map(({ kind }) => `no change: ${kind}`)),
      ...found.longClubs.map(({ kind }) => `long clubs: ${kind}`),
      ...found.proposals.map(({ strategy }) => strategy),
    ])
    for (const advice of advised) given[advice] = (given[advice] ?? 0) + 1
    // More shots and gripping down can always be advised: what else is there?
    if ([...advised].every((advice) => advice === 'no change: retest' || advice === 'no change: grip'))
      none.push(
        (hidden.knowsLofts ? '' : '(lofts not set) ') +
          analysis.gaps
            .filter(isJudged)
            .map(
              ({ longerId, shorterId, gapM, verdict, settled, limitsM: { tooClose, tooWide } }) =>
                `${longerId}>${shorterId} ${yd(gapM)}${verdict === 'good' ? '' : ` ${verdict}${settled ? '!' : '?'} of ${yd(tooClose)}-${yd(tooWide)}`}`,
            )
            .join(', '),
      )
  }
  return [
    `${bags} ordinary bags, 5 shots a club on one day (seed ${seed}): ${troubled} have a gap that is not good`,
    ...Object.entries(given)
      .sort((a, b) => b[1] - a[1])
      .map(([advice, n]) => `  ${advice.padEnd(26)} ${n}`),
    `  nothing but more shots and gripping down ${none.length}`,
    ...none.slice(0, 10).map((bag) => `    ${bag}`),
  ]
}

const yd = (metres: number): string => (metres / YARD_M).toFixed(0)

function ordinaryGolfer(roll: Dice, i: number): HiddenGolfer {
  const golfer = makeHiddenGolfer('g', roll)
  const [pitching] = golfer.clubs.filter(({ kind }) => kind === 'wedge')
  const lofts = WEDGE_LAYOUTS[i % WEDGE_LAYOUTS.length] as number[]
  const wedges = lofts.map((loftDeg) => ({
    name: `${loftDeg}° wedge`,
    kind: 'wedge' as const,
    loftDeg,
    trueCarryM: wedgeCarry(golfer, loftDeg) + yards(roll.normal(0, 3)),
  }))
  const rest = golfer.clubs.filter((club) => club.kind !== 'wedge')
  const [three, five] = rest.filter(({ kind }) => kind === 'wood')
  if (i % 3 === 0 && three && five) five.trueCarryM = three.trueCarryM + yards(roll.between(-3, 4))
  const missing = new Set(
    Array.from({ length: Math.floor(roll.between(0, 3)) }, () => Math.floor(roll.between(1, rest.length))),
  )
  return {
    ...golfer,
    clubs: [...rest.filter((_, at) => !missing.has(at)), ...(pitching ? [pitching] : []), ...wedges],
  }
}

/** What a wedge of a loft carries borderline through the golfer's own. */
function wedgeCarry({ clubs }: HiddenGolfer, loftDeg: number): number {
  const wedges = clubs.filter(({ kind }) => kind === 'wedge')
  const [a, b] = [wedges[0], wedges.at(-1)]
  if (!a || !b || a === b) return 0
  return a.trueCarryM + ((loftDeg - a.loftDeg) / (b.loftDeg - a.loftDeg)) * (b.trueCarryM - a.trueCarryM)
}

const TIMED = 60

/** How long everything about fixes of 14 clubs takes, and what an analysis of the same bag does. */
export function refitTimed(): string[] {
  const times: number[] = []
  const analyses: number[] = []
  for (let i = 0; i < TIMED; i++) {
    const roll = dice(9000 + i)
    const { clubs, shots } = hitOn(withWrongLofts(makeHiddenGolfer('g', roll), roll).golfer, roll)
    const began = performance.now()
    const analysis = analyseBag({ clubs, shots })
    const from = performance.now()
    analyses.push(from - began)
    const days = new Map(clubs.map(({ id }) => [id, VISITS]))
    refit({ clubs, analysis, days })
    times.push(performance.now() - from)
  }
  const [p50, p95, one] = [quantile(times, 0.5), quantile(times, 0.95), quantile(analyses, 0.5)]
  return [
    `all fixes, 12 to 14 clubs: p50 ${p50.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms (wanted under 100); one analyseBag ${one.toFixed(0)} ms: ${(p50 / one).toFixed(2)} times`,
  ]
}
