import Papa from 'papaparse'

export const DELIMITERS = [',', ';', '\t', '|'] as const
export type Delimiter = (typeof DELIMITERS)[number]

const SAMPLE_LETTERS = 60_000
const SAMPLE_ROWS = 200

/** A text's rows of cells, and what stands between the cells. Blank rows are kept: rows keep their numbers. */
export function splitRows(text: string): { delimiter: Delimiter; rows: string[][] } {
  const plain = text.replace(/^\uFEFF/, '')
  // A spreadsheet's own hint.
  const hint = /^sep=(.)\r?\n/.exec(plain)
  const delimiter = DELIMITERS.find((each) => each === hint?.[1]) ?? delimiterOf(plain)
  const rows = Papa.parse<string[]>(plain, { delimiter }).data
  if (hint) rows[0] = ['']
  if (rows.at(-1)?.join('') === '') rows.pop()
  return { delimiter, rows }
}

/** The delimiter under which most rows have equally many cells, and cells hold no other delimiter. */
function delimiterOf(text: string): Delimiter {
  const end = text.length > SAMPLE_LETTERS ? text.lastIndexOf('\n', SAMPLE_LETTERS) : text.length
  const sample = text.slice(0, end > 0 ? end : SAMPLE_LETTERS)
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
