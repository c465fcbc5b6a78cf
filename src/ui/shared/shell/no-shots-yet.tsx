import Link from 'next/link'
import type { GolferId } from '@/core/model/ids'
import { PageHead } from './page-head'

/** A page whose golfer has hit nothing yet: what it will show, and the step that fills it. */
export function NoShotsYet({ golferId, title, lede }: { golferId: GolferId; title: string; lede: string }) {
  return (
    <PageHead title={title} lede={lede}>
      <Link className="btn btn-primary" href={`/golfers/${golferId}/bay`}>
        Hit the first shots
      </Link>
    </PageHead>
  )
}
