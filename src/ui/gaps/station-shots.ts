import type { ClubId, ShotId } from '@/core/ids'
import type { Mark } from '@/core/shots/mark'
import type { Swing } from '@/core/shots/shot'

/** The shots behind the stocks of a bag, with what each was taken for. */
export type StationShots = {
  id: ShotId
  clubId: ClubId
  swing: Swing
  carryM: number | null
  offlineM?: number
  /** Which of the sessions behind the stocks, oldest 0. */
  session: number
  hitMs: number
  mark: Mark
  solidProbability: number
}[]
