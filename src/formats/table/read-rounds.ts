import { DAY_MS } from '@/core/units'
import { MAX_LENGTH, LIMITS, isWithin } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'
import type { Lie } from '@/core/rounds/round'
import { FULL_SWING, type Swing } from '@/core/model/station'
import { saysNothing } from './cells'
import { clubCell, swingOf } from './club-cell'
import { readRoundTitle, type TableField } from './columns'
import { hitTimes, numberIn, openTable, unformula, type TableOptions } from './read-table'
import { isBlank } from './row-kinds'
import { toCanonical } from './to-canonical'

/** A shot of a round as a table has it. */
type RoundRow = {
  /** Counted from 1, as in the file. */
  row: number
  club: string
  swing: Swing
  leftM: number | null
  afterM: number | null
  carryM: number | null
  lie: Lie | null
}
/** The shots of one day at one place, in the order of the file. */
export type RoundOfTable = {
  key: string
  /** As the table names it. */
  name: string | null
  place: string | null
  openedMs: number | null
  rows: RoundRow[]
}
export type RoundsTable = {
  rounds: RoundOfTable[]
  /** Every name of a club, with how many shots it has. */
  clubs: { label: string; shots: number }[]
  /** Rows that are no shots, and why. */
  skipped: { row: number; because: string }[]
}

const LIE_WORDS: [Lie, RegExp][] = [
  ['tee', /^(t$|tee|abschlag)/i],
  ['fairway', /^(fairway|fw|f$|semi|first cut)/i],
  ['rough', /^(rough|r$|trees?|heavy)/i],
  ['bunker', /^(bunker|sand|b$|trap)/i],
]

/** Reads a table of shots on the course: a club in each row, and what of distances, lie, place and day it has. */
export function readRounds(
  bytes: Uint8Array,
  options: TableOptions,
): ({ ok: true } & RoundsTable) | { ok: false; problems: Problem[] } {
  const opened = openTable(bytes, options, readRoundTitle)
  if (!opened.ok) return opened
  const { table } = opened
  const at = (field: TableField) => table.columns.findIndex((column) => column.field === field)
  const clubAt = at('club')
  if (clubAt < 0)
    return refused('No column is called club: give the table a row of titles, with a club for each shot.')
  const unclear = table.columns.find(({ field, ambiguous, unit }) => field === 'date' && ambiguous && !unit)
  if (unclear)
    return refused(
      `"${unclear.samples[0]}" can be two days: write the dates as year-month-day, such as 2026-04-11.`,
    )
  const textOf = (line: readonly string[], field: TableField): string | null => {
    const cell = line[at(field)] ?? ''
    return at(field) < 0 || saysNothing(cell) ? null : unformula(cell)
  }
  const length = (line: readonly string[], field: 'left' | 'after' | 'carry'): number | null => {
    const cell = line[at(field)] ?? ''
    const unit = table.columns[at(field)]?.unit ?? null
    if (at(field) < 0 || saysNothing(cell)) return null
    return numberIn(cell, table.decimal, unit, toCanonical(unit)) ?? null
  }
  const hitAt = hitTimes(table, at('date'), -1, options.offsetMin)
  const rounds = new Map<string, RoundOfTable>()
  const labels = new Map<string, number>()
  const skipped: RoundsTable['skipped'] = []
  let row = 0
  for (const line of table.rows) {
    row++
    if (row - 1 <= table.header || row - 1 === table.units || isBlank(line)) continue
    const named = textOf(line, 'club')
    if (named === null) {
      skipped.push({ row, because: 'no club' })
      continue
    }
    const lengths = (['left', 'after', 'carry'] as const).map((field) => length(line, field))
    const [leftM, afterM, carryM] = lengths as [number | null, number | null, number | null]
    if ([leftM, afterM].some((value) => value !== null && !isWithin(value, LIMITS.leftM))) {
      skipped.push({ row, because: 'no hole is that long' })
      continue
    }
    if (carryM !== null && !isWithin(carryM, LIMITS.carryM)) {
      skipped.push({ row, because: 'no golf shot carries that' })
      continue
    }
    const { label, swing } = clubCell(named)
    const openedMs = hitAt?.(line) ?? null
    const place = textOf(line, 'place')?.slice(0, MAX_LENGTH.place) ?? null
    const day = openedMs === null ? '' : Math.floor((openedMs + options.offsetMin * 60_000) / DAY_MS)
    const name = textOf(line, 'session')
    const key = [day, place ?? '', name ?? ''].join(' ')
    const round = rounds.get(key) ?? { key, name, place, openedMs, rows: [] }
    rounds.set(key, round)
    const club = label.slice(0, MAX_LENGTH.label)
    labels.set(club, (labels.get(club) ?? 0) + 1)
    const lie = textOf(line, 'lie')
    round.rows.push({
      ...{ row, club, leftM, afterM, carryM },
      swing: swingOf(textOf(line, 'swing') ?? '') ?? swing ?? FULL_SWING,
      lie: lie === null ? null : (LIE_WORDS.find(([, words]) => words.test(lie))?.[0] ?? null),
    })
  }
  if (rounds.size === 0) return refused('No row of this table has a club: there is nothing to take.')
  return {
    ok: true,
    rounds: [...rounds.values()],
    clubs: [...labels].map(([label, shots]) => ({ label, shots })),
    skipped,
  }
}

const refused = (sentence: string): { ok: false; problems: Problem[] } => ({
  ok: false,
  problems: [{ field: '', sentence }],
})
