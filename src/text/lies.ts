import type { TeeAndGround } from '@/core/stock/tee-and-ground'
import { percent } from './numbers'

/** "5-wood: off the tee it carries 2.8% ± 1.1% further than from the ground: two stocks." */
export function liesSentence({ factor: { factor, low, high }, apart }: TeeAndGround, name: string): string {
  const far = factor - 1
  const half = percent((high - low) / 2, 1)
  const carries = `${name}: off the tee it carries ${percent(Math.abs(far), 1)} ± ${half} ${far < 0 ? 'less' : 'further'} than from the ground`
  return apart ? `${carries}: two stocks.` : `${carries}, which may be nothing.`
}
