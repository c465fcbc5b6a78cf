import type { Bag } from '@/core/bag/bag'
import type { ComparedStock } from '@/core/compare/compare'
import { seasonOf, type SideOf } from '@/core/compare/side'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId, SessionId } from '@/core/model/ids'
import { sdOf } from '@/core/math/z90'
import type { SessionSummary } from '@/core/model/session'
import { sameStation, type Swing } from '@/core/model/station'
import type { HitStock, Stock } from '@/core/stock/stock'
import { comparingAir, type ShotSelection } from '@/store/bag-input'
import { bagOf } from '@/store/bags'
import type { Database } from '@/store/database'
import { sessionsOfShots } from '@/store/shots'
import { bagAnalysis, comparedBag, judgedTogether, rackAnalysis, type StationShots } from './bag-analysis'

/** What is known of one side: its stocks with the shots behind them, and the session of each. */
export type SideData = {
  stocks: Stock[]
  shots: StationShots
  sessions: Map<string, SessionId>
  joint: boolean
}

/** Shots with their sessions, each of which is a day. */
export const withSessions = (db: Database, shots: StationShots): Omit<SideData, 'stocks'> => ({
  shots,
  joint: false,
  sessions: sessionsOfShots(
    db,
    shots.map(({ id }) => id),
  ),
})

/** What the shots of a side say. */
export function sideData(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  of: SideOf,
  { sessions, nowMs }: { sessions: SessionSummary[]; nowMs: number },
): SideData {
  const inAir = comparingAir(golfer)
  const side = ({ stocks, shots }: { stocks: Stock[]; shots: StationShots }, joint = false): SideData => ({
    ...withSessions(db, shots),
    stocks,
    joint,
  })
  const asItWas = (untilMs: number) => {
    const then = bagAnalysis(db, golfer, untilMs, inAir, { asItWas: true })
    return { stocks: then?.analysis.stocks ?? [], shots: then?.shots ?? [] }
  }
  const now = () => {
    const compared = comparedBag(db, golfer, nowMs)
    const rack = rackAnalysis(db, golfer, bag, nowMs, inAir)
    return {
      stocks: [...(compared?.analysis.stocks ?? []), ...rack.stocks],
      shots: [...(compared?.shots ?? []), ...rack.shots],
    }
  }
  const ofSessions = (
    kept: readonly SessionSummary[],
    only: Pick<ShotSelection, 'ball' | 'surface'> = {},
  ) => {
    const ids = new Set(kept.map(({ id }) => id))
    const last = Math.max(0, ...kept.map(({ startedMs }) => startedMs))
    const then = bagOf(db, golfer.id, last + 1) ?? bag
    return side(judgedTogether(db, golfer, then, nowMs, inAir, { sinceMs: 0, sessions: [...ids], ...only }))
  }
  switch (of.kind) {
    case 'bag':
      return side(of.untilMs === null ? now() : asItWas(of.untilMs))
    case 'session':
      return ofSessions(sessions.filter(({ id }) => id === of.sessionId))
    case 'season':
      return ofSessions(
        sessions.filter(({ startedMs, offsetMin }) => {
          const { season, year } = seasonOf(startedMs, offsetMin)
          return season === of.season && year === of.year
        }),
      )
    case 'ball':
      return ofSessions(sessions, { ball: of.ball })
    case 'surface':
      return ofSessions(sessions, { surface: of.surface })
    case 'club': {
      const { stocks, shots } = now()
      const own = <T extends { clubId: ClubId }>(all: readonly T[]) =>
        all.filter(({ clubId }) => clubId === of.clubId)
      return side({ stocks: own(stocks), shots: own(shots) }, true)
    }
    case 'swing': {
      const { stocks, shots } = now()
      const own = <T extends { swing: Swing }>(all: readonly T[]) =>
        all.filter(({ swing }) => swing === of.swing)
      return side({ stocks: own(stocks), shots: own(shots) }, true)
    }
    case 'set-up': {
      const { stocks, shots } = asItWas(of.untilMs)
      const own = <T extends { clubId: ClubId }>(all: readonly T[]) =>
        all.filter(({ clubId }) => clubId === of.clubId)
      return side({ stocks: own(stocks), shots: own(shots) })
    }
  }
}

/** A stock as a side of a comparison. Where both sides were judged together, what their days add is in them already. */
export function sideOf(stock: HitStock, { shots, sessions, joint }: SideData): ComparedStock {
  const solid = shots.filter((shot) => sameStation(shot, stock) && shot.mark === 'solid')
  const days = new Map<string, number>()
  for (const { id } of solid) {
    const session = joint ? 'together' : (sessions.get(id) ?? '')
    days.set(session, (days.get(session) ?? 0) + 1 / solid.length)
  }
  return {
    carryM: stock.carryM,
    sdM: sdOf(stock.model),
    count: stock.count,
    days,
  }
}
