import { afterEach, describe, expect, it, vi } from 'vitest'
import type { ClubId } from '@/core/model/ids'
import { EMPTY_SET_UP } from '@/core/session/set-up'
import type { Block } from '@/core/session/plan'
import { stationKey } from '@/core/model/station'
import { bayStartView } from '@/views/bay-view'
import { NOW_MS, storeWithGolfer } from '../../../../tests/store'
import {
  blocksOf,
  daysOf,
  chosenStations,
  firstDraft,
  keepStart,
  keptStart,
  keyInColumn,
  planOf,
  readBlocks,
  stationsOf,
  withShotsEach,
  withStations,
  writeBlocks,
  type PlanDraft,
  type PlanSource,
} from './plan-draft'

const { db, golfer, bag, clubId } = storeWithGolfer()
const view = bayStartView(db, golfer, NOW_MS)
if (!view) throw new Error('there is a bag')
const source: PlanSource = view
const full = (name: string) => ({ clubId: clubId(name), swing: 'full' })
const keys = (...names: string[]) => names.map((name) => stationKey(full(name)))

describe('a plan in the making', () => {
  it('starts with every club’s full swing but the putter’s, or with what was put aside for it', () => {
    const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
    expect(firstDraft(source).stations).toHaveLength(clubs.length)
    expect(firstDraft({ ...source, wanted: [full('8-iron')] }).stations).toEqual(keys('8-iron'))
    // Woods and hybrids are hit off a tee too.
    const teed = clubs.filter(({ kind }) => kind === 'wood' || kind === 'hybrid').length
    expect(stationsOf(source)).toHaveLength(clubs.length * golfer.swings.length + teed)
  })

  it('goes round all clubs three shots at a time, shortest first, and shares what is left over', () => {
    const draft = { ...firstDraft(source), stations: keys('8-iron', '9-iron'), shotsEach: 5 }
    expect(blocksOf(draft, source)).toEqual([
      { ...full('9-iron'), shots: 3 },
      { ...full('8-iron'), shots: 3 },
      { ...full('9-iron'), shots: 2 },
      { ...full('8-iron'), shots: 2 },
    ])
  })

  it('is split over days that are not longer than the golfer hits, and loses no shot', () => {
    const draft = { ...firstDraft(source), shotsEach: 12, longestMin: 45 }
    const days = daysOf(draft, source)
    expect(days.length).toBeGreaterThan(1)
    for (const { seconds } of days) expect(seconds).toBeLessThanOrEqual(45 * 60)
    const plan = planOf(draft, source)
    expect(plan?.blocks.reduce((sum, { shots }) => sum + shots, 0)).toBe(12 * draft.stations.length)
    expect(plan?.blocks.map(({ day }) => day)).toEqual(
      plan?.blocks.map(({ day }) => day).sort((a, b) => a - b),
    )
  })

  it('hits until confirmed only where an order is followed, and then twelve at most', () => {
    const draft = { ...firstDraft(source), stations: keys('8-iron'), shotsEach: 'until-settled' as const }
    const plan = planOf({ ...draft, choice: 'short-to-long' }, source)
    expect(plan).toMatchObject({ untilSettled: true, blocks: [{ shots: 12 }] })
    expect(
      planOf({ ...draft, choice: 'by-hand', byHand: [{ ...full('8-iron'), shots: 4 }] }, source),
    ).toMatchObject({
      untilSettled: false,
      blocks: [{ shots: 4 }],
    })
  })

  it('is none where the golfer hits as they like, or chose nothing', () => {
    expect(planOf({ ...firstDraft(source), choice: 'none' }, source)).toBeNull()
    expect(planOf({ ...firstDraft(source), stations: [] }, source)).toBeNull()
  })
})

it('a club that is only for the tee has its box there, for its whole swing', () => {
  const club = (job?: 'tee') => ({
    ...{ id: '2-iron' as ClubId, kind: 'iron' as const, loftDeg: 18 },
    build: job ? { job } : {},
  })
  const whole = stationKey({ clubId: '2-iron' as ClubId, swing: 'full' })
  expect(keyInColumn(club('tee'), 'teed', true)).toBe(whole)
  expect(keyInColumn(club('tee'), 'full', true)).toBeNull()
  // Where no other club has a column for the tee, the whole swing is the only one.
  expect(keyInColumn(club('tee'), 'full', false)).toBe(whole)
  expect(keyInColumn(club(), 'teed', true)).toBe(stationKey({ clubId: '2-iron' as ClubId, swing: 'teed' }))
  expect(keyInColumn({ ...club(), loftDeg: 32 }, 'teed', true)).toBeNull()
})

