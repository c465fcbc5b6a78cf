import Form from 'react-bootstrap/Form'
import type { Control, UseFormRegister } from 'react-hook-form'
import { HEADS, JOBS } from '@/core/bag/club-build'
import { MAX_LENGTH } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'
import { HEAD_NAME, JOB_NAME } from '@/text/names'
import { NumberOf } from '../../shared/form/number-of'
import { Problems } from '../../shared/shell/problems'
import { BUILD_NUMBERS, type ClubFields } from './club-fields'

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
            {HEADS.map((head) => (
              <option key={head} value={head}>
                {HEAD_NAME[head]}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Form.Check
          id="club-loft-measured"
          label="The loft was measured, not read off the club"
          {...register('build.loftMeasured')}
        />
        {BUILD_NUMBERS.map(({ field, label, measure }) => (
          <NumberOf
            key={field}
            control={control}
            name={`build.${field}`}
            label={label}
            measure={measure}
            problems={problems}
          />
        ))}
        <Form.Group controlId="club-model">
          <Form.Label>Your word for the set it comes from</Form.Label>
          <Form.Control {...register('build.model')} maxLength={MAX_LENGTH.model} placeholder="my irons" />
        </Form.Group>
        <Form.Group controlId="club-shaft">
          <Form.Label>Shaft</Form.Label>
          <Form.Control
            {...register('build.shaft')}
            maxLength={MAX_LENGTH.shaft}
            placeholder="steel, low launch"
          />
        </Form.Group>
        <Form.Group controlId="club-flex">
          <Form.Label>Flex</Form.Label>
          <Form.Control {...register('build.flex')} maxLength={MAX_LENGTH.flex} />
        </Form.Group>
        <Form.Group controlId="club-grip">
          <Form.Label>What it is held by: the grip</Form.Label>
          <Form.Control {...register('build.grip')} maxLength={MAX_LENGTH.grip} />
        </Form.Group>
        <Form.Group controlId="club-sleeve-at">
          <Form.Label>How its sleeve is set</Form.Label>
          <Form.Control {...register('build.sleeveAt')} maxLength={MAX_LENGTH.sleeveAt} />
        </Form.Group>
        <Form.Group controlId="club-job">
          <Form.Label>Its job</Form.Label>
          <Form.Select {...register('build.job')}>
            <option value="">not said</option>
            {JOBS.map((job) => (
              <option key={job} value={job}>
                {JOB_NAME[job]}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="club-liking">
          <Form.Label>How you like it</Form.Label>
          <Form.Select {...register('build.liking')}>
            <option value="">not said</option>
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
