import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { splitRows } from './split-rows'

describe('splitting a text into rows, piece by piece', () => {
  it('gives the rows that the library gives at one go, wherever the pieces end', () => {
    const roll = dice(7)
    for (let trial = 0; trial < 300; trial++) {
      const newline = roll.pick({ '\n': 2, '\r\n': 1, '\r': 1 })
      const cell = () =>
        roll.pick({
          '7-iron': 3,
          '152.4': 5,
          '': 2,
          '"a ""quoted"" one"': 1,
          [`"two,${newline}lines"`]: 1,
          ' ': 1,
        })
      const width = Math.ceil(roll.between(1, 6))
      const lines = Array.from({ length: Math.ceil(roll.between(2, 40)) }, () =>
        Array.from({ length: width }, cell).join(','),
      )
      const text = `carry,club${newline}${lines.join(newline)}${roll.chance(0.5) ? newline : ''}`
      const whole = Papa.parse<string[]>(text, { delimiter: ',' }).data
      if (whole.at(-1)?.join('') === '') whole.pop()
      const { delimiter, rows } = splitRows(text, Math.ceil(roll.between(1, 60)))
      // A text of one column can look as if another mark stood between its cells.
      if (delimiter === ',') expect([...rows], JSON.stringify(text)).toEqual(whole)
      expect([...rows]).toEqual([...splitRows(text).rows])
    }
  })

  it('reads to the end where a quote is never closed', () => {
    const { rows } = splitRows(`carry,club\n150,"7-iron\n${'151,8-iron\n'.repeat(50)}`, 40)
    expect([...rows]).toHaveLength(2)
  })

  it('can be gone through again', () => {
    const { rows } = splitRows('sep=;\ncarry;club\n150;7-iron\n')
    expect([...rows]).toEqual([[''], ['carry', 'club'], ['150', '7-iron']])
    expect([...rows]).toEqual([[''], ['carry', 'club'], ['150', '7-iron']])
  })
})
