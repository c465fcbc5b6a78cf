import type { Bag } from '@/core/bag/bag'
import type { Turf } from '@/core/model/turf'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { bounceFor } from '@/core/refit/bounce'
import type { LongClubAdvice } from '@/core/refit/long-clubs'
import type { Refit } from '@/core/refit/refit'
import {
  bounceSentence,
  reachDriverSentence,
  runUpSentence,
  sameJobSentence,
  topEndSentence,
} from '@/text/refit'

type Props = {
  golfer: Golfer
  bag: Bag
  refit: Refit
  /** What the page shows about long clubs already. */
  shown: LongClubAdvice | undefined
  turf: Turf
  name: (id: ClubId) => string
}

/** What else the bag shows: clubs that do the same job, the longest clubs, the bounce. */
export function WorthKnowing({ golfer, bag, refit, shown, turf, name }: Props) {
  const { sameJobs, topEnd, reachDriver, runUp } = refit
  const bounces = bag.clubs.flatMap(({ name: club, kind, build: { bounceDeg, usual } }) => {
    const much = kind === 'wedge' && bounceDeg !== undefined && !usual ? bounceFor(bounceDeg, turf) : null
    return much && bounceDeg !== undefined ? [{ club, bounceDeg, much }] : []
  })
  const sentences = [
    ...sameJobs
      .filter(({ longerId }) => longerId !== shown?.longerId)
      .map((each) => sameJobSentence(each, name)),
    ...(topEnd ? [topEndSentence(topEnd, golfer)] : []),
    ...(reachDriver.length > 0 ? [reachDriverSentence(reachDriver, name)] : []),
    ...(runUp.length > 0 ? [runUpSentence(runUp, name)] : []),
    ...(['little', 'much'] as const).flatMap((much) => {
      const of = bounces.filter((each) => each.much === much)
      return of.length > 0 ? [bounceSentence(of, much, turf)] : []
    }),
  ]
  if (sentences.length === 0) return null
  return (
    <section className="sheet way" aria-label="Good to know">
      <h2>Good to know</h2>
      <ul>
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </section>
  )
}
