import { expect, it } from 'vitest'
import { readTypedShot, readTypedShots } from '../../src/core/shots/typed-shot'
import { readLength, readNumber } from '../../src/core/shots/typed-length'
import { readCell } from '../../src/formats/table/cells'
import { clubCell } from '../../src/formats/table/club-cell'
import { readRoundTitle, readTitle, unitOf } from '../../src/formats/table/columns'
import { readRounds } from '../../src/formats/table/read-rounds'
import { readTable } from '../../src/formats/table/read-table'
import { clockReader, timeReader } from '../../src/formats/table/times'
import { readWeather } from '../../src/formats/weather'

/** Pieces that make patterns backtrack, repeated until they are a text of this length. */
const PIECES = [
  '[ ',
  '( ',
  '1',
  '1,',
  '-',
  ' ',
  'l ',
  '1 1 1l ',
  '7-',
  ',(/-',
  '\t\n',
  ':',
  'a.b',
  '"',
  '1e',
  '[{<(',
  'ä ',
]
const of = (piece: string, length: number) => piece.repeat(Math.ceil(length / piece.length)).slice(0, length)

const table = (text: string) =>
  readTable(new TextEncoder().encode(`Club,Carry ${text.slice(0, 100)},Carry\n7 iron,150,${text}\n`), {
    lengthUnit: 'yd',
    offsetMin: 0,
  })

const PARSERS: [string, (text: string) => unknown][] = [
  ['a typed shot', (text) => readTypedShot(text, 'yd')],
  ['several typed shots', (text) => readTypedShots(text, 'yd')],
  ['a length', (text) => readLength(text, 'yd')],
  ['a number', readNumber],
  ['a cell', (text) => readCell(text, '.')],
  ['a club', clubCell],
  ['a title', readTitle],
  ['a title of a round', readRoundTitle],
  ['a unit', unitOf],
  ['a date', (text) => timeReader([text], 0, false)],
  ['a time', (text) => clockReader([text])],
  ['the weather', readWeather],
  [
    'a title in a table',
    (text) =>
      readTable(new TextEncoder().encode(`${text},Carry\n1,150\n`), { lengthUnit: 'yd', offsetMin: 0 }),
  ],
  ['a cell in a table', table],
  [
    'rounds',
    (text) =>
      readRounds(new TextEncoder().encode(`Club,Left ${text}\n7 iron,${text}\n`), {
        lengthUnit: 'yd',
        offsetMin: 0,
      } as never),
  ],
]

/** What a call costs in processor time, in milliseconds: others on the machine do not count. */
function cpuMs(work: () => unknown): number {
  const before = process.cpuUsage()
  work()
  const { user, system } = process.cpuUsage(before)
  return (user + system) / 1000
}

/** A text eight times as long may cost so many times as much, and this on top: a quadratic one costs 64 times. */
const GROWTH = 24
const GRACE_MS = 200

it.each(PARSERS)(
  '%s of 1 MB of hostile repeats costs in proportion to its length',
  (_, parse) => {
    for (const piece of PIECES) {
      parse(of(piece, 1000))
      const isInProportion = () => {
        const short = cpuMs(() => parse(of(piece, 125_000)))
        return cpuMs(() => parse(of(piece, 1_000_000))) < GROWTH * short + GRACE_MS
      }
      // Collecting garbage may cost more than reading the text: a quadratic pattern exceeds the limit every time.
      expect([piece, isInProportion() || isInProportion() || isInProportion()]).toEqual([piece, true])
    }
  },
  120_000,
)
