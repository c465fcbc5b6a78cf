import { beforeAll, describe, expect, it } from 'vitest'
import { DEMO_SEED, fillNetLoft } from '../../demo/net-loft'
import { numberFound } from '@/core/course/number'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId, RoundId } from '@/core/model/ids'
import { yards } from '@/core/units'
import { setDay, dayOf } from '@/store/course-days'
import { openDatabase, type Database } from '@/store/database'
import { changeGolfer, golferById } from '@/store/golfers'
import { openRound, roundsOf, setAsOnCourse } from '@/store/rounds'
import { len } from '@/text/numbers'
import { bayToCourseOf } from './bay-to-course-view'
import { comparedBag } from './bag-analysis'
import { courseView } from './course-view'
import { gapsView } from './gaps-view'
import { numberView } from './number-view'
import { cardView } from './paper-view'
import { roundsView } from './rounds-view'
import { offlineCardView } from './offline-card-view'
import { wedgesView } from './wedges-view'

const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)
let db: Database
const golferOf = (id: string): Golfer => {
  const golfer = golferById(db, id as GolferId)
  if (!golfer) throw new Error(`the demo has no ${id}`)
  return golfer
}
beforeAll(() => {
  db = openDatabase(':memory:')
  fillNetLoft(db, { seed: DEMO_SEED, nowMs: NOW_MS })
})

describe.each(['demo-tilda', 'demo-marek', 'demo-junia'])('the numbers of %s', (id) => {
  it('are one on the card of the day, on the number, on paper and on the offline card', () => {
    for (const lengthUnit of ['yd', 'm'] as const) {
      changeGolfer(db, golferOf(id), { lengthUnit })
      const golfer = golferOf(id)
      const course = courseView(db, golfer, NOW_MS)
      const number = numberView(db, golfer, NOW_MS)
      const card = cardView(db, golfer, NOW_MS, 'day')
      const taken = offlineCardView(db, golfer, NOW_MS)
      if (!course || !number || !card || !taken) throw new Error('the golfer has a bag')
      expect(number.shots.length).toBeGreaterThan(4)
      number.shots.forEach((shot, i) => {
        const line = course.card.lines.find(
          ({ clubId, swing }) => clubId === shot.clubId && swing === shot.swing,
        )
        const carry = line?.ofDay ?? line?.measured
        expect(shot.carryM).toBe(carry?.atM)
        expect(taken.shots[i]?.carryM).toBeCloseTo(shot.carryM, 3)
        if (line?.total) expect(shot.carryM + shot.runM).toBeCloseTo(line.total.atM, 9)
        const name = number.bag.clubs.find(({ id: club }) => club === shot.clubId)?.name
        const onPaper = card.lines.find((each) => each.name === name)
        if (shot.swing === 'full' && onPaper?.carry !== '–')
          expect(onPaper?.carry).toBe(len(shot.carryM, golfer))
      })
      expect(taken.card.lines.map(([name, carry]) => [name, carry])).toEqual(
        card.lines.map(({ name, carry }) => [name, carry]),
      )
      // The same question has the same answer from the file's shots.
      const request = {
        ...{
          leftM: yards(140),
          by: 'carry' as const,
          heightM: 3,
          tailwindMps: -4,
          dayWindMps: number.day.tailwindMps,
        },
        ...{ fromTee: false, sure: golfer.sureness, over: { kind: 'water' as const, atM: yards(125) } },
      }
      const [own, file] = [
        number.shots,
        taken.shots.map((shot, i) => ({ ...number.shots[i]!, ...shot })),
      ].map((shots) =>
        numberFound(shots, request).map(({ shot, chance }) => [shot.clubId, chance.toFixed(3)]),
      )
      expect(file).toEqual(own)
    }
    changeGolfer(db, golferOf(id), { lengthUnit: 'yd' })
  })
})

describe('the offline card', () => {
  it('knows no shot, no session and no identity', () => {
    const taken = JSON.stringify(offlineCardView(db, golferOf('demo-tilda'), NOW_MS))
    const ids = db
      .prepare('SELECT id FROM club UNION SELECT id FROM session UNION SELECT id FROM golfer')
      .pluck()
      .all()
    for (const id of ids) expect(taken).not.toContain(String(id))
    expect(taken.length).toBeLessThan(40_000)
  })

  it('is the plain card alone while a competition round is under way, and so is all else', () => {
    const golfer = golferOf('demo-marek')
    const id = 'a competition' as RoundId
    openRound(db, golfer.id, {
      id,
      place: null,
      openedMs: NOW_MS,
      offsetMin: 0,
      competition: true,
      day: null,
    })
    const soon = NOW_MS + 60_000
    const taken = offlineCardView(db, golfer, soon)
    expect(taken?.shots).toEqual([])
    expect(taken?.card.lines.map(([, carry]) => carry)).toEqual(
      cardView(db, golfer, soon, 'card')?.lines.map(({ carry }) => carry),
    )
    expect(cardView(db, golfer, soon, 'day')).toEqual(cardView(db, golfer, soon, 'card'))
    for (const view of [
      courseView(db, golfer, soon),
      numberView(db, golfer, soon),
      wedgesView(db, golfer, soon, false),
    ])
      expect(view?.competitionUntilMs).toBe(Date.UTC(2026, 3, 12))
    const tomorrow = Date.UTC(2026, 3, 12, 0, 1)
    expect(numberView(db, golfer, tomorrow)?.competitionUntilMs).toBeNull()
  })
})

