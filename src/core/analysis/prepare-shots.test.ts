import { expect, it } from 'vitest'
import type { OwnedClub } from '../bag/bag'
import type { ClubId, SessionId, ShotId } from '../model/ids'
import { PLAIN, type Conditions } from '../session/conditions'
import type { Correction } from '../monitors/correction'
import { EMPTY_SET_UP } from '../session/set-up'
import {
  prepareShots,
  selectShots,
  type DatedRow,
  type MeasuredRow,
  type SelectedShot,
  type ShotFilter,
} from './prepare-shots'

const SEVEN = '7-iron' as ClubId
const CLUB: OwnedClub = { id: SEVEN, name: '7-iron', kind: 'iron', loftDeg: 32, build: {}, sinceMs: 1000 }
const ALL: ShotFilter = { sinceMs: 0, untilMs: 9000, monitor: null, ball: null, surface: null }

const row = (seq: number, hitMs: number, more: Partial<DatedRow> = {}): DatedRow => ({
  ...{ seq, hitMs, monitor: null, source: 'typed', clubId: SEVEN, swing: 'full', mark: null },
  ...more,
})
const select = (
  shots: DatedRow[],
  filter: Partial<ShotFilter> = {},
  conditions: Record<number, Partial<Conditions>> = {},
): SelectedShot[] =>
  selectShots([{ id: 's' as SessionId, setUp: { ...EMPTY_SET_UP, ball: 'own ball' }, shots }], {
    clubs: [CLUB],
    conditions: (_, seq) => ({ ...PLAIN, ...conditions[seq] }),
    filter: { ...ALL, ...filter },
    stocksOff: null,
    windCounts: false,
  }).taken
const seqs = (shots: readonly SelectedShot[]) => shots.map(({ seq }) => seq)

it('selects the shots of the wanted clubs since their last change, within the time', () => {
  const shots = [
    row(1, 900),
    row(2, 1000),
    row(3, 1100, { clubId: 'other' as ClubId }),
    row(4, 8000),
    row(5, 9000),
  ]
  expect(seqs(select(shots))).toEqual([2, 4])
  expect(seqs(select(shots, { sinceMs: 1000 }))).toEqual([4])
})

it('selects by monitor, ball and surface; what the shot does not name its session does', () => {
  const shots = [row(1, 2000, { monitor: 'A' }), row(2, 2000), row(3, 2000, { monitor: 'B' })]
  expect(seqs(select(shots, { monitor: 'A' }))).toEqual([1])
  expect(seqs(select(shots, { ball: 'Own Ball' }, { 3: { ball: 'range ball' } }))).toEqual([1, 2])
  expect(seqs(select(shots, { surface: 'mat' }, { 2: { surface: 'mat' } }))).toEqual([2])
})

it('names why a shot is excluded, and numbers the shots of a session', () => {
  const shots = select([row(1, 2000), row(2, 2100)], {}, { 1: { warmUp: true } })
  expect(shots.map(({ exclusion, sequence, session }) => [exclusion, sequence, session])).toEqual([
    ['warm-up', 0, 0],
    [undefined, 1, 0],
  ])
})

it('prepares a shot: corrected where that is on, as measured where it is not', () => {
  const selected = select([row(1, 2000, { monitor: 'A' })])
  const measured: MeasuredRow = {
    ...{ id: 'shot' as ShotId, monitor: 'A', place: 'range', clubId: SEVEN, swing: 'full', mark: null },
    ...{ hitMs: 2000, carryM: 140 },
  }
  const correction: Correction = {
    ...{ monitor: 'A', field: 'carryM', share: 0, plus: 3, half: 1 },
    ...{ against: 'B', pairs: 20, setMs: 0, on: true },
  }
  const [asMeasured] = prepareShots(selected, () => measured, null)
  expect(asMeasured).toMatchObject({ id: 'shot', carryM: 140, swing: 'full', session: 0, sequence: 0 })
  expect(asMeasured).not.toHaveProperty('adjustments')
  const corrections = { corrections: [correction], factors: [], balls: [] }
  expect(prepareShots(selected, () => measured, corrections)[0]).toMatchObject({
    carryM: 143,
    adjustments: { corrected: 'A', unsureM: 1 },
  })
})
