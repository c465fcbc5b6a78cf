import type { Golfer } from '@/core/model/golfer'
import { oldStations, type OldStation } from '@/core/stock/age'
import type { SessionsWithoutAir } from '@/core/session/session-air'
import { clubsInRounds, type RoundUse } from '@/core/rounds/use'
import { isStockSurface } from '@/core/model/surface'
import { matAndGrass, type MatAndGrass } from '@/core/stock/mat-and-grass'
import { teeAndGround, type TeeAndGround } from '@/core/stock/tee-and-ground'
import { referenceStocks, STOCK_AGE_MS, type ReferenceStock } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { monitorNames } from '@/store/monitors'
import { roundsOf } from '@/store/rounds'
import { comparedBag, type AnalysedBag, type OnlyShots } from './bag-analysis'
import { openSetUps, sessionsToAsk, type OpenSetUp } from './set-ups-behind'

export type StockView = AnalysedBag & {
  golfer: Golfer
  /** What the set-ups of the sessions behind the stocks leave open, and whose air nobody said. */
  setUps: OpenSetUp[]
  airs: SessionsWithoutAir[]
  /** Shots on the course, and those that are too old, as of now. */
  reference: ReferenceStock[]
  /** What was hit with each station in rounds of the last twelve months. */
  rounds: RoundUse[]
  /** Stations whose newest shots are older than the golfer wants them. */
  old: OldStation[]
  /** Clubs that were hit off a tee and from the ground. */
  lies: TeeAndGround[]
  /** The monitors behind the stocks, and the one whose shots alone these are made of; null: all. */
  monitors: string[]
  /** How the clubs carry off grass and off a mat; null where nothing was hit off both. */
  surfaces: MatAndGrass | null
  /** The shots that these stocks are made of. */
  only: OnlyShots
  nowMs: number
}

/** The stocks with what stands beside them; null before the first bag. */
export function stockView(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  query: { monitor?: string | undefined; off?: string | undefined } = {},
): StockView | null {
  const names = monitorNames(db, golfer.id, nowMs - STOCK_AGE_MS)
  const only: OnlyShots = {
    monitor: names.find((name) => name === query.monitor) ?? null,
    surface: isStockSurface(query.off) ? query.off : null,
  }
  const compared = comparedBag(db, golfer, nowMs, only)
  return (
    compared && {
      golfer,
      ...compared,
      setUps: openSetUps(db, golfer, nowMs),
      airs: sessionsToAsk(db, golfer, nowMs),
      reference: referenceStocks(db, golfer, compared.bag, nowMs),
      rounds: clubsInRounds(
        roundsOf(db, golfer.id).filter(({ openedMs }) => openedMs > nowMs - STOCK_AGE_MS),
      ),
      old: oldStations(compared.analysis.stocks, compared.shots, {
        limitDays: golfer.ageLimitDays,
        nowMs,
        offsetMin: -new Date(nowMs).getTimezoneOffset(),
      }),
      lies: teeAndGround(compared.bag.clubs, compared.shots),
      monitors: names,
      surfaces: matAndGrass((only.surface === null ? compared : comparedBag(db, golfer, nowMs))?.shots ?? []),
      only,
      nowMs,
    }
  )
}
