import Link from 'next/link'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import { NEW_GOLFER, type Golfer } from '@/core/model/golfer'
import { CHECK_SHOTS, type OldStation } from '@/core/stock/age'
import { stationNames } from '@/text/names'
import { count, listed } from '@/text/numbers'
import { useSubmit } from '../../shared/use-submit'
import { writeBlocks } from '../plan/plan-draft'

/** What a golfer may call old. */
const LIMITS_DAYS = [60, 90, 120, 180, 270, 365]

/** The stocks that have grown old, and the few shots that would say whether they are still true. */
export function GrownOld({ golfer, bag, old }: { golfer: Golfer; bag: Bag; old: readonly OldStation[] }) {
  const { submit } = useSubmit()
  const { ageLimitDays } = golfer
  if (old.length === 0 && ageLimitDays === NEW_GOLFER.ageLimitDays) return null
  const name = stationNames(bag)
  const blocks = old.map(({ clubId, swing }) => ({ clubId, swing, shots: CHECK_SHOTS }))
  return (
    <section className="sheet grown-old no-print" aria-label="Grown old">
      <span>
        {old.length === 0 ? (
          `Every stock has a shot of the last ${ageLimitDays} days.`
        ) : (
          <>
            <b>{count(old.length, 'stock')}</b> with no shot for {ageLimitDays} days:{' '}
            {listed(old.map((each) => `${name(each)} (${each.days})`))}.
          </>
        )}
      </span>
      <span className="btns">
        <Form.Select
          size="sm"
          aria-label="When a stock is old"
          value={ageLimitDays}
          onChange={({ target }) =>
            submit('PATCH', `/api/golfers/${golfer.id}`, { ageLimitDays: Number(target.value) })
          }
        >
          {[...new Set([...LIMITS_DAYS, ageLimitDays])]
            .sort((a, b) => a - b)
            .map((days) => (
              <option key={days} value={days}>
                old after {days} days
              </option>
            ))}
        </Form.Select>
        {old.length > 0 && (
          <Link className="btn btn-outline" href={`/golfers/${golfer.id}/bay?hit=${writeBlocks(blocks)}`}>
            Check them: {count(old.length * CHECK_SHOTS, 'shot')}
          </Link>
        )}
      </span>
    </section>
  )
}
