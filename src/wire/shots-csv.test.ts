import { describe, expect, it } from 'vitest'
import type { ShotRecord } from '../core/formats/shot-record'
import { readShotsCsv, writeShotsCsv } from './shots-csv'
import { readShotsJson } from './shots-json'

const sentences = (text: string, read: typeof readShotsCsv | typeof readShotsJson = readShotsCsv) => {
  const checked = read(text)
  return checked.ok ? [] : checked.problems.map((problem) => problem.sentence)
}

describe('Banco’s CSV', () => {
  it('needs only a club and a carry', () => {
    expect(readShotsCsv('\uFEFFclub,carryM\n7-iron,137.16\n"a, b",\n')).toEqual({
      ok: true,
      value: [
        { club: '7-iron', carryM: 137.16 },
        { club: 'a, b', carryM: null },
      ],
    })
  })

  it.each([
    ['', 'The file is empty: choose one with a header row and a row for each shot.'],
    ['club\n7i\n', 'The column "carryM" is missing: add it to the header row.'],
    [
      'club,carryM,mood\n',
      'The column "mood" is not one of Banco\'s: remove it, or name it as docs/formats.md does.',
    ],
    ['club,carryM,club\n', 'The column "club" is there twice: remove one.'],
    ['club,carryM\n7i,120\n7i\n', 'Row 3 has 1 cells and the header has 2: give it one cell a column.'],
    [
      'club,carryM\n7i,12x\n',
      'Row 2: carryM is "12x" and must be a number of metres. Correct the cell or remove the row.',
    ],
    [
      'club,carryM,mark\n7i,120,good\n',
      'Row 2: mark is "good" and must be one of solid, fat, thin, off-centre, wild, misread, other-club. Correct the cell or remove the row.',
    ],
    [
      'club,carryM,hitMs\n7i,120,1.5\n',
      'Row 2: hitMs is "1.5" and must be a whole number of milliseconds since 1970. Correct the cell or remove the row.',
    ],
  ])('%j is refused with its row and the mend', (text, sentence) => {
    expect(sentences(text)).toEqual([sentence])
  })

  it('writes no cell that a spreadsheet would run, and reads its own way back', () => {
    const record: ShotRecord = {
      id: '=1+1',
      session: '@s',
      startedMs: 0,
      offsetMin: -60,
      place: 'range',
      hitMs: 1,
      club: '-iron',
      swing: 'full',
      carryM: 120,
      offlineM: -3.25,
      mark: null,
    }
    const text = writeShotsCsv([record])
    expect(text.split('\n')[1]).toMatch(/^"'=1\+1","'@s",/)
    const read = readShotsCsv(text)
    const { mark: _mark, ...rest } = record
    expect(read).toEqual({ ok: true, value: [rest] })
  })
})

describe('Banco’s JSON', () => {
  it.each([
    ['{', /^The file is not JSON/],
    ['{"format":"other","shots":[]}', /"format" must be one of "banco-shots\/1"/],
    ['{"format":"banco-shots/1","shots":[{"club":"7i"}]}', /"shots.0.carryM" is missing/],
    [
      '{"format":"banco-shots/1","shots":[{"club":"7i","carryM":120,"mood":1}]}',
      /"shots.0.mood" is not a field that Banco knows/,
    ],
  ])('%s is refused', (text, sentence) => {
    expect(sentences(text, readShotsJson)).toEqual([expect.stringMatching(sentence)])
  })
})
