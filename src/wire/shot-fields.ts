import type { RECORD_FIELDS } from '@/core/formats/shot-record'
import { PLACES } from '@/core/session/session'
import { MARKS } from '@/core/shots/mark'

export type ShotField = (typeof RECORD_FIELDS)[number]

type Rule = {
  /** What the field must be, in words. */
  must: string
  /** The value of a cell, undefined where the cell does not hold one. */
  fromText: (cell: string) => string | number | undefined
}

/** Text that a spreadsheet would run, with the apostrophe that keeps it from doing so. */
const FORMULA = /^'[=+\-@\t\r]/

const text = (most: number): Rule => ({
  must: `text of at most ${most} characters`,
  fromText: (cell) => {
    const plain = cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell
    return plain.length <= most ? plain : undefined
  },
})
const number = (must: string, least: number, most: number, whole = false): Rule => ({
  must: `a ${whole ? 'whole ' : ''}number${must}`,
  fromText: (cell) => {
    const value = Number(cell)
    return value >= least &&
      value <= most &&
      (value !== 0 || cell.trim() !== '') &&
      (!whole || Number.isInteger(value))
      ? value
      : undefined
  },
})
const oneOf = (...values: readonly string[]): Rule => ({
  must: `one of ${values.join(', ')}`,
  fromText: (cell) => (values.includes(cell) ? cell : undefined),
})

const time = number(' of milliseconds since 1970', 0, 4e12, true)
const metres = number(' of metres', -1e6, 1e6)
const speed = number(' of metres a second', -1e6, 1e6)
const degrees = number(' of degrees', -1e6, 1e6)

/** What each field of a shot in a file must be. A plain table: a file may have a hundred thousand rows. */
export const SHOT_FIELDS: Record<ShotField, Rule> = {
  id: text(100),
  session: text(100),
  startedMs: time,
  offsetMin: number(' of minutes from −900 to 900', -900, 900, true),
  place: oneOf(...PLACES),
  hitMs: time,
  club: text(40),
  swing: text(40),
  carryM: metres,
  totalM: metres,
  ballSpeedMps: speed,
  clubSpeedMps: speed,
  launchDeg: degrees,
  spinRpm: number(' of turns a minute', -1e6, 1e6),
  offlineM: metres,
  peakM: metres,
  landingDeg: degrees,
  mark: oneOf(...MARKS),
}
