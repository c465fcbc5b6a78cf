import { notFound } from 'next/navigation'
import type { Golfer } from '@/core/golfer'
import type { GolferId } from '@/core/ids'
import { theDatabase, type Database } from '@/store/database'
import { golferById } from '@/store/golfers'

/** The golfer of a page, or the page that says there is none. */
export const golferOfPage = (id: string): Golfer => golferById(theDatabase(), id as GolferId) ?? notFound()

/** What a page reads: the database, as of now. */
export const dataNow = (): [db: Database, nowMs: number] => [theDatabase(), Date.now()]
