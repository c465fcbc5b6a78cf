'use client'

import OverlayTrigger from 'react-bootstrap/OverlayTrigger'
import Popover from 'react-bootstrap/Popover'
import type { Step } from '@/core/gaps/step'
import type { Units } from '@/core/golfer'
import { sureness, verdictLook, verdictSentences, verdictWords } from '@/text/verdicts'

/** A verdict that explains itself, tapped or focused, in two sentences. */
export function VerdictBadge({ step, units }: { step: Step; units: Units }) {
  return (
    <OverlayTrigger
      trigger={['hover', 'focus']}
      placement="auto"
      overlay={
        <Popover id={`why-${step.longerId}`}>
          <Popover.Body>{verdictSentences(step, units).join(' ')}</Popover.Body>
        </Popover>
      }
    >
      <button type="button" className={`verdict verdict-${verdictLook(step)} verdict-${sureness(step)}`}>
        {verdictWords(step, units)}
      </button>
    </OverlayTrigger>
  )
}
