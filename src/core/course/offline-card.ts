import type { Units } from '../model/golfer'
import type { CourseShot } from './course-shots'
import type { CoverConfidence } from '../model/cover-confidence'

/** A shot as it is offline: under the name that its card has. */
type TakenShot = Omit<CourseShot, 'clubId' | 'swing' | 'path'> & { name: string }
/** What is offline: the card of a day with what the number picker needs, and no more of the golfer than the card shows. */
export type OfflineCard = {
  title: string
  notes: string[]
  units: Units
  /** The wind that the card holds. */
  dayWindMps: number
  sure: CoverConfidence
  card: { head: string[]; lines: string[][] }
  shots: TakenShot[]
  madeMs: number
}
