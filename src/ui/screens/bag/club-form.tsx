'use client'

import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import type { OwnedClub } from '@/core/bag/bag'
import { CLUB_KINDS } from '@/core/bag/club'
import type { GolferId } from '@/core/model/ids'
import type { Problem } from '@/core/model/problem'
import { focusProblem } from '../../shared/focus-problem'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { areNumbers, plain } from '../../shared/form/measure'
import { MomentField, momentOf, momentText } from '../../shared/form/moment-field'
import { NumberOf } from '../../shared/form/number-of'
import { TextField } from '../../shared/form/text-field'
import { BuildFieldset } from './build-fields'
import { buildFields, readBuild, type ClubFields } from './club-fields'

type Props = {
  golferId: GolferId
  club: OwnedClub | null
  onDone: (where?: 'in-bag' | 'on-rack') => void
  onCancel: () => void
}

/** A new club, or one that is changed. */
export function ClubForm({ golferId, club, onDone, onCancel }: Props) {
  const { problems, setProblems, send } = useSubmit()
  /** When the club was changed; null while what was said of it is only corrected. */
  const [changedAt, setChangedAt] = useState<string | null>(null)
  const { register, handleSubmit, control } = useForm<ClubFields>({
    defaultValues: {
      name: club?.name ?? '',
      kind: club?.kind ?? 'iron',
      loftDeg: club?.loftDeg ?? null,
      build: buildFields(club?.build),
    },
  })
  const save = handleSubmit(async (fields) => {
    if (!areNumbers(fields)) return focusProblem()
    if (fields.name.trim() === '')
      return setProblems([{ field: 'name', sentence: 'The name is empty: type what you call the club.' }])
    const details = { ...fields, name: fields.name.trim(), build: readBuild(fields.build) }
    const sinceMs = changedAt === null ? null : momentOf(changedAt)
    if (changedAt !== null && sinceMs === null)
      return setProblems([{ field: 'sinceMs', sentence: 'Type the day and time of the change.' }])
    const since = sinceMs === null ? {} : { sinceMs }
    const clubs = `/api/golfers/${golferId}/clubs`
    const sent = club
      ? await send<{ where?: 'in-bag' | 'on-rack' }>('PUT', `${clubs}/${club.id}`, { ...details, ...since })
      : await send<{ where?: 'in-bag' | 'on-rack' }>('POST', clubs, details)
    if (sent.ok) onDone(sent.value.where)
  })
  return (
    <Form onSubmit={save} className="p-3" noValidate>
      <TextField
        className="mb-2"
        label="Name"
        text="club"
        {...register('name')}
        autoFocus
        placeholder="7-iron"
        problems={problems}
        field="name"
      />
      <Form.Group className="mb-2" controlId="club-kind">
        <Form.Label>Kind</Form.Label>
        <Form.Select {...register('kind')}>
          {CLUB_KINDS.map((kind) => (
            <option key={kind}>{kind}</option>
          ))}
        </Form.Select>
      </Form.Group>
      <div className="mb-3">
        <NumberOf
          control={control}
          name="loftDeg"
          label="Loft, empty if you do not know it"
          measure={plain('°', 2)}
          limit="loftDeg"
          problems={problems}
        />
      </div>
      <BuildFieldset
        usual={club?.build.usual === true}
        register={register}
        control={control}
        problems={problems}
      />
      {club && <WasChanged at={changedAt} problems={problems} onChange={setChangedAt} />}
      <Problems of={problems} field="" />
      <div className="d-flex gap-2">
        <Button type="submit">{club ? 'Save' : 'Add the club'}</Button>
        <Button variant="outline" onClick={onCancel}>
          Cancel
        </Button>
      </div>
    </Form>
  )
}

type WasChangedProps = {
  at: string | null
  problems: Problem[]
  onChange: (at: string | null) => void
}

/** Whether a club is said better, or has become another one: its earlier shots hang on it. */
function WasChanged({ at, problems, onChange }: WasChangedProps) {
  return (
    <fieldset className="mb-3">
      <legend className="fs-6">This change</legend>
      <Form.Check
        type="radio"
        id="club-corrected"
        name="club-what"
        label="was always so: I correct it"
        checked={at === null}
        onChange={() => onChange(null)}
      />
      <Form.Check
        type="radio"
        id="club-changed"
        name="club-what"
        label="is new: it was bent, turned, or has another shaft"
        checked={at !== null}
        onChange={() => onChange(momentText(Date.now()))}
      />
      {at !== null && (
        <>
          <MomentField label="Since" field="sinceMs" value={at} problems={problems} onChange={onChange} />
          <p className="quiet mb-0">Later shots count for the changed club. Earlier ones give an estimate.</p>
        </>
      )}
    </fieldset>
  )
}
