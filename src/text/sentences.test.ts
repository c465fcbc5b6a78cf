import { describe, expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { makeHiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import { hitShot } from '../../simulators/golfers/hit-shot'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { takeShots } from '@/store/shots'
import type { ShotId } from '@/core/model/ids'
import { isJudged, isMeasured } from '@/core/gaps/gap'
import { clubNames } from './names'
import { finding } from './finding'
import { nextLine, nextReason, oddSentence, offCurveSentence, warningSentence } from './reasons'
import { adviceLines } from './advice'
import {
  oneLessSentence,
  paperNames,
  proposalSentence,
  reachDriverSentence,
  runUpSentence,
  sameJobSentence,
  topEndSentence,
} from './refit'
import { needWords, gapSentences, confidence, verdictSentences, verdictWords } from './verdicts'
import { reachesSentence } from './wedges'
import { bagAnalysis } from '@/views/bag-analysis'
import { refitView } from '@/views/refit-view'
import { wedgesView } from '@/views/wedges-view'

/** What no sentence may hold, whatever the bag: a number that says nothing, or one that is none. */
const EMPTY = [
  /NaN|undefined|null|Infinity/,
  /\b0\.0 (yd|m)\b|\(0\.0%\)/,
  /\b(\d+(?:\.\d)?)(?: to |–)\1\b/,
  /\b0 times|\b100 times|\b0% chance|\b100% chance/,
  / {2}|\.\.|,,|: \.| ,/,
]

/** A bag of a simulated golfer of which only some clubs were hit, each so many times. */
function bagOfChance(seed: number) {
  const roll = dice(seed)
  const hidden = makeHiddenGolfer(`golfer ${seed}`, roll)
  const store = storeWithGolfer()
  const { db, bag, sessionId } = store
  const each = [1, 2, 3, 5, 8][Math.floor(roll.between(0, 5))]!
  let position = 0
  for (const { id, name, kind, loftDeg } of bag.clubs) {
    if (kind === 'putter' || !roll.chance(0.7)) continue
    const off = (club: { loftDeg: number }) => Math.abs(club.loftDeg - (loftDeg ?? 0))
    const [club] = hidden.clubs.toSorted((a, b) => off(a) - off(b))
    const shots = Array.from({ length: each }, (_, i) => ({
      ...hitShot(hidden, club!, { swing: 'full', position: position++ }, roll).flight,
      id: `${name}-${i}` as ShotId,
      sessionId,
      source: 'monitor' as const,
      hitMs: NOW_MS + position * 30_000,
      clubLabel: null,
      clubId: id,
      swing: 'full',
      heldBecause: null,
    }))
    takeShots(db, shots)
  }
  return { ...store, nowMs: NOW_MS + 3_600_000 }
}

/** Every sentence that the pages of a bag say, with what it needs. */
function sentencesOf(seed: number): [what: string, sentence: string][] {
  const { db, golfer, nowMs } = bagOfChance(seed)
  const { bag, analysis } = bagAnalysis(db, golfer, nowMs)!
  const name = clubNames(bag)
  const { refit } = refitView(db, golfer, nowMs)!
  const paper = paperNames(bag)
  const { found } = wedgesView(db, golfer, nowMs, false)!
  const sentences: [string, string | null][] = [
    ['finding', finding(bag, analysis, golfer).sentence],
    ...analysis.gaps.flatMap((gap): [string, string | null][] => [
      ['verdict', verdictWords(gap, golfer)],
      ['need', needWords(gap)],
      ...(isMeasured(gap)
        ? gapSentences(gap, analysis.stocks, golfer, name).map((each): [string, string] => ['step', each])
        : []),
      ...(isJudged(gap) ? verdictSentences(gap, golfer).map((each): [string, string] => ['why', each]) : []),
    ]),
    ...analysis.stocks.flatMap((stock): [string, string | null][] => [
      ['off the curve', offCurveSentence(stock.offCurve, golfer, false)],
      ['odd', oddSentence(stock, golfer)],
    ]),
    ...analysis.warnings.map((each): [string, string] => ['warning', warningSentence(each, golfer, name)]),
    ['next', nextLine(analysis.next, name)],
    ...analysis.next.map((each): [string, string] => ['next because', nextReason(each, name)]),
    ...refit.sameJobs.map((each): [string, string] => ['same job', sameJobSentence(each, name)]),
    ['top end', refit.topEnd && topEndSentence(refit.topEnd, golfer)],
    [
      'reaches the driver',
      refit.reachDriver.length > 0 ? reachDriverSentence(refit.reachDriver, name) : null,
    ],
    ...(refit.fewer?.less ?? []).map((each): [string, string] => [
      'fewer',
      oneLessSentence(each, name, golfer),
    ]),
    ...refit.proposals.map((each): [string, string] => ['proposal', proposalSentence(each, paper, golfer)]),
    ...adviceLines(refit, paper, golfer).map((each): [string, string] => ['advice', each]),
    ['runs up', refit.runUp.length > 0 ? runUpSentence(refit.runUp, name) : null],
    [
      'reaches',
      reachesSentence(found.reaches, golfer, {
        swing: 'wedge swing',
        shots: found.shots.length,
        isCovered: found.uncovered.length === 0,
      }),
    ],
  ]
  return sentences.flatMap(([what, sentences]) => (sentences ? [[what, sentences] as [string, string]] : []))
}

describe('sentences about bags of which only part was hit', () => {
  it.each(Array.from({ length: 24 }, (_, i) => i + 1))('say nothing that their data do not (%i)', (seed) => {
    for (const [what, sentences] of sentencesOf(seed))
      for (const pattern of EMPTY)
        expect([what, sentences]).not.toEqual([what, expect.stringMatching(pattern)])
  })

  it('need what they speak of: “likely” three shots each, fewer clubs all of them hit', () => {
    for (let seed = 1; seed <= 24; seed++) {
      const { db, golfer, nowMs } = bagOfChance(seed)
      const { bag, analysis } = bagAnalysis(db, golfer, nowMs)!
      const countOf = (id: string) =>
        analysis.stocks.find(({ clubId, swing }) => clubId === id && swing === 'full')?.count ?? 0
      for (const gap of analysis.gaps)
        if (['leaning', 'settled'].includes(confidence(gap)))
          expect(Math.min(countOf(gap.longerId), countOf(gap.shorterId))).toBeGreaterThanOrEqual(3)
      const { refit } = refitView(db, golfer, nowMs)!
      if (refit.fewer)
        for (const { id, kind } of bag.clubs) expect(kind === 'putter' || countOf(id) > 0).toBe(true)
    }
  })
})
