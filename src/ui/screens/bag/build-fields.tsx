import Form from 'react-bootstrap/Form'
import type { Control, UseFormRegister } from 'react-hook-form'
import type { Problem } from '@/core/model/problem'
import { HEAD_NAME, JOB_NAME } from '@/text/names'
import { NumberOf } from '../../shared/form/number-of'
import { Problems } from '../../shared/shell/problems'
import { TextField } from '../../shared/form/text-field'
import { BUILD_NUMBERS, type ClubFields } from './club-fields'
import { Options } from '../../shared/form/options'

type Props = {
  usual: boolean
  register: UseFormRegister<ClubFields>
  control: Control<ClubFields>
  problems: Problem[]
}

/** How a club is made: what a bend, a swap or a drop hangs on. Folded away until it is wanted. */
export function BuildFieldset({ usual, register, control, problems }: Props) {
  return (
    <details className="mb-3" open={problems.some(({ field }) => field.startsWith('build'))}>
      <summary>How it is made (optional, for Fix gaps)</summary>
      {usual && (
        <p className="quiet mt-2 mb-0">
          Length and bounce are what is usual for such a club: measure yours, or read the bounce off it.
        </p>
      )}
      <div className="d-grid gap-2 mt-2">
        <Form.Group controlId="club-head">
          <Form.Label>Head</Form.Label>
          <Form.Select {...register('build.head')}>
            <option value="">not known</option>
            <Options names={HEAD_NAME} />
          </Form.Select>
        </Form.Group>
        <Form.Check
          id="club-loft-measured"
          label="The loft was measured, not read off the club"
          {...register('build.loftMeasured')}
        />
        {BUILD_NUMBERS.map(({ field, label, measure, limit }) => (
          <NumberOf
            key={field}
            control={control}
            name={`build.${field}`}
            label={label}
            measure={measure}
            limit={limit}
            problems={problems}
          />
        ))}
        <TextField
          label="Your word for the set it comes from"
          text="model"
          {...register('build.model')}
          placeholder="my irons"
        />
        <TextField label="Shaft" text="shaft" {...register('build.shaft')} placeholder="steel, low launch" />
        <TextField label="Flex" text="flex" {...register('build.flex')} />
        <TextField label="What it is held by: the grip" text="grip" {...register('build.grip')} />
        <TextField label="How its sleeve is set" text="sleeveAt" {...register('build.sleeveAt')} />
        <Form.Group controlId="club-job">
          <Form.Label>Its job</Form.Label>
          <Form.Select {...register('build.job')}>
            <option value="">not set</option>
            <Options names={JOB_NAME} />
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="club-liking">
          <Form.Label>How you like it</Form.Label>
          <Form.Select {...register('build.liking')}>
            <option value="">not set</option>
            {[5, 4, 3, 2, 1].map((liking) => (
              <option key={liking}>{liking}</option>
            ))}
          </Form.Select>
        </Form.Group>
        <Problems of={problems} field="build" />
      </div>
    </details>
  )
}
