import { format } from 'date-fns'

/** A time as the clock at its place showed it. */
export const atPlace = (ms: number, offsetMin: number): Date =>
  new Date(ms + (offsetMin + new Date(ms).getTimezoneOffset()) * 60_000)

export const dayAndTime = (ms: number, offsetMin: number): string =>
  format(atPlace(ms, offsetMin), 'd MMM yyyy, HH:mm')
export const day = (ms: number): string => format(new Date(ms), 'd MMM yyyy')
