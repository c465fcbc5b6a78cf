import Papa from 'papaparse'

const DELIMITERS = [',', ';', '\t', '|'] as const
export type Delimiter = (typeof DELIMITERS)[number]

const SAMPLE_CHARS = 60_000
const SAMPLE_ROWS = 200
/** A long text is split piece by piece: all its cells at once would take ten times its memory. */
const PIECE_CHARS = 1 << 20

/**
 * A text's rows of cells, read anew each time they are gone through, and what stands between the cells. Blank rows are
 * kept: rows keep their numbers.
 */
export function splitRows(
  text: string,
  pieceChars = PIECE_CHARS,
): { delimiter: Delimiter; rows: Iterable<string[]> } {
  const plain = text.replace(/^\uFEFF/, '')
  // A spreadsheet's own hint.
  const hint = /^sep=(.)\r?\n/.exec(plain)
  const delimiter = DELIMITERS.find((each) => each === hint?.[1]) ?? delimiterOf(plain)
  const newline = Papa.parse(plain.slice(0, SAMPLE_CHARS), { delimiter, preview: 1 }).meta.linebreak
  const parser = new Papa.Parser({ delimiter, newline: newline as '\n' })
  return { delimiter, rows: { [Symbol.iterator]: () => rowsOf(plain, parser, pieceChars, hint !== null) } }
}

type Piece = { data: string[][]; meta: { cursor: number } }

function* rowsOf(
  text: string,
  parser: Papa.Parser,
  pieceChars: number,
  hinted: boolean,
): Generator<string[]> {
  let first = hinted
  let chars = pieceChars
  for (let from = 0; from < text.length;) {
    const last = from + chars >= text.length
    const { data, meta } = parser.parse(text.slice(from, from + chars), 0, !last) as Piece
    // A row that is longer than a piece, such as a quote that nobody closed.
    if (data.length === 0 && !last) chars *= 2
    else {
      if (last && data.at(-1)?.join('') === '') data.pop()
      for (const row of data) {
        yield first ? [''] : row
        first = false
      }
      if (last) return
      from += meta.cursor
      chars = pieceChars
    }
  }
}

/** The delimiter under which most rows have equally many cells, and cells hold no other delimiter. */
function delimiterOf(text: string): Delimiter {
  const end = text.length > SAMPLE_CHARS ? text.lastIndexOf('\n', SAMPLE_CHARS) : text.length
  const sample = text.slice(0, end > 0 ? end : SAMPLE_CHARS)
  const scores = DELIMITERS.map((delimiter) => {
    const rows = Papa.parse<string[]>(sample, { delimiter, preview: SAMPLE_ROWS }).data.filter(
      (row) => row.join('') !== '',
    )
    const counts = new Map<number, number>()
    for (const { length } of rows) counts.set(length, (counts.get(length) ?? 0) + 1)
    const [mode, often] = [...counts].reduce(
      (best, each) => (each[0] > 1 && (best[0] === 1 || each[1] > best[1]) ? each : best),
      [1, 0],
    )
    if (mode === 1 || rows.length === 0) return 0
    const others = DELIMITERS.filter((each) => each !== delimiter && each !== ',')
    const cells = rows.flat()
    const torn = cells.filter((cell) => others.some((other) => cell.includes(other))).length / cells.length
    return (often / rows.length) * (1 - torn) + 0.01 * Math.min(mode, 20)
  })
  const best = Math.max(...scores)
  return best > 0 ? (DELIMITERS[scores.indexOf(best)] as Delimiter) : ','
}
