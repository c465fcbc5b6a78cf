import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { Lie, RoundShot } from '@/core/rounds/round'
import { LIE_NAME } from '@/text/rounds'
import { swingName } from '@/text/names'
import { ChoiceField } from '../../shared/form/choice-field'
import { focusProblem } from '../../shared/focus-problem'
import { areNumbers, measuresOf } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'

type Props = {
  golfer: Golfer
  clubs: readonly OwnedClub[]
  shot: RoundShot
  onSay: (shot: RoundShot & { gone?: boolean }) => void
}

/** What is known of one shot, to be added or put right. */
export function MendShot({ golfer, clubs, shot, onSay }: Props) {
  const [draft, setDraft] = useState(shot)
  const { carry } = measuresOf(golfer)
  const length = (field: 'leftM' | 'afterM' | 'carryM', label: string, limit: 'leftM' | 'carryM') => (
    <NumberField
      label={label}
      measure={carry}
      limit={limit}
      value={draft[field]}
      onChange={(value) => setDraft({ ...draft, [field]: value })}
    />
  )
  const keep = () => {
    if (areNumbers(draft)) onSay(draft)
    else focusProblem()
  }
  return (
    <div className="mend-shot">
      <div className="pairs">
        <Form.Group controlId={`club-${shot.id}`}>
          <Form.Label>Club</Form.Label>
          <Form.Select
            value={draft.clubId}
            onChange={({ target }) => setDraft({ ...draft, clubId: target.value as RoundShot['clubId'] })}
          >
            {clubs
              .filter(({ kind, id }) => kind !== 'putter' || id === draft.clubId)
              .map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
          </Form.Select>
        </Form.Group>
        <Form.Group controlId={`swing-${shot.id}`}>
          <Form.Label>Swing</Form.Label>
          <Form.Select
            value={draft.swing}
            onChange={({ target }) => setDraft({ ...draft, swing: target.value })}
          >
            {[...new Set([...golfer.swings, draft.swing])].map((swing) => (
              <option key={swing} value={swing}>
                {swingName(swing)}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      </div>
      <div className="pairs three">
        {length('leftM', 'Left before', 'leftM')}
        {length('afterM', 'Left after', 'leftM')}
        {length('carryM', 'Carried', 'carryM')}
      </div>
      <ChoiceField<Lie>
        label="Lie"
        value={draft.lie}
        none="not set"
        names={LIE_NAME}
        onChange={(lie) => setDraft({ ...draft, lie })}
      />
      <div className="d-flex gap-2">
        <Button onClick={keep}>Keep</Button>
        <Button variant="outline" onClick={() => onSay({ ...shot, gone: true })}>
          It was none
        </Button>
      </div>
    </div>
  )
}
