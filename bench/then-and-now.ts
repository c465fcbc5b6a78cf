import { CHANGE_WORDS, compare, type ChangeWord, type ComparedStock } from '@/core/compare/compare'
import { trialBlocks } from '@/core/compare/trial'
import { FULL_SWING, fullSwingOf, atStation } from '@/core/model/station'
import { isHit } from '@/core/stock/stock'
import { sdOf } from '@/core/math/z90'
import type { ClubId } from '@/core/model/ids'
import { yards } from '@/core/units'
import { dice, type Dice } from '../simulators/golfers/dice'
import { makeHiddenGolfer, type HiddenClub, type HiddenGolfer } from '../simulators/golfers/hidden-golfer'
import { hitSession, inRounds, type PlannedShot } from '../simulators/golfers/hit-session'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { analyseTrial } from './judgement/trial'

/** What a day adds to all carries of a golfer. */
const DAY_SD = 0.02
const CHANGES_YD = [0, 3, 6]
const SHOTS = [5, 8, 12]

/** How often each word is right, of one club that truly changed between two sessions, and of two clubs on one day. */
export function thenAndNow(golfers: number, seed: number): string[] {
  const lines = [`${golfers} golfers, one club changed between two sessions (a day ± 2%), seed ${seed}`]
  for (const shots of SHOTS)
    lines.push(
      ...CHANGES_YD.map((yd) =>
        tallied(`two days, ${shots} shots, ${yd} yd`, golfers, seed, (roll) => twoDays(roll, shots, yd)),
      ),
    )
  lines.push('the same as a fair trial of two clubs on one day, A B B A')
  for (const rounds of [1, 2])
    lines.push(
      ...CHANGES_YD.map((yd) =>
        tallied(`one day, ${6 * rounds} of each, ${yd} yd`, golfers, seed, (roll) =>
          oneDay(roll, rounds, yd),
        ),
      ),
    )
  return lines
}

type Seen = { word: ChangeWord; differenceM: number } | null

function tallied(name: string, golfers: number, seed: number, once: (roll: Dice) => Seen): string {
  const words: Record<ChangeWord, number> = { real: 0, none: 0, open: 0 }
  let [all, turned] = [0, 0]
  for (let i = 0; i < golfers; i++) {
    const seen = once(dice(seed + i))
    if (!seen) continue
    all++
    words[seen.word]++
    if (seen.word === 'real' && seen.differenceM < 0) turned++
  }
  const share = (n: number) => `${((100 * n) / all).toFixed(1)}%`.padStart(7)
  return `${name.padEnd(32)}${CHANGE_WORDS.map((word) => `${word} ${share(words[word])}`).join('  ')}  the wrong way ${share(turned)}`
}

/** The golfer on a day, with one club longer by something. */
const onDay = (golfer: HiddenGolfer, day: number, changed: string, longerM: number): HiddenGolfer => ({
  ...golfer,
  clubs: golfer.clubs.map((club) => ({
    ...club,
    trueCarryM: day * (club.trueCarryM + (club.name === changed ? longerM : 0)),
  })),
})

function twoDays(roll: Dice, shots: number, yd: number): Seen {
  const golfer = makeHiddenGolfer('g', roll)
  const changed = golfer.clubs[Math.floor(roll.between(3, golfer.clubs.length))] as HiddenClub
  const sides = [0, yards(yd)].map((longerM, day) => {
    const then = onDay(golfer, 1 + roll.normal(0, DAY_SD), changed.name, longerM)
    return sideOf(then, inRounds(then.clubs, shots), changed.name, String(day), roll)
  })
  return between(sides)
}

function oneDay(roll: Dice, rounds: number, yd: number): Seen {
  const golfer = makeHiddenGolfer('g', roll)
  const old = golfer.clubs[Math.floor(roll.between(3, golfer.clubs.length))] as HiddenClub
  const fresh = { ...old, name: 'new', trueCarryM: old.trueCarryM + yards(yd) }
  const clubs = [old, fresh]
  const plan = Array.from({ length: rounds }, () =>
    trialBlocks(fullSwingOf(old.name as ClubId), fullSwingOf('new' as ClubId)),
  )
    .flat()
    .flatMap(({ clubId, shots }): PlannedShot[] => {
      const club = clubs.find(({ name }) => name === clubId) as HiddenClub
      return Array.from({ length: shots }, () => ({ club, swing: FULL_SWING }))
    })
  const { stocks } = analyseTrial({
    golfer: { ...golfer, clubs },
    shots: hitSession({ ...golfer, clubs }, plan, roll),
  })
  return between(clubs.map(({ name }) => side(stocks, name, 'one')))
}

function sideOf(
  golfer: HiddenGolfer,
  plan: PlannedShot[],
  club: string,
  day: string,
  roll: Dice,
): ComparedStock | null {
  return side(analyseTrial({ golfer, shots: hitSession(golfer, plan, roll) }).stocks, club, day)
}

function side(stocks: BagAnalysis['stocks'], club: string, day: string): ComparedStock | null {
  const stock = atStation(stocks, fullSwingOf(club as ClubId))
  if (!isHit(stock)) return null
  const { carryM, count, model } = stock
  return { carryM, count, sdM: sdOf(model), days: new Map([[day, 1]]) }
}

function between([a, b]: (ComparedStock | null)[]): Seen {
  if (!a || !b) return null
  const { word, differenceM } = compare(a, b)
  return { word, differenceM }
}
