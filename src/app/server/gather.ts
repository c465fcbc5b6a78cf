import { notFound } from 'next/navigation'
import { analyseBag, type BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { GolferId, SessionId } from '@/core/ids'
import type { Session } from '@/core/session/session'
import { bagInput } from '@/store/bag-input'
import { bagOf } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { golferById } from '@/store/golfers'
import { currentSession, sessionById } from '@/store/sessions'
import { planOf } from '@/store/plans'
import { shotsOfSession } from '@/store/shots'
import type { BayView } from '@/ui/bay/bay-view'
import type { StationShots } from '@/ui/gaps/station-shots'

/** The golfer of a page, or the page that says there is none. */
export const golferOfPage = (id: string): Golfer => golferById(theDatabase(), id as GolferId) ?? notFound()

/** A golfer's bag with all that the shots say of it; null before the first bag. */
export function analysedBag(golfer: Golfer): { bag: Bag; analysis: BagAnalysis; shots: StationShots } | null {
  const bag = bagOf(theDatabase(), golfer.id)
  if (!bag) return null
  const input = bagInput(theDatabase(), golfer, bag, Date.now())
  const analysis = analyseBag(input)
  const judged = new Map(analysis.shots.map((shot) => [shot.shotId, shot]))
  const shots = input.shots.map(({ id, clubId, swing, carryM, offlineM, session, hitMs }) => ({
    id,
    clubId,
    swing,
    carryM,
    ...(offlineM !== undefined && { offlineM }),
    session: session ?? 0,
    hitMs: hitMs ?? 0,
    mark: judged.get(id)?.mark ?? 'misread',
    solidProbability: judged.get(id)?.solidProbability ?? 0,
  }))
  return { bag, analysis, shots }
}

/** What the Bay shows of a session. */
export function bayView(golfer: Golfer, session: Session): BayView | null {
  const analysed = analysedBag(golfer)
  if (!analysed) return null
  const { bag, analysis, shots } = analysed
  return {
    golfer,
    bag,
    session,
    shots: shotsOfSession(theDatabase(), session.id),
    analysis,
    history: shots,
    plan: planOf(theDatabase(), session.id),
  }
}

/** The session that the Bay shows: the one that is asked for, else the golfer's current one. */
export function sessionForBay(golfer: Golfer, asked: string | undefined): Session | null {
  const reopened = asked ? sessionById(theDatabase(), asked as SessionId) : null
  return reopened?.golferId === golfer.id ? reopened : currentSession(theDatabase(), golfer.id, Date.now())
}
