import type { Verdict } from '@/core/gaps/gap'

/** What a gap is drawn as: its verdict where that is sure enough, else `open`; `left` where the golfer keeps it as it is. */
export type VerdictLook = Exclude<Verdict, 'borderline' | 'not-judged'> | 'open' | 'left'

type Entry = {
  name: string
  /** The fill of a confirmed gap. */
  pattern: 'none' | 'dots' | 'diagonal' | 'crossed' | 'double' | 'ticks'
  /** What the legend of the gap ladder says of it, in this order; absent: it is not in the legend. */
  legend?: string
}

/** Every verdict and look with its name and its drawing. Its colour has the same key in the theme. */
export const VERDICT_TABLE: Record<Verdict | VerdictLook, Entry> = {
  good: { name: 'good', pattern: 'none', legend: 'a good gap, confirmed' },
  'too-wide': { name: 'too wide', pattern: 'diagonal', legend: 'too wide' },
  'too-close': { name: 'too close', pattern: 'dots', legend: 'too close' },
  reversed: { name: 'reversed', pattern: 'crossed', legend: 'reversed: the shorter club goes further' },
  'same-distance': {
    name: 'same distance',
    pattern: 'double',
    legend: 'same distance: two clubs at one number',
  },
  left: { name: 'kept as is', pattern: 'ticks', legend: 'kept as is' },
  open: { name: 'not clear yet', pattern: 'none' },
  borderline: { name: 'borderline', pattern: 'none' },
  'not-judged': { name: 'not judged', pattern: 'none' },
}

export const VERDICT_LOOKS = (Object.keys(VERDICT_TABLE) as (Verdict | VerdictLook)[]).filter(
  (key): key is VerdictLook => key !== 'borderline' && key !== 'not-judged',
)
