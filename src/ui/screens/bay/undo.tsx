import { Redo2, Undo2 } from 'lucide-react'
import { actionWords } from '@/text/actions'
import { clubNames } from '@/text/names'
import { CommandButton } from './command-key'
import type { BayView } from '@/views/bay-view'

type Props = {
  view: BayView
  onUndo: () => void
  /** The session was stopped last: that is what is taken back. */
  stop: boolean
  onPhone?: boolean
}

/** Undo, which says what it will take back. */
export function UndoButton({ view, onUndo, stop, onPhone = false }: Props) {
  const { undo, golfer, bag } = view
  const what = stop ? 'something hurts' : undo ? actionWords(undo, golfer, clubNames(bag)) : ''
  return (
    <CommandButton
      id="undo"
      keyed={!onPhone}
      variant="outline"
      className={`undo ${onPhone ? 'phone-only' : ''}`}
      onClick={onUndo}
      disabled={what === ''}
      aria-label={what ? `Undo: ${what}` : 'Undo: nothing to take back'}
    >
      {!onPhone && <Undo2 size={16} aria-hidden />}
      <span className="words">
        Undo{what && !onPhone && ':'} <b>{what}</b>
      </span>
    </CommandButton>
  )
}

/** What was taken back last, and the way to have it again; nothing once something was done since. */
export function Redo({ view, onRedo }: { view: BayView; onRedo: () => void }) {
  const { redo, golfer, bag } = view
  if (!redo) return null
  return (
    <p className="redo sheet" role="status">
      <span>
        Taken back: <b>{actionWords(redo, golfer, clubNames(bag))}</b>
      </span>
      <CommandButton id="redo" size="sm" variant="outline" onClick={onRedo}>
        <Redo2 size={15} aria-hidden /> Redo
      </CommandButton>
    </p>
  )
}
