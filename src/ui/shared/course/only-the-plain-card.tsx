'use client'

import Link from 'next/link'
import type { Golfer } from '@/core/model/golfer'
import { timeOfDay } from '@/text/days'
import { PageHead } from '../shell/page-head'

/** All that may be shown while a competition round is under way. */
export function OnlyThePlainCard({ golfer, untilMs }: { golfer: Golfer; untilMs: number }) {
  const home = `/golfers/${golfer.id}`
  return (
    <PageHead
      title="A competition round: the plain card alone"
      lede={`Under Rule 4.3 nothing here may measure slope or wind, nor advise a club. All of it is back when the day is over, at ${timeOfDay(untilMs)}. A round that is none is changed in the Log.`}
    >
      <Link className="btn btn-primary" href={`${home}/paper`}>
        The plain card
      </Link>
      <Link className="btn btn-outline" href={`${home}/rounds`}>
        Rounds
      </Link>
    </PageHead>
  )
}
