'use client'

import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { LeftOut } from '@/core/stock/stock'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { MARK_NAME } from '@/text/names'
import { len } from '@/text/numbers'
import { leftOutReason } from '@/text/reasons'

type Props = { golfer: Golfer; leftOut: readonly LeftOut[]; name: (id: string) => string }

/** Every shot that a stock leaves out, with the reason, and the way to have it otherwise. */
export function LeftOutList({ golfer, leftOut, name }: Props) {
  const { problems, submit } = useSubmit()
  const decide = async (shotId: string, decision: object) => {
    await submit('POST', `/api/golfers/${golfer.id}/shot`, { id: shotId, ...decision })
  }
  return (
    <>
      <ul className="left-out">
        {leftOut.map((shot) => {
          const { shotId, mark, facts } = shot
          const carry = facts.carryM === undefined ? '' : len(facts.carryM, golfer, 1)
          return (
            <li key={shotId}>
              <span>
                <b>{carry}</b> {MARK_NAME[mark]}: {leftOutReason(shot, golfer, name)}
              </span>
              <span className="no-print">
                {facts.other && (
                  <Button
                    size="sm"
                    variant="outline"
                    onClick={() =>
                      decide(shotId, { kind: 'station', clubId: facts.other as ClubId, swing: 'full' })
                    }
                  >
                    Move it to the {name(facts.other)}
                  </Button>
                )}
                {facts.carryM !== undefined && (
                  <Button
                    size="sm"
                    variant="outline"
                    aria-label={`${carry} was good`}
                    onClick={() => decide(shotId, { kind: 'mark', mark: 'solid' })}
                  >
                    It was good
                  </Button>
                )}
              </span>
            </li>
          )
        })}
      </ul>
      <Problems of={problems} />
    </>
  )
}
