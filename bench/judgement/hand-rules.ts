import { median } from '@/core/math/quantile'
import { sample } from '@/core/math/sample'

/** What golfers do today with the carries of one club. Null without shots. */
export const HAND_RULES: Record<string, (carries: number[]) => number | null> = {
  'mean of all': mean,
  'mean by eye': (carries) => {
    const rough = carries.length > 0 ? median(carries) : 0
    return mean(carries.filter((carry) => carry >= 0.9 * rough))
  },
  'best three of five': (carries) =>
    mean([...carries].sort((a, b) => b - a).slice(0, Math.ceil((carries.length * 3) / 5))),
  median: (carries) => (carries.length > 0 ? median(carries) : null),
}

function mean(carries: number[]): number | null {
  return carries.length > 0 ? sample(carries).mean : null
}
