import { StationStrip, stockTitle, stripNotes } from '../../shared/drawing/station-strip'
import { clubNames, stationName } from '@/text/names'
import { len } from '@/text/numbers'
import type { BayView } from '@/views/bay-view'
import { atStation } from '@/core/model/station'

/** The open station on the strip: every shot behind its stock, those of earlier sessions as rings. */
export function BayStrip({ view, newest }: { view: BayView; newest: string | undefined }) {
  const { golfer, session, bag, analysis, history } = view
  const open = session.open
  if (!open) return null
  const stock = atStation(analysis.stocks, open)
  const here = new Set<string>(view.shots.map((shot) => shot.id))
  const earlier = (id: string) => !here.has(id)
  const { warmUp } = view.now
  // Warm-up has a strip of its own, without a stock.
  const shots = history
    .filter(
      ({ clubId, swing, exclusion }) =>
        clubId === open.clubId && swing === open.swing && (exclusion === 'warm-up') === warmUp,
    )
    .map(({ exclusion, ...shot }) => (exclusion === undefined || warmUp ? shot : { ...shot, exclusion }))
  const expected = view.expectations.find(
    ({ clubId, swing }) => clubId === open.clubId && swing === open.swing,
  )
  const name = stationName(clubNames(bag)(open.clubId), open.swing)
  return (
    <section className={`sheet bay-strip ${shots.length === 0 ? 'empty' : ''}`} aria-label="This club">
      <div className="strip-title">
        <h2 data-testid="running-stock">
          {warmUp ? `Warming up: ${name}` : `${name}: ${stockTitle(stock, golfer)}`}
        </h2>
        <span className="quiet">
          {[stripNotes(shots, earlier), expected && `expected ${len(expected.carryM, golfer)}`]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </div>
      <StationStrip
        golfer={golfer}
        name={name}
        stock={warmUp ? undefined : stock}
        shots={shots}
        earlier={earlier}
        newest={newest}
      />
    </section>
  )
}
