import { repeatedLooks } from './looks'
import { bothPlans, meanAt, shotsToSettle } from './plans'
import type { Ratio } from './ratio'
import { Score } from './score'
import {
  analyseTrial,
  oneDay,
  ORDERS,
  seedOfTrial,
  trialsOf,
  type Order,
  type TrialOptions,
  type Trial,
} from './trial'
import { strikes } from './strikes'
import { HARD_WORLDS, manyDays, withTopped } from './hard-worlds'
import { heldByRange } from './held-by-range'
import { BY_MONITOR, DRAWN, FRESH, UNLIKE, USUAL, type World } from './worlds'
import type { Dice } from '../../simulators/golfers/dice'

const COUNTS = [3, 4, 5, 6, 8, 10]
/** Shots a club at which one thing is held against another. */
const FEW_COUNTS = [5, 8]
const LATE_COUNTS = [8, 10]

type TrialSettings = { golfers: number; seed: number; trialOptions?: TrialOptions; order?: Order }

/** Simulated golfers of one world who hit the same number of shots with every club on one day. */
const scored = (world: World, shotsEach: number, request: TrialSettings): Score =>
  scoredBy((order, roll) => oneDay(world, shotsEach, order, roll), shotsEach, request)

function scoredBy(
  hit: (order: Order, roll: Dice) => Trial,
  line: number,
  { golfers, seed, trialOptions: options = {}, order }: TrialSettings,
): Score {
  const score = new Score()
  for (const trial of trialsOf(golfers, seed, line, hit, order))
    score.add(trial, analyseTrial(trial, options))
  return score
}

function together(scores: readonly Score[]): Score {
  const all = new Score()
  for (const score of scores) all.take(score)
  return all
}

/** The judgement on usual golfers, line by line, with what the four ways by hand get wrong. */
export function* judgement(golfers: number, seed: number): Generator<string> {
  yield `${golfers} simulated golfers a line, seed ${seed}, half of them in rounds and half club after club; lengths in yards, shares in per cent, ± one standard error`
  yield HEAD
  const each = COUNTS.map((count) => scored(USUAL, count, { golfers, seed }))
  yield* each.map((score, i) => line(`${COUNTS[i]} a club`, score))
  const all = together(each)
  yield line('all counts', all)
  yield `\nWhat golfers do by hand: wrong verdicts`
  for (const { name, value, se } of all.figures.byHand) yield `  ${name.padEnd(20)} ${percent({ value, se })}`
}

/** The same in each order, on two days, by the second generator, and with an oracle. */
export function* differences(golfers: number, seed: number): Generator<string> {
  yield `\nIn one order`
  yield HEAD
  for (const order of Object.keys(ORDERS) as Order[])
    for (const count of LATE_COUNTS)
      yield line(`${order}, ${count}`, scored(USUAL, count, { golfers, seed, order }))
  yield `\nBy a second generator, in which no ball flies`
  yield HEAD
  const drawn = COUNTS.map((count) => scored(DRAWN, count, { golfers, seed }))
  for (const [i, score] of drawn.entries()) yield line(`drawn, ${COUNTS[i]} a club`, score)
  yield line('drawn, all counts', together(drawn))
  yield `\nWith an oracle: what limits the figures`
  yield HEAD
  for (const count of [3, ...FEW_COUNTS, 10]) {
    yield line(
      `${count}, every strike told`,
      scored(USUAL, count, { golfers, seed, trialOptions: { strikes: true } }),
    )
    yield line(
      `${count}, never tired`,
      scored(FRESH, count, { golfers, seed, trialOptions: { rested: true } }),
    )
    yield line(
      `${count}, both`,
      scored(FRESH, count, { golfers, seed, trialOptions: { strikes: true, rested: true } }),
    )
  }
}

/** How often a shot was solid that was said to be so with some probability. */
export function* reliability(golfers: number, seed: number): Generator<string> {
  yield `\nP(solid): what was so less what was said, in points, by tenths of what was said`
  for (const world of BY_MONITOR) {
    const all = together([3, 5, 8].map((count) => scored(world, count, { golfers, seed })))
    const tenths = all.strikes.tenths.map(({ n, predicted, so, se }) =>
      n === 0 ? '-' : `${points(so - predicted)}±${points(se)}`,
    )
    yield `  ${world.name.padEnd(16)} mean ${(100 * all.strikes.error).toFixed(1)}  ${tenths.map((each) => each.padStart(7)).join('')}`
  }
}

