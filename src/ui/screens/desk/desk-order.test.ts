import { expect, it } from 'vitest'
import type { DeskRow } from '@/views/desk-view'
import { FIRST_ORDER, ordered, type DeskOrder } from './desk-order'

const row = (name: string, more: Partial<DeskRow> = {}): DeskRow => ({
  golfer: { id: name as never, name, hand: 'right' },
  ...{ bag: 'Bag', last: null, isHitting: false, settled: { settled: 0, of: 0 }, notices: [] },
  ...{ followUp: null, receives: [], next: null, toHit: [], ...more },
})
const due = (sinceDays: number): DeskRow['followUp'] => ({
  visit: {} as never,
  state: { kind: 'due', sinceDays },
})
const last = (startedMs: number) => ({ startedMs }) as DeskRow['last']
const ROWS = [
  row('Zoë Marrack', { last: last(5), followUp: due(9), settled: { settled: 3, of: 4 } }),
  row('Ana Pol', {
    last: last(9),
    isHitting: true,
    notices: [{ kind: 'held', count: 2 }],
    settled: { settled: 4, of: 4 },
  }),
  row('Bran Kitto', {
    followUp: { visit: {} as never, state: { kind: 'in-rounds', rounds: 1 } },
    settled: { settled: 1, of: 4 },
  }),
  row('Abel Kitto', { last: last(1), followUp: due(0) }),
]
const names = (order: Partial<DeskOrder>) =>
  ordered(ROWS, { ...FIRST_ORDER, ...order }).map(({ golfer }) => golfer.name.split(' ')[0])

it('a desk is found through by letters without accents, filtered and put in the order of any column', () => {
  expect(names({})).toEqual(['Ana', 'Zoë', 'Abel', 'Bran'])
  expect(names({ find: ' zoe' })).toEqual(['Zoë'])
  expect(names({ find: 'KITTO', sort: 'name' })).toEqual(['Abel', 'Bran'])
  expect(names({ sort: 'follow-up' })).toEqual(['Zoë', 'Abel', 'Bran', 'Ana'])
  expect(names({ sort: 'notices' })).toEqual(['Ana', 'Abel', 'Bran', 'Zoë'])
  expect(names({ sort: 'settled' })).toEqual(['Abel', 'Bran', 'Zoë', 'Ana'])
  expect(names({ filter: 'due' })).toEqual(['Zoë', 'Abel'])
  expect(names({ filter: 'hitting' })).toEqual(['Ana'])
  expect(names({ filter: 'open', sort: 'name' })).toEqual(['Ana', 'Bran', 'Zoë'])
  expect(names({ find: 'nobody' })).toEqual([])
})
