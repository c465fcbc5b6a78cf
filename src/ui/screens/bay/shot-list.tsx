import type { ShotId } from '@/core/model/ids'
import { stockExclusion } from '@/core/session/conditions'
import type { SessionShot } from '@/core/session/session-shot'
import { EXCLUSION_NAME, MARK_NAME, stationName } from '@/text/names'
import { len, side } from '@/text/numbers'
import type { BayView } from '@/views/bay-view'
import type { Judged } from './last-shot'

type Props = {
  view: BayView
  title: string
  shots: SessionShot[]
  /** The station that is open, said where no shot is there yet. */
  station: ReturnType<typeof stationName>
  chosen: ShotId | undefined
  numberOf: ReadonlyMap<ShotId, number>
  judgedOf: (id: ShotId) => Judged | undefined
  onChoose: (id: ShotId) => void
}

/** Today's shots at the open station, the newest first, each with what it was and what it was hit in. */
export function ShotList({ view, title, shots, station, chosen, numberOf, judgedOf, onChoose }: Props) {
  const { golfer } = view
  return (
    <section className="sheet right" aria-label="Shots with this club">
      <h2>{title}</h2>
      {shots.length === 0 && (
        <p className="quiet p-3 mb-0">Shots with the {station} appear here, the newest first.</p>
      )}
      <ul className="shot-list">
        {shots.toReversed().map((each) => {
          const judged = judgedOf(each.id)
          const what = each.mark ?? judged?.mark ?? 'solid'
          const exclusion = stockExclusion(each.conditions, view.setUp, golfer.stocksOff)
          const out = what !== 'solid'
          if (each.heldBecause !== null)
            return (
              <li key={each.id} className="pending" data-pending={each.id}>
                <span className="num">{each.carryM === null ? '–' : len(each.carryM, golfer, 1)}</span>
                <span className="mark-word out">
                  {each.heldBecause === 'range-not-clear' ? 'not counted: range not clear' : 'needs checking'}
                </span>
              </li>
            )
          return (
            <li key={each.id} data-shot={each.id}>
              <button type="button" aria-pressed={each.id === chosen} onClick={() => onChoose(each.id)}>
                <span className="quiet num">{numberOf.get(each.id)}</span>
                <span className={`num ${out ? 'out' : ''}`}>
                  {each.carryM === null ? '–' : len(each.carryM, golfer, 1)}
                </span>
                <span className="quiet num">
                  {each.offlineM === undefined ? '' : side(each.offlineM, golfer)}
                </span>
                <span>
                  {judged?.tired && <span className="mark-word out">tired</span>}{' '}
                  {exclusion && <span className="mark-word out">{EXCLUSION_NAME[exclusion]}</span>}{' '}
                  {!(exclusion && what === 'solid') && (
                    <span className={`mark-word ${out ? 'out' : ''}`}>
                      {MARK_NAME[what]}
                      {out && each.mark === null && '?'}
                    </span>
                  )}
                </span>
              </button>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
