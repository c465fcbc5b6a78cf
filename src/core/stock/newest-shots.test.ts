import { describe, expect, it } from 'vitest'
import { analyseBag } from '../analyse-bag'
import type { Shot } from '../shots/shot'
import { around, goodBag, hit, SIX } from '../../../tests/shots'
import { NEWEST, newestShots } from './newest-shots'

/** So many shots of each session with one club, oldest session first. */
const sessions = (counts: readonly number[], more: Partial<Shot> = {}): Shot[] =>
  counts.flatMap((count, session) =>
    hit('7-iron', around(160, count), { session, ...more }).map((shot, sequence) => ({ ...shot, sequence })),
  )
const takenBySession = (shots: readonly Shot[]) => {
  const { taken } = newestShots(shots)
  return [0, 1, 2, 3, 4].map((session) => taken.filter((shot) => shot.session === session).length)
}

describe('the shots of a stock', () => {
  it('are all there are, where they are few', () => {
    const shots = goodBag(8)
    expect(newestShots(shots)).toEqual({ taken: shots, older: [] })
  })

  it('are the newest sixty, and how many older ones were passed over is known', () => {
    expect(takenBySession(sessions([20, 20, 20, 20, 20]))).toEqual([0, 0, 20, 20, 20])
    expect(newestShots(sessions([20, 20, 20, 20, 20])).older).toMatchObject([{ clubId: '7-iron', shots: 40 }])
    expect(takenBySession(sessions([20, 20, 20, 20, 12]))).toEqual([0, 8, 20, 20, 12])
  })

  it('come from three sessions at least: one long one does not speak alone', () => {
    expect(takenBySession(sessions([100, 100, 100, 100, 100]))).toEqual([0, 0, 30, 30, 60])
    expect(takenBySession(sessions([0, 0, 5, 4, 200]))).toEqual([0, 0, 5, 4, 60])
  })

  it('are not pushed out by those that the golfer left out', () => {
    const shots = sessions([60, 60]).map((shot): Shot =>
      shot.session === 1 && shot.sequence % 2 === 0 ? { ...shot, mark: 'fat' } : shot,
    )
    const counted = newestShots(shots).taken.filter(({ mark }) => mark === undefined)
    expect(counted.length).toBeGreaterThanOrEqual(NEWEST.shots)
  })

  it('in calm air are not pushed out by newer ones in wind, unless the golfer counts those', () => {
    const shots = sessions([60, 60]).map((shot): Shot =>
      shot.session === 1 ? { ...shot, exclusion: 'wind' } : shot,
    )
    const calm = (windCounts: boolean) =>
      newestShots(shots, windCounts).taken.filter(({ exclusion }) => exclusion === undefined).length
    expect([calm(false), calm(true)]).toEqual([60, 30])
    const stock = analyseBag({ clubs: SIX, shots }).stocks.find(({ clubId }) => clubId === '7-iron')
    expect([stock?.count, stock?.conditions?.excluded.length]).toEqual([60, 60])
    const windy = sessions([60, 60, 60, 60], { exclusion: 'wind' })
    expect(newestShots(windy).older).toMatchObject([{ shots: 120 }])
  })

  it('are the same in whatever order they are given', () => {
    const shots = sessions([40, 40, 40])
    const ids = (list: readonly Shot[]) =>
      newestShots(list)
        .taken.map(({ id }) => id)
        .sort()
    expect(ids(shots.toReversed())).toEqual(ids(shots))
  })

  it('of one club leave those of the others alone', () => {
    const others = goodBag(5).filter(({ clubId }) => clubId !== '7-iron')
    const { taken } = newestShots([...others, ...sessions([50, 50, 50, 50])])
    expect(taken.filter(({ clubId }) => clubId !== '7-iron')).toEqual(others)
  })

  it('make the stock, and only they are judged', () => {
    const { stocks, shots } = analyseBag({ clubs: SIX, shots: sessions([30, 30, 30, 30]) })
    const stock = stocks.find(({ clubId }) => clubId === '7-iron')
    expect(stock?.older).toBe(30)
    expect(shots).toHaveLength(90)
    // What was passed over before it was handed in is counted, too.
    const older = [{ clubId: SIX[3]!.id, swing: 'full', shots: 322 }]
    const again = analyseBag({ clubs: SIX, shots: sessions([30, 30, 30]), older })
    expect(again.stocks.find(({ clubId }) => clubId === '7-iron')).toMatchObject({ older: 322 })
  })
})
