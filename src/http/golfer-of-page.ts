import { headers } from 'next/headers'
import { notFound, redirect } from 'next/navigation'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId } from '@/core/model/ids'
import { DataError } from '@/store/data-error'
import { theDatabase, type Database } from '@/store/database'
import { golferById } from '@/store/golfers'
import { parseScope, SCOPE_HEADER, type Scope } from './gateway/scope'

/** The database of a page, or the page that says what is wrong with it. */
export function pageDatabase(): Database {
  try {
    return theDatabase()
  } catch (error) {
    if (error instanceof DataError) redirect('/data')
    throw error
  }
}

/** The golfer of a page, or the page that says there is none. */
export const golferOfPage = (id: string): Golfer => golferById(pageDatabase(), id as GolferId) ?? notFound()

/** The time of a request for a page. */
export const pageNow = (): number => Date.now()

/** What a page reads: the database, as of now. */
export const dataNow = (): [db: Database, nowMs: number] => [pageDatabase(), pageNow()]

/** The query of an address: each name once, more often, or not at all. */
export type SearchParams<Names extends string> = Promise<Partial<Record<Names, string | string[]>>>

/** A value that an address has once; absent where it has several. */
export const single = (value: string | string[] | undefined): string | undefined =>
  typeof value === 'string' ? value : undefined

/** The scope of the request for a page. */
export const scopeOfPage = async (): Promise<Scope> => parseScope((await headers()).get(SCOPE_HEADER))
