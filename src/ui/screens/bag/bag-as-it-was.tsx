import Link from 'next/link'
import type { Golfer } from '@/core/model/golfer'
import { isHit } from '@/core/stock/stock'
import { atStation, fullSwingOf } from '@/core/model/station'
import { gapLadderOfBag } from '@/draw/gap-ladder-of-bag'
import { day } from '@/text/days'
import { around, count, len } from '@/text/numbers'
import type { AnalysedBag } from '@/views/bag-analysis'
import { PageHead } from '../../shared/shell/page-head'
import { GapLadderPicture } from '../../shared/drawing/gap-ladder-picture'
import styles from './bag.module.css'

type Props = { golfer: Golfer; untilMs: number } & AnalysedBag

/** An earlier bag to read: its clubs with their lofts and stocks, and its ladder, as they stood then. */
export function BagAsItWas({ golfer, untilMs, bag, analysis }: Props) {
  const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
  return (
    <div className={styles.screen}>
      <PageHead
        title={`The bag as it was until ${day(untilMs)}`}
        lede={`${count(bag.clubs.length, 'club')}, with the shots of the twelve months before. Read only.`}
      >
        <Link className="btn btn-primary" href={`/golfers/${golfer.id}/bag`}>
          To the bag as it is
        </Link>
      </PageHead>
      <div className="bag">
        <section className="sheet" aria-label="Its clubs">
          <table className="table table-sm num mb-0">
            <thead>
              <tr>
                <th>Club</th>
                <th>Loft</th>
                <th>Carry, {golfer.lengthUnit}</th>
                <th>90%</th>
                <th>Good shots</th>
              </tr>
            </thead>
            <tbody>
              {clubs.map(({ id, name, loftDeg }) => {
                const stock = atStation(analysis.stocks, fullSwingOf(id))
                return (
                  <tr key={id}>
                    <th>{name}</th>
                    <td>{loftDeg === null ? '–' : `${loftDeg}°`}</td>
                    <td>{isHit(stock) ? len(stock.carryM, golfer, 1) : 'not hit'}</td>
                    <td>{isHit(stock) ? around(stock, golfer) : ''}</td>
                    <td>{isHit(stock) ? stock.count : ''}</td>
                  </tr>
                )
              })}
            </tbody>
          </table>
        </section>
        <GapLadderPicture data={gapLadderOfBag(golfer, clubs, analysis, -1)} />
      </div>
    </div>
  )
}
