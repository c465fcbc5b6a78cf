import Papa from 'papaparse'
import { NEEDED_FIELDS, RECORD_FIELDS, type FileShot, type ShotRecord } from '@/core/formats/shot-record'
import type { Problem } from '@/core/problem'
import { refused, type Checked } from './check'
import { SHOT_FIELDS, type ShotField } from './shot-fields'

const MOST_PROBLEMS = 20

/** Shots as Banco's CSV (docs/formats.md): one row a shot, what was not measured left empty. */
export function writeShotsCsv(records: readonly ShotRecord[]): string {
  const rows = records.map((record) => RECORD_FIELDS.map((field) => record[field] ?? ''))
  return Papa.unparse([[...RECORD_FIELDS], ...rows], { newline: '\n', escapeFormulae: true }) + '\n'
}

/** Reads Banco's CSV. Every row is read, or the first problems are named with their rows and nothing is taken. */
export function readShotsCsv(text: string): Checked<FileShot[]> {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: true })
  const [titles, ...rows] = data
  if (!titles) return refused('', 'The file is empty: choose one with a header row and a row for each shot.')
  const heads = titles.map((title) => title.trim())
  const columns = headProblems(heads)
  if (columns.length > 0) return { ok: false, problems: columns }
  const fields = heads as ShotField[]
  const rules = fields.map((field) => SHOT_FIELDS[field])
  const shots: FileShot[] = []
  const problems: Problem[] = []
  for (const [i, cells] of rows.entries()) {
    if (cells.length !== fields.length) {
      problems.push({
        field: `row ${i + 2}`,
        sentence: `Row ${i + 2} has ${cells.length} cells and the header has ${fields.length}: give it one cell a column.`,
      })
    } else {
      const shot: Record<string, unknown> = {}
      for (let column = 0; column < fields.length; column++) {
        const field = fields[column] as ShotField
        const cell = cells[column] as string
        if (cell === '') {
          if (field === 'carryM' || field === 'club') shot[field] = null
          continue
        }
        const read = (rules[column] as (typeof rules)[number]).fromText(cell)
        if (read === undefined) problems.push(cellProblem(i + 2, field, cell))
        else shot[field] = read
      }
      shots.push(shot as FileShot)
    }
    if (problems.length >= MOST_PROBLEMS) break
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: shots }
}

const cellProblem = (row: number, field: ShotField, cell: string): Problem => ({
  field: `row ${row}, ${field}`,
  sentence: `Row ${row}: ${field} is "${cell.slice(0, 40)}" and must be ${SHOT_FIELDS[field].must}. Correct the cell or remove the row.`,
})

function headProblems(heads: string[]): Problem[] {
  const missing = NEEDED_FIELDS.filter((field) => !heads.includes(field)).map((field) => ({
    field,
    sentence: `The column "${field}" is missing: add it to the header row.`,
  }))
  const odd = heads.filter((head, i) => !(head in SHOT_FIELDS) || heads.indexOf(head) !== i)
  const strange = odd.map((head) => ({
    field: head,
    sentence:
      head in SHOT_FIELDS
        ? `The column "${head}" is there twice: remove one.`
        : `The column "${head}" is not one of Banco's: remove it, or name it as docs/formats.md does.`,
  }))
  return [...missing, ...strange]
}
