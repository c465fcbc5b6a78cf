import type { ClubId } from '@/core/model/ids'
import type { Swing } from '@/core/model/station'

/** Shots of a station that no stock is made of: hit on the course, or older than twelve months. */
export type ReferenceStock = {
  clubId: ClubId
  swing: Swing
  onCourse: number
  old: { shots: number; newestMs: number } | null
}
