import type { Units } from '../model/golfer'
import type { CourseShot } from './course-shots'
import type { CoverConfidence } from '../model/cover-confidence'

/** A shot of the offline card, under the name on the card. */
type TakenShot = Omit<CourseShot, 'clubId' | 'swing' | 'path'> & { name: string }
/** The offline card: the card of a day and what the number picker needs, and nothing else about the golfer. */
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
