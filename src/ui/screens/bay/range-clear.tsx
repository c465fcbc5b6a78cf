import { cautionsOf } from '@/core/session/set-up'
import { count } from '@/text/numbers'
import { CAUTION } from '@/text/set-up'
import { CommandButton } from './command-key'
import type { BayView } from '@/views/bay-view'
import { lastClearMs } from '@/core/session/range-clear'

/** Asks whether anybody is in front: before the first ball, and after every pause. Shots that came all the same wait for the word. */
export function RangeClear({ view, onClear }: { view: BayView; onClear: () => void }) {
  const waiting = view.shots.filter(({ heldBecause }) => heldBecause === 'range-not-clear').length
  const first = lastClearMs(view) === null
  const cautions = view.setUp ? cautionsOf(view.setUp, view.session.place) : []
  return (
    <section className="sheet held range-clear" aria-label="Is the range clear?">
      <span>
        <b>{first ? 'Before the first ball' : 'After a pause'}: is anybody in front of you?</b>{' '}
        {waiting > 0 && `${count(waiting, 'shot waits', 'shots wait')} for the word.`}
        {cautions.map((caution) => (
          <span key={caution}> {CAUTION[caution]}</span>
        ))}
      </span>
      <CommandButton id="clear" onClick={onClear}>
        Nobody: it is clear
      </CommandButton>
    </section>
  )
}