describe('a plan in an address', () => {
  it('reads back what it wrote', () => {
    const blocks = [
      { ...full('8-iron'), shots: 3 },
      { clubId: clubId('9-iron'), swing: 'half', shots: 200 },
    ]
    expect(readBlocks(writeBlocks(blocks), bag)).toEqual(blocks)
  })

  it.each([
    ['gone~full~3'],
    ['~~'],
    [''],
    ['8-iron'],
    [`${clubId('8-iron')}~full~0`],
    [`${clubId('8-iron')}~full~2.5`],
  ])('passes over %s', (text) => expect(readBlocks(text, bag)).toEqual([]))
})

describe('a plan that was not started', () => {
  const storage = (items: Record<string, string>) =>
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => items[key] ?? null,
      setItem: (key: string, value: string) => void (items[key] = value),
      removeItem: (key: string) => delete items[key],
    })
  afterEach(() => vi.unstubAllGlobals())

  const conditions = { place: 'range' as const, setUp: { ...EMPTY_SET_UP, ball: 'Range ball' }, warmUp: true }
  const keep = (plan: PlanDraft, of = source, proposed: Block[] = []) =>
    keepStart(golfer.id, { draft: { plan, ...conditions }, source: of, proposed }, NOW_MS)
  const kept = (of = source, proposed: Block[] = [], nowMs = NOW_MS) =>
    keptStart(golfer.id, of, proposed, nowMs)

  it('comes back without the clubs that left the bag, with its conditions on the same day', () => {
    storage({})
    const gone = { clubId: 'gone' as ClubId, swing: 'full' }
    keep({
      ...firstDraft(source),
      stations: [...keys('8-iron'), stationKey(gone)],
      byHand: [{ ...gone, shots: 3 }],
      shotsEach: 9,
    })
    expect(kept()).toMatchObject({
      plan: { stations: keys('8-iron'), byHand: [], shotsEach: 9 },
      ...conditions,
    })
    expect(Object.keys(kept(source, [], NOW_MS + 86_400_000) ?? {})).toEqual(['plan'])
    keepStart(golfer.id, null)
    expect(kept()).toBeNull()
  })

  it('gives way to what another page has requested for since, and stays where that was there before', () => {
    storage({})
    keep({ ...firstDraft(source), choice: 'by-hand', byHand: [{ ...full('8-iron'), shots: 4 }] })
    const requested = { ...source, wanted: [full('9-iron')] }
    expect(kept()?.plan?.byHand).toHaveLength(1)
    expect(kept(requested)?.plan).toBeUndefined()
    expect(kept(source, [{ ...full('8-iron'), shots: 3 }])?.plan).toBeUndefined()
    keep({ ...firstDraft(requested), shotsEach: 7 }, requested)
    expect(kept(requested)?.plan?.shotsEach).toBe(7)
  })

  it.each([['null'], ['5'], ['{"a":1}'], ['nonsense'], ['[]']])(
    'is none where the browser holds %s',
    (garbage) => {
      storage({ [`banco-plan ${golfer.id}`]: garbage })
      expect(kept()).toBeNull()
    },
  )

  it('is none where the browser keeps nothing, and nothing fails', () => {
    vi.stubGlobal('localStorage', undefined)
    expect(() => keep(firstDraft(source))).not.toThrow()
    expect(kept()).toBeNull()
  })
})

describe('a plan that was changed by hand', () => {
  const byHand: PlanDraft = {
    ...firstDraft(source),
    choice: 'by-hand',
    byHand: [
      { ...full('9-iron'), shots: 3 },
      { ...full('8-iron'), shots: 4 },
      { ...full('9-iron'), shots: 2 },
    ],
  }

  it('keeps its clubs to choose from: one that is added comes last, one that is dropped is gone', () => {
    expect(chosenStations(byHand)).toEqual(keys('9-iron', '8-iron'))
    const more = withStations({ ...byHand, shotsEach: 2 }, keys('9-iron', '8-iron', '7-iron'), source)
    expect(more.byHand).toEqual([...byHand.byHand, { ...full('7-iron'), shots: 2 }])
    expect(withStations(byHand, keys('8-iron'), source).byHand).toEqual([{ ...full('8-iron'), shots: 4 }])
  })

  it('takes any number of shots each in one step, in its own order', () => {
    expect(withShotsEach(byHand, 4, source)).toMatchObject({
      choice: 'by-hand',
      byHand: [
        { ...full('9-iron'), shots: 3 },
        { ...full('8-iron'), shots: 3 },
        { ...full('9-iron'), shots: 1 },
        { ...full('8-iron'), shots: 1 },
      ],
    })
  })
})
