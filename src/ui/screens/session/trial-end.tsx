import Link from 'next/link'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { trialBlocks } from '@/core/compare/trial'
import { trialSentence } from '@/text/compare'
import { stationNames } from '@/text/names'
import { around, count, lenUnit } from '@/text/numbers'
import type { TrialSeen } from '@/views/session-compared'
import { writeBlocks } from '../plan/plan-draft'

type Props = { golfer: Golfer; bag: Bag; trial: TrialSeen }

/** Two stations against each other on one day: what that settles, and how many more shots would. */
export function TrialEnd({ golfer, bag, trial }: Props) {
  const { a, b, stocks, found } = trial
  const name = stationNames(bag)
  return (
    <section className="sheet trial mb-3" aria-label="The trial">
      <h2>
        {name(a)} against {name(b)}
      </h2>
      <div className="p-3">
        {!stocks || !found ? (
          <p className="mb-0">Hit both: a trial needs shots of each.</p>
        ) : (
          <>
            <p className="mb-1">
              {stocks.map((stock, i) => (
                <span key={i}>
                  {i > 0 && '; '}
                  {name(i === 0 ? a : b)} <b>{lenUnit(stock.carryM, golfer, 1)}</b> {around(stock, golfer)},{' '}
                  {count(stock.count, 'good shot')}
                </span>
              ))}
            </p>
            <p className="mb-2">
              <b>{trialSentence(found, { a: name(a), b: name(b) }, golfer)}</b>
            </p>
            <Link
              className="btn btn-sm btn-outline no-print"
              href={`/golfers/${golfer.id}/bay?hit=${writeBlocks(trialBlocks(a, b))}`}
            >
              Try them once more
            </Link>
          </>
        )}
      </div>
    </section>
  )
}
