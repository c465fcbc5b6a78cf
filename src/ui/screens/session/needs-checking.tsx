'use client'

import type { BayView } from '@/views/bay-view'
import { Problems } from '../../shared/shell/problems'
import { HeldShots } from '../bay/held-shots'
import { RangeClear, waitForClear } from '../bay/range-clear'
import { useBay } from '../bay/use-bay'

/** The shots of a session that is over and do not count yet, each with what to do about it. */
export function NeedsChecking({ first }: { first: BayView }) {
  const bay = useBay(first)
  return (
    <div className="d-grid gap-2 mb-3">
      <Problems of={bay.problems} />
      {waitForClear(bay.view).length > 0 && (
        <RangeClear view={bay.view} over onClear={() => void bay.clear()} />
      )}
      <HeldShots view={bay.view} bay={bay} over />
    </div>
  )
}