/** Golfers who look after every round and believe the first verdict that appears. */
export function* looks(golfers: number, seed: number): Generator<string> {
  const { first, predicted, settled, last } = repeatedLooks(USUAL, golfers, seed)
  yield `\nLooking after every round of three, ${golfers} golfers: the first verdict on a step is wrong in ${percent(first)}, where it said ${percent(predicted)}; after eight rounds ${percent(settled)} of the steps have had one, and those that stand then are wrong in ${percent(last)}`
}

export function* worldsUnlike(golfers: number, seed: number): Generator<string> {
  yield `\nGolfers unlike those that constants were chosen on, ${golfers} a line, ${FEW_COUNTS.join(' and ')} shots a club`
  yield HEAD
  for (const world of UNLIKE)
    yield line(world.name, together(FEW_COUNTS.map((count) => scored(world, count, { golfers, seed }))))
}

/** The worlds in which the judgement has broken before. */
export function* hardWorlds(golfers: number, seed: number): Generator<string> {
  yield `\nWorlds in which it has broken before, ${golfers} golfers a line, ${FEW_COUNTS.join(' and ')} shots a club`
  yield HEAD
  const scores = HARD_WORLDS.map(({ name, hit }) => {
    const each = FEW_COUNTS.map((count) =>
      scoredBy((order, roll) => hit(count, order, roll), count, { golfers, seed }),
    )
    return { name, each, all: together(each) }
  })
  for (const { name, each, all } of scores) {
    yield line(name, all)
    for (const [i, count] of FEW_COUNTS.entries()) yield line(`  ${count} a club`, each[i] as Score)
  }
  yield `\nBorderline: how often it is said, and wrong where it is`
  for (const { name, all } of [{ name: USUAL.name, all: usualScore(golfers, seed) }, ...scores])
    yield `  ${name.padEnd(46)} said ${percent(all.figures.borderline)}  wrong ${percent(all.figures.borderlineWrong)}`
  yield `\nStocks more than 8 yd short: the same golfers with 1 or 2 of 5 topped, with those shots never hit, and as they were`
  const plain = (order: Order, roll: Dice) => oneDay(USUAL, 5, order, roll)
  for (const [name, hit] of [
    ['topped', (order: Order, roll: Dice) => withTopped(plain(order, roll), roll)],
    ['never hit', (order: Order, roll: Dice) => withTopped(plain(order, roll), roll, 'never hit')],
    ['as they were', plain],
  ] as const) {
    const { short, shortShown } = scoredBy(hit, 5, { golfers, seed }).figures
    yield `  ${name.padEnd(14)} estimate ${percent(short)}  as shown ${percent(shortShown)}`
  }
}

const usualScore = (golfers: number, seed: number): Score =>
  together(FEW_COUNTS.map((count) => scored(USUAL, count, { golfers, seed })))

/** How often a stock that is shown lies at the end of its interval, and how often the row says why. */
export function* edges(golfers: number, seed: number): Generator<string> {
  const { atEdge, odd } = usualScore(golfers, seed).figures
  yield `\nStocks within 5% of the end of their interval without a sentence ${percent(atEdge)}; with one ${percent(odd)}`
}

/** What is said of the strike of golfers who strike all clubs alike, and of a club that is struck badly. */
export function* strikeWords(golfers: number, seed: number): Generator<string> {
  yield `\nStrike, 8 shots a club, ${golfers} golfers`
  for (const { name, falseStrikes, lofts, practise, found } of strikes(golfers, seed))
    yield `  ${name.padEnd(16)} all struck alike: "strike" of ${percent(falseStrikes)}, "loft" of ${percent(lofts)} of clubs; a club to practise for ${percent(practise)} of golfers${found ? `; of clubs struck badly and seen to be off, found ${percent(found)}` : ''}`
}

