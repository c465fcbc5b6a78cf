'use client'

import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import type { GolferId } from '@/core/model/ids'
import type { Block } from '@/core/session/plan'
import { writeBlocks } from '../plan/plan-draft'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'

/** Opens a plan with these shots; in a session that goes on they come next. */
export function HitThese({
  golferId,
  blocks,
  isFirst = false,
}: {
  golferId: GolferId
  blocks: readonly Block[]
  /** It is what the page asks for. */
  isFirst?: boolean
}) {
  const router = useRouter()
  const { problems, send } = useSubmit()
  const hit = async () => {
    const plan = blocks.map(({ clubId, swing, shots }) => ({ clubId, swing, shots }))
    const sent = await send<{ session: string | null }>('POST', `/api/golfers/${golferId}/hit-next`, {
      blocks: plan,
    })
    if (!sent.ok) return
    const { session } = sent.value
    router.push(`/golfers/${golferId}/bay${session ? '' : `?hit=${encodeURIComponent(writeBlocks(plan))}`}`)
    router.refresh()
  }
  return (
    <>
      <Button variant={isFirst ? 'primary' : 'outline'} className="no-print" onClick={hit}>
        Hit these
      </Button>
      <Problems of={problems} />
    </>
  )
}
