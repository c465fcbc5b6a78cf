import type { ClubId, ShotId } from '@/core/ids'
import type { Mark } from '@/core/shots/mark'
import type { Apart, Swing } from '@/core/shots/shot'

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
  /** In no stock, whatever it was: warm-up, or in wind where the station has calm ones. */
  apart?: Apart
  solidProbability: number
}[]
