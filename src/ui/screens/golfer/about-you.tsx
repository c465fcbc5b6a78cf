import Form from 'react-bootstrap/Form'
import { useFormContext } from 'react-hook-form'
import type { Turf } from '@/core/model/turf'
import type { BagWish, GolferAim, Level } from '@/core/model/golfer'
import type { Problem } from '@/core/model/problem'
import { TURF_NAME } from '@/text/day'
import { BAG_WISH_NAME, LEVEL_NAME } from '@/text/names'
import type { Measure } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { TextField } from '../../shared/form/text-field'
import { Options } from '../../shared/form/options'

/** What a golfer says of themselves, as fields hold it. */
export type AimFields = {
  level: Level | ''
  driverM: number | null
  usualTurf: Turf | ''
  bagWish: BagWish | ''
  likes: string
  consent: string
}

export const aimFields = (of: GolferAim | undefined): AimFields => ({
  level: of?.level ?? '',
  driverM: of?.driverM ?? null,
  usualTurf: of?.usualTurf ?? '',
  bagWish: of?.bagWish ?? '',
  likes: of?.likes ?? '',
  consent: of?.consent ?? '',
})

export const aimOf = ({ level, driverM, usualTurf, bagWish, likes, consent }: AimFields): GolferAim => ({
  level: level || null,
  driverM,
  usualTurf: usualTurf || null,
  bagWish: bagWish || null,
  likes: likes.trim() || null,
  consent: consent.trim() || null,
})

type Props = {
  far: Measure
  problems: Problem[]
  /** Somebody else may look after this golfer. */
  lookedAfter: boolean
}

/** Who the golfer is and what for: all of it may stay unsaid. */
export function AboutYou({ far, problems, lookedAfter }: Props) {
  const { register, control } = useFormContext<AimFields>()
  const select = (field: 'level' | 'usualTurf' | 'bagWish', label: string, names: Record<string, string>) => (
    <Form.Group controlId={field}>
      <Form.Label>{label}</Form.Label>
      <Form.Select {...register(field)}>
        <option value="">not set</option>
        <Options names={names} />
      </Form.Select>
    </Form.Group>
  )
  return (
    <fieldset className="mb-3 d-grid gap-2">
      <legend className="fs-6 mb-1">About you</legend>
      <p className="quiet mb-0">
        Banco uses this for the first bag, the ground of your course days, and Fix gaps.
      </p>
      {select('level', 'I play', LEVEL_NAME)}
      <NumberOf
        control={control}
        name="driverM"
        label="My driver carries about"
        labelled="before"
        measure={far}
        limit="carryM"
        problems={problems}
      />
      {select('usualTurf', 'The ground that I usually play on', TURF_NAME)}
      {select('bagWish', 'I would rather have', BAG_WISH_NAME)}
      <TextField
        label="What I like and what I do not"
        text="likes"
        rows={2}
        placeholder="no hybrids; high wedges; one wedge less"
        {...register('likes')}
      />
      {lookedAfter && (
        <TextField
          label="Note of consent, where a coach keeps one"
          text="consent"
          placeholder="agreed on 4 March to be kept here until the end of the season"
          {...register('consent')}
        />
      )}
    </fieldset>
  )
}
