import type { ClubId, GolferId } from '@/core/model/ids'
import type { Swing } from '@/core/model/station'
import type { Database } from './database'

type HandStock = { clubId: ClubId; swing: Swing; carryM: number; because: string }

/** Sets a stock by hand, with the reason; null takes it back. What was set before is kept. */
export function setByHand(
  db: Database,
  golferId: GolferId,
  stock: Omit<HandStock, 'carryM'> & { carryM: number | null },
  nowMs: number,
): void {
  db.prepare(
    `INSERT INTO hand_stock (golfer_id, club_id, swing, carry_m, because, set_ms)
     VALUES (@golferId, @clubId, @swing, @carryM, @because, @nowMs)`,
  ).run({ ...stock, golferId, nowMs })
}

/** The stocks that stand as set by hand. */
export const handStocks = (db: Database, golferId: GolferId): HandStock[] =>
  db
    .prepare(
      `SELECT club_id AS clubId, swing, carry_m AS carryM, because FROM hand_stock h
       WHERE golfer_id = ? AND carry_m IS NOT NULL AND NOT EXISTS (
         SELECT 1 FROM hand_stock later WHERE later.golfer_id = h.golfer_id AND later.club_id = h.club_id
         AND later.swing = h.swing AND later.seq > h.seq)
       ORDER BY seq`,
    )
    .all(golferId) as HandStock[]
