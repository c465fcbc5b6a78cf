import { cautionsOf } from '@/core/session/set-up'
import type { SessionShot } from '@/core/session/session-shot'
import { clubNames, stationName } from '@/text/names'
import { count, len } from '@/text/numbers'
import { CAUTION } from '@/text/set-up'
import { CommandButton } from './command-key'
import type { BayView } from '@/views/bay-view'

/** Shots that count as soon as the golfer says that the range is clear. */
export const waitForClear = ({ shots }: Pick<BayView, 'shots'>): SessionShot[] =>
  shots.filter(({ heldBecause }) => heldBecause === 'range-not-clear')

/**
 * Asks whether the range is clear: before the first ball, after every pause, and as long as a shot waits for it.
 * @param over the session is not hit in any more: what is asked is whether its waiting shots count
 */
export function RangeClear({
  view,
  over = false,
  onClear,
}: {
  view: BayView
  over?: boolean
  onClear: () => void
}) {
  const waiting = waitForClear(view)
  const cautions = view.setUp && !over ? cautionsOf(view.setUp, view.session.place) : []
  return (
    <section className="sheet held range-clear" aria-label="Is the range clear?">
      <span>
        {!over && (
          <b>
            {view.lastClearMs === null ? 'Before the first ball' : 'After a pause'}: is anybody in front of
            you?
          </b>
        )}{' '}
        {waiting.length > 0 && (
          <>
            <b>{count(waiting.length, 'shot does not count yet', 'shots do not count yet')}</b>:{' '}
            {runs(waiting, view)}.{over && ' They were hit before you confirmed that the range is clear.'}
          </>
        )}
        {cautions.map((caution) => (
          <span key={caution}> {CAUTION[caution]}</span>
        ))}
      </span>
      <CommandButton id="clear" onClick={onClear}>
        {over ? 'The range was clear' : 'All clear'}
      </CommandButton>
    </section>
  )
}

/** "7-iron 150.2, 148.9; 8-iron 141.0" */
function runs(shots: readonly SessionShot[], { bag, golfer }: BayView): string {
  const name = clubNames(bag)
  const carries = new Map<string, string[]>()
  for (const { clubId, swing, carryM } of shots) {
    const station = stationName(name(clubId), swing)
    carries.set(station, [
      ...(carries.get(station) ?? []),
      carryM === null ? 'no carry' : len(carryM, golfer, 1),
    ])
  }
  return [...carries].map(([station, its]) => `${station} ${its.join(', ')}`).join('; ')
}