/** How much of later good shots the typical range holds. */
export function* ranges(golfers: number, seed: number): Generator<string> {
  yield `\nLater good shots inside the typical range, ${golfers} golfers`
  for (const count of [3, 8, 20]) yield `  ${count} a club ${percent(heldByRange(golfers, seed, count))}`
}

/** One to four days, each with its own factor, against the carry in the long run. */
export function* longRun(golfers: number, seed: number): Generator<string> {
  yield `\nAgainst the carry in the long run, days of 1.5%, ${golfers} golfers`
  for (const [days, shots] of [
    [1, 5],
    [1, 12],
    [2, 5],
    [4, 5],
  ] as const) {
    const score = scoredBy((order, roll) => manyDays(days, shots, order, roll), 50 + 10 * days + shots, {
      golfers,
      seed,
    })
    const { rmse, rmseShown, shownHeld, halfShown, settled, wrong } = score.figures
    yield `  ${`${shots} shots on each of ${days} day${days > 1 ? 's' : ''}`.padEnd(28)} interval holds ${percent(shownHeld)}, half width ${yards(halfShown)}; rmse of the estimate ${yards(rmse)}, of the mean of good shots ${yards(rmseShown)}; settled ${percent(settled)}, wrong ${percent(wrong)}`
  }
}

/** Shots to settle gaps by what Banco proposes, against the same number with every club. */
export function* plans(golfers: number, seed: number): Generator<string> {
  const both = Array.from({ length: golfers }, (_, g) => bothPlans(USUAL, seedOfTrial(seed, g, 99)))
  yield `\nShots to settle steps, ${golfers} golfers`
  const [asProposed, alike] = [both.map(({ next }) => next), both.map(({ uniform }) => uniform)]
  for (const share of [0.6, 0.8]) {
    const [next, uniform] = [shotsToSettle(asProposed, share), shotsToSettle(alike, share)]
    const saved = next && uniform ? `${(100 * (1 - next / uniform)).toFixed(0)}% fewer` : 'no comparison'
    const wrong = next ? (100 * meanAt(asProposed, next, 'wrong')) / share : 0
    yield `  ${100 * share}% settled: as proposed ${next ?? 'never'}, ${wrong.toFixed(1)}% of them wrong; every club alike ${uniform ?? 'over 300'}: ${saved}`
  }
}

const COLUMNS = [
  ['bias', 'yards'],
  ['rmse', 'yards'],
  ['half width', 'yards'],
  ['hold', 'share'],
  ['precision', 'share'],
  ['recall', 'share'],
  ['good lost', 'share'],
  ['settled', 'share'],
  ['wrong', 'share'],
  ['by 2 yd', 'share'],
  ['calibr.', 'plain'],
  ['P(solid)', 'plain'],
] as const
const WIDTH = 12
const NAME_WIDTH = 44
const HEAD = `${''.padEnd(NAME_WIDTH)}${COLUMNS.map(([name]) => name.padStart(WIDTH)).join('')}`

function line(name: string, score: Score): string {
  const f = score.figures
  const values = [
    yards(f.bias),
    yards(f.rmse),
    yards(f.halfWidth),
    percent(f.acquire),
    percent(f.precision),
    percent(f.recall),
    percent(f.goodLost),
    percent(f.settled),
    // A share of a handful of gaps says nothing.
    score.settledGaps < FEWEST_SETTLED ? `of ${score.settledGaps}` : percent(f.wrong),
    score.settledGaps < FEWEST_SETTLED ? '-' : percent(f.wrongBy2),
    (100 * score.verdicts.error).toFixed(1),
    (100 * score.strikes.error).toFixed(1),
  ]
  return `${name.padEnd(NAME_WIDTH)}${values.map((value) => value.padStart(WIDTH)).join('')}`
}
const FEWEST_SETTLED = 40

const yards = ({ value, se }: Ratio): string => `${value.toFixed(2)}±${se.toFixed(2)}`
const percent = ({ value, se }: Ratio): string => `${(100 * value).toFixed(1)}±${(100 * se).toFixed(1)}`
const points = (share: number): string => (100 * share).toFixed(0)
