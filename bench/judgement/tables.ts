import { dice } from '../../simulators/golfers/dice'
import { hitSession, inRounds } from '../../simulators/golfers/hit-session'
import { bothPlans, shotsToSettle } from './plans'
import { analyseGolfer, Score } from './score'
import { UNLIKE, USUAL, type World } from './worlds'

const COUNTS = [3, 4, 5, 6, 8, 10]
/** Shots a club at which unlike worlds are looked at. */
const UNLIKE_COUNTS = [5, 8]

/** Simulated golfers of one world who hit the same number of shots with every club, in rounds of three. */
export function scored(world: World, shotsEach: number, golfers: number, seed: number): Score {
  const score = new Score()
  for (let g = 0; g < golfers; g++) {
    const roll = dice(seedOfGolfer(seed, g, shotsEach))
    const golfer = world.golfer('g', roll)
    const shots = hitSession(golfer, inRounds(golfer.clubs, shotsEach), roll, { hit: world.hit })
    score.add(golfer, shots, analyseGolfer(golfer, shots))
  }
  return score
}

/** The judgement on usual golfers, line by line, with what the four ways by hand get wrong. */
export function* judgement(golfers: number, seed: number): Generator<string> {
  yield `${golfers} simulated golfers a line, seed ${seed}; lengths in yards, shares in per cent`
  yield HEAD
  const all = new Score()
  for (const count of COUNTS) {
    const score = scored(USUAL, count, golfers, seed)
    all.take(score)
    yield line(`${count} a club`, score)
  }
  yield line('all counts', all)
}

export function* worldsUnlike(golfers: number, seed: number): Generator<string> {
  yield `\nGolfers unlike those that constants were chosen on, ${golfers} a line`
  yield HEAD
  for (const world of UNLIKE) {
    for (const count of UNLIKE_COUNTS)
      yield line(`${world.name}, ${count}`, scored(world, count, golfers, seed))
  }
}

/** Shots to settle steps by what Banco proposes, against the same number with every club. */
export function* plans(golfers: number, seed: number): Generator<string> {
  const both = Array.from({ length: golfers }, (_, g) => bothPlans(USUAL, seedOfGolfer(seed, g, 99)))
  yield `\nShots to settle steps, ${golfers} golfers`
  for (const share of [0.6, 0.8]) {
    const next = shotsToSettle(
      both.map((each) => each.next),
      share,
    )
    const uniform = shotsToSettle(
      both.map((each) => each.uniform),
      share,
    )
    const saved = next && uniform ? `${percent(1 - next / uniform)}% fewer` : 'no comparison'
    yield `  ${percent(share)}% settled: as proposed ${next ?? 'never'}, every club alike ${uniform ?? 'over 300'}: ${saved}`
  }
}

const seedOfGolfer = (seed: number, golfer: number, count: number): number =>
  (seed * 1_000_003 + golfer * 101 + count) >>> 0

const COLUMNS = [
  ['bias', 6],
  ['rmse', 6],
  ['hold', 6],
  ['prec', 6],
  ['recall', 7],
  ['lost', 6],
  ['settled', 8],
  ['wrong', 7],
  ['by 2 yd', 8],
  ['calibr.', 8],
] as const
const HEAD = `${''.padEnd(31)}${COLUMNS.map(([name, width]) => name.padStart(width)).join('')}   wrong by hand: mean of all, by eye, best 3 of 5, median`

function line(name: string, { figures: f }: Score): string {
  const values = [
    f.bias.toFixed(2),
    f.rmse.toFixed(2),
    percent(f.hold),
    percent(f.precision),
    percent(f.recall),
    percent(f.goodLost),
    percent(f.settled),
    percent(f.wrong),
    percent(f.wrongBy2),
    percent(f.calibration),
  ]
  const cells = values.map((value, i) => value.padStart(COLUMNS[i]?.[1] ?? 8)).join('')
  return `${name.padEnd(31)}${cells}   ${f.byHand.map(({ wrong }) => percent(wrong).padStart(6)).join('')}`
}

const percent = (share: number): string => (100 * share).toFixed(1).replace(/\.0$/, '')
