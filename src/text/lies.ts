import type { LieStocks } from '@/core/balls/factor'
import type { TeeAndGround } from '@/core/stock/tee-and-ground'
import type { MatAndGrass } from '@/core/stock/mat-and-grass'
import type { StockSurface } from '@/core/model/surface'
import { OFF_SURFACE } from './names'
import { count, percent } from './numbers'

const VERDICT: Record<LieStocks, string> = {
  two: 'Keep two yardages.',
  one: 'That is too little to matter. One yardage will do.',
  open: 'More shots of both are needed to tell.',
}

/** "5-wood: off the tee it carries 2.8% ± 1.1% further than from the ground. Keep two yardages." */
export function liesSentence({ factor: { factor, low, high }, stocks }: TeeAndGround, name: string): string {
  const far = factor - 1
  const half = percent((high - low) / 2, 1)
  return `${name}: off the tee it carries ${percent(Math.abs(far), 1)} ± ${half} ${far < 0 ? 'less' : 'further'} than from the ground. ${VERDICT[stocks]}`
}

/** "Off grass your good shots carry 3.4% ± 2.1% less than off the mat (7 clubs and swings). Keep two yardages." */
export function surfacesSentence({ factor: { factor, low, high }, stations, stocks }: MatAndGrass): string {
  const far = factor - 1
  return `Off grass your good shots carry ${percent(Math.abs(far), 1)} ± ${percent((high - low) / 2, 1)} ${far < 0 ? 'less' : 'further'} than off the mat (${count(stations, 'club or swing', 'clubs and swings')}). ${VERDICT[stocks]}`
}

/** Said in the bay, where what is hit does not stand for the golfer's stocks. */
export const notInStocks = (off: StockSurface): string =>
  `You are hitting ${OFF_SURFACE[off]}: shown beside your yardages, where a club has others.`
