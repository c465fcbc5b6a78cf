import { differenceInCalendarDays, format } from 'date-fns'

/** A time as the clock at its place showed it. */
const localDate = (ms: number, offsetMin: number): Date =>
  new Date(ms + (offsetMin + new Date(ms).getTimezoneOffset()) * 60_000)

export const dayAndTime = (ms: number, offsetMin: number): string =>
  format(localDate(ms, offsetMin), 'd MMM yyyy, HH:mm')
/** "from today", "from yesterday", "217 days old": by the calendar of the reader. */
export function daysAgo(ms: number, nowMs: number): string {
  const days = differenceInCalendarDays(nowMs, ms)
  return days <= 0 ? 'from today' : days === 1 ? 'from yesterday' : `${days} days old`
}

/** "18:30", by the clock of whoever looks. */
export const timeOfDay = (ms: number): string => format(new Date(ms), 'HH:mm')

/** "Tuesday, 4 March", by the clock of a place. */
export const dayName = (ms: number, offsetMin: number): string =>
  format(localDate(ms, offsetMin), 'EEEE, d MMMM')

/** "18:30", by the clock of a place. */
export const localTime = (ms: number, offsetMin: number): string => format(localDate(ms, offsetMin), 'HH:mm')

export const day = (ms: number): string => format(new Date(ms), 'd MMM yyyy')
