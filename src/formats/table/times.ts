import { isValid, parse, parseISO } from 'date-fns'

const DATES = [
  'yyyy-MM-dd',
  'yyyy/MM/dd',
  'dd.MM.yyyy',
  'dd.MM.yy',
  'MM/dd/yyyy',
  'dd/MM/yyyy',
  'dd-MM-yyyy',
  'MM-dd-yyyy',
  'd MMM yyyy',
  'MMM d, yyyy',
  'M/d/yy',
  'yyyyMMdd',
]
const CLOCKS = [
  '',
  ' HH:mm:ss',
  ' HH:mm',
  ' h:mm:ss a',
  ' h:mm a',
  ', HH:mm:ss',
  ', HH:mm',
  ', h:mm:ss a',
  ', h:mm a',
]
const CLOCK_ALONE = ['HH:mm:ss', 'HH:mm', 'h:mm:ss a', 'h:mm a']
const EPOCH = /^\d{10}(\.\d+)?$|^\d{13}$/
const ISO = /^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})?$/

/** Reads the times of a column; each cell gives milliseconds since 1970, undefined where it holds no time. */
type TimeReader = (cell: string) => number | undefined

/**
 * The way to read a column of times that fits most of its cells. 03/04 is the third of April where days come
 * first, as they do with decimal commas.
 * @param offsetMin minutes by which the clock of the place is ahead of UTC
 * @returns null where the cells hold no times
 */
export function timeReader(
  cells: readonly string[],
  offsetMin: number,
  daysFirst: boolean,
): TimeReader | null {
  const seen = cells.slice(0, 60).map((cell) => cell.trim())
  if (seen.length === 0) return null
  const readers = [epoch, iso(offsetMin), ...formats(daysFirst).map((format) => byFormat(format, offsetMin))]
  return (
    readers.find((reader) => seen.filter((cell) => reader(cell) !== undefined).length >= 0.9 * seen.length) ??
    null
  )
}

/** Milliseconds since midnight of a clock that stands alone. */
export function clockReader(cells: readonly string[]): TimeReader | null {
  const seen = cells.slice(0, 60).map((cell) => cell.trim())
  const day = new Date(2001, 0, 1)
  const readers = CLOCK_ALONE.map((format): TimeReader => (cell) => {
    const at = parse(cell.trim(), format, day)
    return isValid(at) ? at.getTime() - day.getTime() : undefined
  })
  if (seen.length === 0) return null
  return readers.find((reader) => seen.every((cell) => reader(cell) !== undefined)) ?? null
}

const epoch: TimeReader = (cell) =>
  EPOCH.test(cell.trim())
    ? Math.round(Number(cell) * (cell.trim().length >= 13 && !cell.includes('.') ? 1 : 1000))
    : undefined

const iso =
  (offsetMin: number): TimeReader =>
  (cell) => {
    const match = ISO.exec(cell.trim())
    if (!match) return undefined
    const at = parseISO(cell.trim().replace(' ', 'T'))
    if (!isValid(at)) return undefined
    return match[3] ? at.getTime() : toLocal(at, offsetMin)
  }

const byFormat =
  (format: string, offsetMin: number): TimeReader =>
  (cell) => {
    const at = parse(cell.trim(), format, new Date(2001, 0, 1))
    return isValid(at) && at.getFullYear() > 1970 && at.getFullYear() < 2100
      ? toLocal(at, offsetMin)
      : undefined
  }

/** A clock of this machine's as one of the place's. */
const toLocal = (local: Date, offsetMin: number): number =>
  local.getTime() - (local.getTimezoneOffset() + offsetMin) * 60_000

function formats(daysFirst: boolean): string[] {
  const monthFirst = (format: string) =>
    format.startsWith('MM/') || format.startsWith('MM-') || format.startsWith('M/')
  const dates = daysFirst ? [...DATES.filter((d) => !monthFirst(d)), ...DATES.filter(monthFirst)] : DATES
  return dates.flatMap((date) => CLOCKS.map((clock) => date + clock))
}
