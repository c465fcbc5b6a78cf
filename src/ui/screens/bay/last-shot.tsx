import { Fragment, type ReactNode } from 'react'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Golfer } from '@/core/model/golfer'
import type { SessionShot } from '@/core/session/session-shot'
import type { Mark } from '@/core/model/mark'
import type { LeftOut } from '@/core/stock/stock'
import { choicesIn, MARK_NAME } from '@/text/names'
import { fixed, len, side, speed } from '@/text/numbers'
import { CommandButton } from './command-key'
import { command, MARK_KEY } from './commands'
import { leftOutReason, suggestion } from '@/text/reasons'

/** What Banco takes a shot for, with the reason where it is left out. */
export type Judged = BagAnalysis['shots'][number] & { leftOut?: LeftOut }

type Props = {
  golfer: Golfer
  shot: SessionShot | undefined
  number: number
  judged: Judged | undefined
  name: (clubId: string) => string
  onMark: (mark: Mark | null) => void
  /** Its station, where that is not the open one. */
  station?: string | undefined
  undo: ReactNode
  onHistory: () => void
  /** Where the shot was another club's: which one. */
  children?: ReactNode
}

/** The shot in hand on one line, and the marks that it can be given. */
export function LastShot({
  golfer,
  shot,
  number,
  judged,
  name,
  station,
  undo,
  onMark,
  onHistory,
  children,
}: Props) {
  if (!shot) {
    return (
      <section className="sheet last-shot quiet">
        Your next shot appears here. Mark it good, or tell why it was not.
        {undo}
      </section>
    )
  }
  const facts: [string, string][] = []
  if (shot.ballSpeedMps !== undefined) facts.push([speed(shot.ballSpeedMps, golfer), golfer.speedUnit])
  if (shot.launchDeg !== undefined) facts.push([`${fixed(shot.launchDeg, 1)}°`, 'launch'])
  if (shot.spinRpm !== undefined) facts.push([fixed(shot.spinRpm, 0), 'rpm'])
  if (shot.offlineM !== undefined) facts.push([side(shot.offlineM, golfer), ''])
  if (shot.peakM !== undefined) facts.push([len(shot.peakM, golfer), 'peak'])
  if (shot.landingDeg !== undefined) facts.push([`${fixed(shot.landingDeg, 0)}°`, 'landing'])
  const unmarked = shot.mark === null
  const suggested = unmarked && judged && judged.mark !== 'solid' ? judged : null
  return (
    <section className="sheet last-shot" aria-label={`Shot ${number}`}>
      <div className="line">
        <button
          type="button"
          className="btn-plain"
          onClick={onHistory}
          aria-label={`History of shot ${number}`}
        >
          Shot {number}
          <kbd>{command('history').key}</kbd>
        </button>
        {station && <b className="of-station">{station}</b>}
        <span className="carry">{shot.carryM === null ? 'no carry' : len(shot.carryM, golfer, 1)}</span>
        {facts.map(([value, what]) => (
          <Fragment key={value + what}>
            <span>
              <b className="num">{value}</b> {what}
            </span>
          </Fragment>
        ))}
      </div>
      {suggested && (
        <p className="suggestion" role="status">
          <b>It {suggestion(suggested)}</b>
          {suggested.leftOut && `: ${leftOutReason(suggested.leftOut, golfer, name)}`}.{' '}
          <span className="key-hint">
            Not counted until you decide: <kbd>{MARK_KEY.solid}</kbd> keeps it in,{' '}
            <kbd>{MARK_KEY[suggested.mark]}</kbd> agrees.
          </span>
        </p>
      )}
      <div className="marks" role="group" aria-label="Mark">
        {choicesIn(MARK_NAME).map(([mark, name]) => {
          const on = shot.mark === mark || (unmarked && mark === (suggested?.mark ?? 'solid'))
          return (
            <CommandButton
              key={mark}
              id={mark}
              variant="outline"
              aria-pressed={on}
              className={on && suggested ? 'suggested' : undefined}
              onClick={() => onMark(shot.mark === mark ? null : mark)}
            >
              {name.replace(/^./, (letter) => letter.toUpperCase())}
            </CommandButton>
          )
        })}
        {undo}
      </div>
      {children}
    </section>
  )
}
