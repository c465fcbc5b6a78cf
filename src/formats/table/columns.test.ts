import { describe, expect, it } from 'vitest'
import { readTitle } from './columns'
import { readTable } from './read-table'

describe('what a title says', () => {
  it.each([
    ['Carry Flat - Length [yds]', 'carry', 'yd'],
    ['Carry (ft)', 'carry', 'ft'],
    ['Total distance in feet', 'total', 'ft'],
    ['Offline (inches)', 'offline', 'in'],
    ['Launch Ang.', 'launch', null],
    ['Land. Ang. [deg]', 'landing', 'deg'],
    ['Type of swing', 'swing', null],
    ['Ball Spd (m/s)', 'ballSpeed', 'm/s'],
    ['Ball speed in metres per second', 'ballSpeed', 'm/s'],
    ['Club speed, kilometres an hour', 'clubSpeed', 'km/h'],
    ['Swing Speed [ft/s]', 'clubSpeed', 'ft/s'],
    ['Peak Ht (ft)', 'peak', 'ft'],
    ['Descent angle', 'landing', null],
  ])('%s', (title, field, unit) => {
    expect(readTitle(title)).toMatchObject({ field, unit })
  })
})

const table = (text: string, dates?: 'dmy' | 'mdy') =>
  readTable(new TextEncoder().encode(text), { lengthUnit: 'yd', offsetMin: 0, ...(dates && { dates }) })
const first = (text: string, dates?: 'dmy' | 'mdy') => {
  const read = table(text, dates)
  return read.ok ? read.rows.find(({ status }) => status === 'taken')?.shot : read.problems[0]?.sentence
}

it('a unit that a title names is obeyed for every field', () => {
  expect(first('club,carry (ft),ball speed (m/s),peak (in)\n7i,450,52,900')).toMatchObject({
    carryM: expect.closeTo(137.16, 9) as number,
    ballSpeedMps: 52,
    peakM: expect.closeTo(22.86, 9) as number,
  })
})

describe('dates', () => {
  const file = (date: string) => `date,club,carry\n${date},7i,150\n${date},7i,151`
  const at = (shot: ReturnType<typeof first>) =>
    typeof shot === 'object' && shot.hitMs !== undefined ? new Date(shot.hitMs).toISOString() : shot

  it('03/04/2026 14:25 can be two days: asked about, never guessed', () => {
    expect(first(file('03/04/2026 14:25'))).toContain('can be two days')
    expect(at(first(file('03/04/2026 14:25'), 'dmy'))).toBe('2026-04-03T14:25:00.000Z')
    expect(at(first(file('03/04/2026 14:25'), 'mdy'))).toBe('2026-03-04T14:25:00.000Z')
  })

  it('a number over twelve tells, and so does a point', () => {
    expect(at(first(file('23/04/2026 14:25')))).toBe('2026-04-23T14:25:00.000Z')
    expect(at(first(file('04/23/2026')))).toBe('2026-04-23T00:00:00.000Z')
    expect(at(first(file('03.04.2026 14:25')))).toBe('2026-04-03T14:25:00.000Z')
    expect(at(first(file('2026-04-03 14:25')))).toBe('2026-04-03T14:25:00.000Z')
  })
})
