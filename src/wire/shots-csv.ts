import Papa from 'papaparse'
import { RECORD_FIELDS, type ShotRecord } from '@/core/formats/shot-record'

/** Shots as Banco's CSV (docs/formats.md): one row a shot, what was not measured left empty. */
export function writeShotsCsv(records: readonly ShotRecord[]): string {
  const rows = records.map((record) => RECORD_FIELDS.map((field) => record[field] ?? ''))
  return Papa.unparse([[...RECORD_FIELDS], ...rows], { newline: '\n', escapeFormulae: true }) + '\n'
}
