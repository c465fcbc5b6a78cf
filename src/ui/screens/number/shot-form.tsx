import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import ToggleButton from 'react-bootstrap/ToggleButton'
import ToggleButtonGroup from 'react-bootstrap/ToggleButtonGroup'
import { HAZARDS, type HazardKind } from '@/core/model/cover-confidence'
import type { Golfer } from '@/core/model/golfer'
import { measuresOf } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'
import { Problems } from '../../shared/shell/problems'
import { send } from '../../shared/send'
import { requestProblems, type NumberFields } from './number-request'

type Props = { golfer: Golfer; fields: NumberFields; onChange: (change: Partial<NumberFields>) => void }

/** How sure a golfer can want to be, as they would say it. */
const SURE = [0.5, 0.65, 0.7, 0.8, 0.9, 0.95] as const
const chance = (share: number): string =>
  share === 0.65 ? '2 in 3' : share === 0.95 ? '19 in 20' : `${Math.round(10 * share)} in 10`

/** The shot that is to be played: only the distance must be known. */
export function ShotForm({ golfer, fields, onChange }: Props) {
  const [more, setMore] = useState(false)
  const { carry, height, wind } = measuresOf(golfer)
  const problems = requestProblems(fields)
  const length = (
    field: 'leftM' | 'frontM' | 'backM' | 'halfWidthM' | 'overM' | 'behindM',
    label: string,
    example?: string,
  ) => (
    <NumberField
      label={label}
      measure={carry}
      {...(field === 'leftM' && { limit: 'leftM' as const })}
      value={fields[field]}
      {...(example && { example, placeholder: example })}
      onChange={(value) => onChange({ [field]: value })}
    />
  )
  const keepSure = async (kind: HazardKind, share: number) => {
    const sure = { ...fields.sure, [kind]: share }
    onChange({ sure })
    await send('PATCH', `/api/golfers/${golfer.id}`, { sureness: sure })
  }
  return (
    <section className="sheet shot-form no-print" aria-label="The shot">
      <div className="left-to-go">{length('leftM', 'I have', '148')}</div>
      <Button variant="outline" className="more-ask" aria-expanded={more} onClick={() => setMore(!more)}>
        {more ? 'Only the distance' : 'Water, green, wind, height'}
      </Button>
      <div className={`more-of-shot ${more ? 'open' : ''}`}>
        <Choice
          name="from"
          label="From"
          value={fields.fromTee ? 'tee' : 'ground'}
          of={[
            ['ground', 'the ground'],
            ['tee', 'a tee'],
          ]}
          onChange={(value) => onChange({ fromTee: value === 'tee' })}
        />
        <Form.Check
          type="switch"
          id="number-to-rest"
          label="total, with roll"
          checked={fields.by === 'finish'}
          onChange={({ target }) => onChange({ by: target.checked ? 'finish' : 'carry' })}
        />
        <fieldset>
          <legend>To carry</legend>
          <div className="pairs">
            <HazardSelect
              label="What is to be carried"
              value={fields.over}
              onChange={(over) => onChange({ over })}
            />
            {length('overM', 'it ends at')}
          </div>
          <Problems of={problems} field="over" />
        </fieldset>
        <fieldset>
          <legend>The green</legend>
          <div className="pairs three">
            {length('frontM', 'front')}
            {length('backM', 'back')}
            {length('halfWidthM', 'half its width')}
          </div>
          <Problems of={problems} field="green" />
        </fieldset>
        <fieldset>
          <legend>Behind</legend>
          <div className="pairs">
            <HazardSelect
              label="What lies behind"
              value={fields.behind}
              onChange={(behind) => onChange({ behind })}
            />
            {length('behindM', 'it begins at')}
          </div>
          <Problems of={problems} field="behind" />
        </fieldset>
        <fieldset>
          <legend>Height and wind</legend>
          <div className="pairs">
            <NumberField
              label="Higher by (− lower)"
              measure={height}
              limit="heightM"
              value={fields.heightM}
              onChange={(heightM) => onChange({ heightM })}
            />
            <NumberField
              label="Wind"
              measure={wind}
              limit="windOfShotMps"
              value={fields.windMps}
              onChange={(windMps) => onChange({ windMps })}
            />
          </div>
          <Choice
            name="blows"
            label="It blows"
            value={fields.along}
            of={[
              ['against', 'against'],
              ['with', 'with'],
            ]}
            onChange={(value) => onChange({ along: value === 'with' ? 'with' : 'against' })}
          />
        </fieldset>
        <fieldset>
          <legend>How sure I want to be</legend>
          <div className="pairs three">
            {HAZARDS.map((kind) => (
              <Form.Group key={kind} controlId={`sure-${kind}`}>
                <Form.Label>{kind}</Form.Label>
                <Form.Select
                  value={fields.sure[kind]}
                  onChange={({ target }) => keepSure(kind, Number(target.value))}
                >
                  {[...new Set([...SURE, fields.sure[kind]])].sort().map((share) => (
                    <option key={share} value={share}>
                      {chance(share)}
                    </option>
                  ))}
                </Form.Select>
              </Form.Group>
            ))}
          </div>
        </fieldset>
      </div>
    </section>
  )
}

type ChoiceProps = {
  name: string
  label: string
  value: string
  of: readonly (readonly [value: string, name: string])[]
  onChange: (value: string) => void
}

function Choice({ name, label, value, of, onChange }: ChoiceProps) {
  return (
    <div className="choice">
      <span id={`${name}-label`}>{label}</span>
      <ToggleButtonGroup
        type="radio"
        name={name}
        value={value}
        onChange={onChange}
        aria-labelledby={`${name}-label`}
      >
        {of.map(([each, shown]) => (
          <ToggleButton key={each} id={`${name}-${each}`} value={each} variant="outline">
            {shown}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </div>
  )
}

function HazardSelect({
  label,
  value,
  onChange,
}: {
  label: string
  value: HazardKind
  onChange: (kind: HazardKind) => void
}) {
  return (
    <Form.Select
      aria-label={label}
      value={value}
      onChange={({ target }) => onChange(target.value as HazardKind)}
    >
      {HAZARDS.map((kind) => (
        <option key={kind} value={kind}>
          {kind}
        </option>
      ))}
    </Form.Select>
  )
}
