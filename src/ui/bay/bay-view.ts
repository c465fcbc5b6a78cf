import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { Session } from '@/core/session/session'
import type { SessionShot } from '@/core/session/session-shot'
import type { Stock } from '@/core/stock/station-stock'
import type { StationShots } from '../gaps/station-shots'

/** What the Bay shows of one session. */
export type BayView = {
  golfer: Golfer
  bag: Bag
  session: Session
  /** The shots of this session that are there, in the order in which they came. */
  shots: SessionShot[]
  /** Stocks over all sessions, and the shots behind them. */
  stocks: Stock[]
  history: StationShots
}
