import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { isWithin, LIMITS } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'
import { LIES, type Lie, type RoundShot } from '@/core/rounds/round'
import { LIE_NAME } from '@/text/rounds'
import { swingName } from '@/text/names'
import { lenUnit } from '@/text/numbers'
import { ChoiceField } from '../../shared/form/choice-field'
import { measuresOf } from '../../shared/form/measure'
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
  const [problems, setProblems] = useState<Problem[]>([])
  const { carry } = measuresOf(golfer)
  const length = (field: 'leftM' | 'afterM' | 'carryM', label: string) => (
    <NumberField
      label={label}
      field={field}
      measure={carry}
      value={draft[field]}
      problems={problems}
      onChange={(value) => setDraft({ ...draft, [field]: value })}
    />
  )
  const keep = () => {
    const found = problemsOf(draft, golfer)
    setProblems(found)
    if (found.length === 0) onSay(draft)
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
        {length('leftM', 'Left before')}
        {length('afterM', 'Left after')}
        {length('carryM', 'Carried')}
      </div>
      <ChoiceField<Lie>
        label="Lie"
        value={draft.lie}
        none="not said"
        names={Object.fromEntries(LIES.map((lie) => [lie, LIE_NAME[lie]])) as Record<Lie, string>}
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

/** What of a shot is no number, or none that a hole has. */
function problemsOf(shot: RoundShot, golfer: Golfer): Problem[] {
  const of = (field: 'leftM' | 'afterM' | 'carryM', limits: { least: number; most: number }): Problem[] => {
    const value = shot[field]
    if (value === null) return []
    if (!Number.isNaN(value) && isWithin(value, limits)) return []
    return [
      {
        field,
        sentence: `Type a distance from ${lenUnit(limits.least, golfer)} to ${lenUnit(limits.most, golfer)}, or leave it empty.`,
      },
    ]
  }
  return [...of('leftM', LIMITS.leftM), ...of('afterM', LIMITS.leftM), ...of('carryM', LIMITS.carryM)]
}