describe('bay to course', () => {
  it('is found by the stock in the air of each round, held only where it was asked for, and changes no stock', () => {
    const golfer = golferOf('demo-tilda')
    const irons = bayToCourseOf(db, golfer, NOW_MS).find(({ kind }) => kind === 'iron')
    expect(irons?.offered).toBe(true)
    // The simulator takes 3.5% of every carry on the course.
    expect(irons?.byM).toBeLessThan(0)
    const stocks = comparedBag(db, golfer, NOW_MS)?.analysis.stocks.map(({ carryM }) => carryM)
    const before = numberView(db, golfer, NOW_MS)
    setAsOnCourse(db, golfer.id, { kind: 'iron', on: true }, NOW_MS)
    // A kind that is not offered: asked for or not, nothing is held.
    const kinds = bayToCourseOf(db, golfer, NOW_MS).filter(({ offered }) => !offered)
    const [{ kind: notOffered } = { kind: 'driver' as const }] = kinds
    setAsOnCourse(db, golfer.id, { kind: notOffered, on: true }, NOW_MS)
    const after = numberView(db, golfer, NOW_MS)
    for (const shot of after?.shots ?? []) {
      const was = before?.shots.find(({ clubId, swing }) => clubId === shot.clubId && swing === shot.swing)
      const kind = after?.bag.clubs.find(({ id }) => id === shot.clubId)?.kind
      expect(shot.carryM - (was?.carryM ?? 0)).toBeCloseTo(kind === 'iron' ? (irons?.byM ?? 0) : 0, 6)
      expect(shot.asOnCourse).toBe(kind === 'iron' ? true : undefined)
      if (kind === 'iron') expect(shot.stockSdM).toBeGreaterThan(was?.stockSdM ?? Infinity)
    }
    expect(cardView(db, golfer, NOW_MS, 'day')?.notes.join(' ')).toContain(
      'as on the course, not as in the bay',
    )
    expect(comparedBag(db, golfer, NOW_MS)?.analysis.stocks.map(({ carryM }) => carryM)).toEqual(stocks)
    setAsOnCourse(db, golfer.id, { kind: 'iron', on: false }, NOW_MS)
    expect(numberView(db, golfer, NOW_MS)?.shots).toEqual(before?.shots)
  })
})

describe('rounds', () => {
  it('name the hole that is faced most, the same in the Log and in Gaps', () => {
    const golfer = golferOf('demo-tilda')
    const rounds = roundsView(db, golfer, NOW_MS)
    const gaps = gapsView(db, golfer, NOW_MS)
    expect(rounds?.use.reduce((sum, { shots }) => sum + shots, 0)).toBe(
      roundsOf(db, golfer.id).reduce((sum, { shots }) => sum + shots.length, 0),
    )
    expect(gaps?.demand).toEqual(rounds?.demand)
    expect(rounds?.uncovered.map(({ range }) => range).toSorted()).toEqual(
      gaps?.analysis.uncovered.toSorted(),
    )
    const often = rounds?.uncovered.map(({ shots }) => shots) ?? []
    expect(often).toEqual(often.toSorted((a, b) => b - a))
  })

  it('the ground that a golfer usually plays on begins their days, and a day that was set goes before it', () => {
    changeGolfer(db, golferOf('demo-junia'), { usualTurf: 'firm' })
    expect(courseView(db, golferOf('demo-junia'), NOW_MS)?.day.turf).toBe('firm')
    expect(dayOf(db, 'demo-junia' as GolferId)).toBeNull()
    const day = courseView(db, golferOf('demo-junia'), NOW_MS)?.day
    if (!day) throw new Error('there is a day')
    setDay(db, 'demo-junia' as GolferId, { ...day, turf: 'soft' }, NOW_MS)
    expect(courseView(db, golferOf('demo-junia'), NOW_MS)?.day.turf).toBe('soft')
  })
})
