import { readRefitInput, type RefitInput } from '@/formats/refit-input'
import { cautionSentence } from '@/text/refit'
import { refitOf } from '@/views/refit-of'
import { lineCommand } from './line-command'

/** Clubs with how they are made, and shots, in; what each degree is worth and what is proposed, out. */
export const refitResult = ({ clubs: all, ...input }: RefitInput): object => {
  const clubs = all.filter(({ inBag }) => inBag !== false).map(({ inBag: _, ...club }) => club)
  const rack = all.filter(({ inBag }) => inBag === false).map(({ inBag: _, ...club }) => club)
  const { refit } = refitOf({ ...input, clubs, rack })
  const { perDegree, firsts, gates, sameJobs, proposals } = refit
  return {
    perDegree: perDegree.map(({ clubId, mPerDeg, sdMPerDeg }) => ({ clubId, mPerDeg, sdMPerDeg })),
    ...(firsts[0] && {
      first: { longerId: firsts[0].longerId, shorterId: firsts[0].shorterId, fix: firsts[0].fix },
    }),
    gate: gates,
    sameJob: sameJobs.map(({ longerId, shorterId, probability }) => ({
      a: longerId,
      b: shorterId,
      probability,
    })),
    proposals: proposals.map(({ strategy, fixes, before, after, gaps, cautions, shut }) => ({
      strategy,
      fixes,
      before,
      after,
      gaps: gaps.map(({ longerId, shorterId, gapM, sdM, good }) => ({
        longerId,
        shorterId,
        gapM,
        sdM,
        good,
      })),
      cautions: cautions.map((caution) => cautionSentence(caution, (id) => id)),
      ...(shut && { shut }),
    })),
  }
}

export const REFIT = lineCommand(
  `What can be done about the gaps of a bag, on paper.

  npm run -s banco -- refit < BAGS

One JSON document a line in, one a line out, as docs/calculations.md says.`,
  readRefitInput,
  refitResult,
)
