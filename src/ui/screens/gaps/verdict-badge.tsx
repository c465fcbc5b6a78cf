'use client'

import OverlayTrigger from 'react-bootstrap/OverlayTrigger'
import Popover from 'react-bootstrap/Popover'
import type { Gap } from '@/core/gaps/gap'
import type { Units } from '@/core/model/golfer'
import { confidence, verdictLook, verdictSentences, verdictWords } from '@/text/verdicts'

/** A verdict that explains itself, tapped or focused, in two sentences. */
export function VerdictBadge({ gap, units }: { gap: Gap; units: Units }) {
  return (
    <OverlayTrigger
      trigger={['hover', 'focus']}
      placement="auto"
      overlay={
        <Popover id={`why-${gap.longerId}`}>
          <Popover.Body>{verdictSentences(gap, units).join(' ')}</Popover.Body>
        </Popover>
      }
    >
      <button type="button" className={`verdict verdict-${verdictLook(gap)} verdict-${confidence(gap)}`}>
        {verdictWords(gap, units)}
      </button>
    </OverlayTrigger>
  )
}
