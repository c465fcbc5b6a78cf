import { describe, expect, it } from 'vitest'
import { lengthIn } from '@/core/units'
import { readRounds } from './read-rounds'

const read = (text: string, lengthUnit: 'yd' | 'm' = 'yd') =>
  readRounds(new TextEncoder().encode(text), { lengthUnit, offsetMin: 0 })
const taken = (text: string, lengthUnit: 'yd' | 'm' = 'yd') => {
  const table = read(text, lengthUnit)
  if (!table.ok) throw new Error(table.problems[0]?.sentence)
  return table
}
const yd = (metres: number | null | undefined) => (metres == null ? null : Math.round(lengthIn(metres, 'yd')))

describe('a table of rounds', () => {
  it('is read by its titles, a round for each day and place', () => {
    const { rounds, clubs, skipped } = taken(
      [
        'Date;Course;Club;To the pin (yd);Left after;Carry;Lie',
        '2026-04-02;Skerrow;Driver;352;150;;Tee',
        '2026-04-02;Skerrow;7 iron 3/4;150;9;131;Fairway',
        '2026-04-02;Tarnwick;PW;96,5;2;;Sand',
        '2026-04-09;Skerrow;7 iron;;;;Trees',
      ].join('\n'),
    )
    expect(rounds.map(({ place, rows }) => [place, rows.length])).toEqual([
      ['Skerrow', 2],
      ['Tarnwick', 1],
      ['Skerrow', 1],
    ])
    expect(rounds[0]?.openedMs).toBe(Date.UTC(2026, 3, 2))
    const [drive, second] = rounds[0]?.rows ?? []
    expect(drive).toMatchObject({ club: 'Driver', swing: 'full', lie: 'tee', carryM: null })
    expect([yd(drive?.leftM), yd(drive?.afterM)]).toEqual([352, 150])
    expect(second).toMatchObject({ club: '7 iron', swing: 'three-quarter', lie: 'fairway' })
    expect(yd(second?.carryM)).toBe(131)
    expect(rounds[1]?.rows[0]?.lie).toBe('bunker')
    expect(rounds[2]?.rows[0]).toMatchObject({ leftM: null, lie: 'rough' })
    expect(clubs).toContainEqual({ label: '7 iron', shots: 2 })
    expect(skipped).toEqual([])
  })

  it('without units has the golfer’s own, without dates is one round', () => {
    const { rounds } = taken('club,left\n7i,100\nPW,60\n', 'm')
    expect(rounds).toHaveLength(1)
    expect(rounds[0]).toMatchObject({ openedMs: null, place: null })
    expect(rounds[0]?.rows.map(({ leftM }) => leftM)).toEqual([100, 60])
  })

  it('names the rows that are no shots, and takes the others', () => {
    const { rounds, skipped } = taken('club,left (yd),carry (yd)\n7i,140,138\n,120,\n8i,5000,\n9i,110,700\n')
    expect(rounds[0]?.rows).toHaveLength(1)
    expect(skipped).toEqual([
      { row: 3, because: 'no club' },
      { row: 4, because: 'no hole is that long' },
      { row: 5, because: 'no golf shot carries that' },
    ])
  })

  it.each([
    ['left,carry\n100,99\n', 'No column is called club'],
    ['club,left\n,100\n', 'No row of this table has a club'],
    ['date,club,left\n03/04/2026,7i,100\n', 'can be two days'],
    ['{"club": 1}', 'This is JSON'],
  ])('%j is refused with a sentence', (text, sentence) => {
    const table = read(text)
    expect(table.ok ? '' : table.problems[0]?.sentence).toContain(sentence)
  })

  it('a monitor’s table keeps its own titles: what is left there is none of a round’s', async () => {
    const { readTitle, readRoundTitle } = await import('./columns')
    expect(readTitle('left')).toBeNull()
    expect(readRoundTitle('left')?.field).toBe('left')
    expect(readRoundTitle('ball speed')).toBeNull()
  })
})
