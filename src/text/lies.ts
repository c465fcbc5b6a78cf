import type { TeeAndGround } from '@/core/stock/tee-and-ground'
import type { MatAndGrass } from '@/core/stock/mat-and-grass'
import type { StockSurface } from '@/core/session/surface'
import { OFF_SURFACE } from './names'
import { count, percent } from './numbers'

/** "5-wood: off the tee it carries 2.8% ± 1.1% further than from the ground: two stocks." */
export function liesSentence({ factor: { factor, low, high }, apart }: TeeAndGround, name: string): string {
  const far = factor - 1
  const half = percent((high - low) / 2, 1)
  const carries = `${name}: off the tee it carries ${percent(Math.abs(far), 1)} ± ${half} ${far < 0 ? 'less' : 'further'} than from the ground`
  return apart ? `${carries}: two stocks.` : `${carries}, which may be nothing.`
}

/** "Off grass your solid shots carry 3.4% ± 2.1% less than off the mat, over 7 stations hit off both: too much for one stock." */
export function surfacesSentence({ factor: { factor, low, high }, stations, apart }: MatAndGrass): string {
  const far = factor - 1
  const carries = `Off grass your solid shots carry ${percent(Math.abs(far), 1)} ± ${percent((high - low) / 2, 1)} ${far < 0 ? 'less' : 'further'} than off the mat, over ${count(stations, 'station')} hit off both`
  if (!apart) return `${carries}, which may be nothing: one stock will do.`
  return low > 1 || high < 1
    ? `${carries}: too much for one stock.`
    : `${carries}: that may be chance or the days between them, and is too much to call them one until more is known.`
}

/** Said in the bay, where what is hit does not stand for the golfer's stocks. */
export const besideStocks = (off: StockSurface): string =>
  `You are hitting ${OFF_SURFACE[off]}: beside your stocks, where a station has others.`
