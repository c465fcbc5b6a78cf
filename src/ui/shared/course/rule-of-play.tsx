'use client'

import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/model/golfer'
import { Problems } from '../shell/problems'
import { useOpenRound } from './use-open-round'

/** What Rule 4.3 says of all this, and the choice that leaves nothing but the plain card. */
export function RuleOfPlay({ golfer }: { golfer: Golfer }) {
  const { problems, open } = useOpenRound(golfer)
  return (
    <div className="rule-43">
      <p>
        <b>In a competition round</b> take the plain card: under Rule 4.3 a device may give distance, but not
        measure slope or wind, nor advise a club. Local rules decide.
      </p>
      <Button variant="outline" size="sm" onClick={() => open({ place: null, competition: true, day: null })}>
        This is a competition round
      </Button>
      <Problems of={problems} />
    </div>
  )
}
