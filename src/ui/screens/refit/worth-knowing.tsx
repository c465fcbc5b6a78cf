import type { Bag } from '@/core/bag/bag'
import type { Turf } from '@/core/flight/ground'
import type { Golfer } from '@/core/golfer'
import type { Faced } from '@/core/rounds/faced'
import type { ClubId } from '@/core/ids'
import { bounceFor } from '@/core/refit/bounce'
import type { Refit } from '@/core/refit/refit'
import {
  bounceSentence,
  ladderSentence,
  lightBagSentence,
  reachDriverSentence,
  runUpSentence,
  sameJobSentence,
  seamSentence,
  topEndSentence,
} from '@/text/refit'

type Props = {
  golfer: Golfer
  bag: Bag
  refit: Refit
  turf: Turf
  faced: Faced
  name: (id: ClubId) => string
}

/** What the bag says besides its troubles: clubs of one job, the top end, a light bag, a loft between, the bounce. */
export function WorthKnowing({ golfer, bag, refit, turf, faced, name }: Props) {
  const { sameJobs, topEnd, reachDriver, runUp, ladders, seam, light } = refit
  const bounces = bag.clubs.flatMap(({ name: club, kind, build: { bounceDeg, usual } }) => {
    const much = kind === 'wedge' && bounceDeg !== undefined && !usual ? bounceFor(bounceDeg, turf) : null
    return much && bounceDeg !== undefined ? [{ club, bounceDeg, much }] : []
  })
  const said = [
    ...sameJobs.map((each) => sameJobSentence(each, name)),
    ...(topEnd ? [topEndSentence(topEnd, golfer)] : []),
    ...(reachDriver.length > 0 ? [reachDriverSentence(reachDriver, name)] : []),
    ...ladders.map((each) => ladderSentence(each, name, golfer)),
    ...(seam ? [seamSentence(seam, name, golfer)] : []),
    ...(light && golfer.bagWish !== 'full' ? [lightBagSentence(light, name, golfer, faced)] : []),
    ...(runUp.length > 0 ? [runUpSentence(runUp, name)] : []),
    ...(['little', 'much'] as const).flatMap((much) => {
      const of = bounces.filter((each) => each.much === much)
      return of.length > 0 ? [bounceSentence(of, much, turf)] : []
    }),
  ]
  if (said.length === 0) return null
  return (
    <section className="sheet way" aria-label="Worth knowing">
      <h2>Worth knowing</h2>
      <ul>
        {said.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </section>
  )
}
