import { describe, expect, it } from 'vitest'
import { around, goodBag, hit, read, SIX, speedFor } from '../../../tests/shots'
import { dice } from '../../../simulators/golfers/dice'
import { Score } from '../../../bench/judgement/score'
import { analyseTrial, oneDay, seedOfTrial, type Order } from '../../../bench/judgement/trial'
import { BY_MONITOR } from '../../../bench/judgement/worlds'
import { lengthIn, yards } from '../units'
import { Sums } from './club-centre'
import { judgeStations } from './judge-stations'
import { NO_LINES } from './lines-of-bag'
import { restMissedLogOdds } from './rest-missed'
import { pooledSpread } from './spread'
import { StrikeLikelihood } from './strike-likelihood'

const model = (shots: Parameters<typeof read>[1]) => judgeStations(SIX, read(SIX, shots))
const CLUB_SPEED = 47

describe('smash', () => {
  const struck = (carry: number, ballSpeed: number, clubSpeed: number) =>
    hit('7-iron', [carry], { ballSpeedMps: ballSpeed, clubSpeedMps: clubSpeed })
  const usual = [0, 0.006, -0.008, 0.004, -0.005].flatMap((off) =>
    struck(160 * Math.exp(1.4 * off), speedFor(160) * Math.exp(off), CLUB_SPEED * Math.exp(off / 2)),
  )
  const others = goodBag()
    .filter(({ clubId }) => clubId !== '7-iron')
    .map((shot, i) => ({
      ...shot,
      clubSpeedMps: shot.ballSpeedMps! / (1.4 * Math.exp(0.008 * Math.cos(i * 1.7))),
    }))
  const judgedLast = (last: Parameters<typeof read>[1]) => {
    const { readings } = read(SIX, [...others, ...usual, ...last])
    const { judged } = model([...others, ...usual, ...last])
    return judged[readings.length - 1]!
  }

  it('tells a slow swing, well met, from a lost strike of the same ball speed', () => {
    const lost = -0.045
    const carry = 160 * Math.exp(1.4 * lost)
    const slow = judgedLast(struck(carry, speedFor(160) * Math.exp(lost), CLUB_SPEED * Math.exp(lost)))
    const missed = judgedLast(struck(carry, speedFor(160) * Math.exp(lost), CLUB_SPEED))
    expect(slow.solidProbability).toBeGreaterThan(missed.solidProbability + 0.25)
  })

  it('that one misread club speed makes absurd takes no good shot out', () => {
    for (const factor of [0.87, 0.93, 1.2])
      expect(judgedLast(struck(161, speedFor(161), CLUB_SPEED * factor)).mark).toBe('solid')
  })
})

it('shots locked onto misses: the good ones of a club are not taken for another’s, and its stock is theirs', () => {
  const others = goodBag().filter(({ clubId }) => clubId !== '7-iron')
  const seven = [128, 130, 161, 159].flatMap((carry) =>
    hit('7-iron', [carry], { ballSpeedMps: speedFor(carry) + (carry < 140 ? 2.5 : 0), launchDeg: 19.5 }),
  )
  const { stations, judged } = model([...others, ...seven])
  const posterior = stations.find(({ club }) => club.id === '7-iron')!.posterior!
  expect(lengthIn(posterior.meanM, 'yd')).toBeGreaterThan(155)
  expect(judged.slice(-2).map(({ mark }) => mark)).toEqual(['solid', 'solid'])
})

it('what the golfer called solid is hardly the rest that was missed', () => {
  const logOdds = (called: { mark?: 'solid' }) => {
    const rest = [128, 130].flatMap((carry) =>
      hit('7-iron', [carry], { ballSpeedMps: speedFor(146), ...called }),
    )
    const suspects = [161, 159].flatMap((carry) => hit('7-iron', [carry], { ballSpeedMps: speedFor(carry) }))
    const { readings } = read(SIX, [...rest, ...suspects])
    const spread = pooledSpread([], new Float64Array(0))
    return restMissedLogOdds(readings.slice(2), Sums.of(readings.slice(0, 2)).centre(), {
      readings,
      expected: { carryM: yards(160), varianceM2: 16, curveVarianceM2: 9 },
      lines: NO_LINES,
      likelihood: new StrikeLikelihood(spread),
      spread,
    })
  }
  expect(logOdds({})).toBeGreaterThan(3)
  expect(logOdds({ mark: 'solid' })).toBeLessThan(logOdds({}) - 5)
})

it('a bag of good shots loses none, with and without club speed', () => {
  const shots = SIX.flatMap(({ id }, i) =>
    around([230, 198, 178, 160, 136, 120][i]!, 6).flatMap((carry) => hit(id, [carry])),
  )
  for (const clubSpeedMps of [undefined, CLUB_SPEED]) {
    const with_ = shots.map((shot) => ({
      ...shot,
      ballSpeedMps: speedFor(lengthIn(shot.carryM!, 'yd')),
      ...(clubSpeedMps && { clubSpeedMps: speedFor(lengthIn(shot.carryM!, 'yd')) / 1.4 }),
    }))
    expect(model(with_).judged.every(({ mark }) => mark === 'solid')).toBe(true)
  }
})

// Seeded simulated golfers, not those that constants were chosen on: `npm run bench:judgement` is the long form.
it('keeps the word of its probabilities, whatever the monitor measures', () => {
  for (const world of BY_MONITOR) {
    const score = new Score()
    for (let g = 0; g < 24; g++) {
      const order: Order = g % 2 === 0 ? 'rounds' : 'club after club'
      const trial = oneDay(world, 6, order, dice(seedOfTrial(60_001, g, 6)))
      score.add(trial, analyseTrial(trial))
    }
    const { precision, recall, goodLost } = score.figures
    expect(score.strikes.error, world.name).toBeLessThan(0.05)
    expect(precision.value, world.name).toBeGreaterThan(0.88)
    expect(recall.value, world.name).toBeGreaterThan(0.6)
    expect(goodLost.value, world.name).toBeLessThan(0.02)
  }
})
