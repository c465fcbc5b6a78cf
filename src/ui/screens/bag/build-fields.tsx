import Form from 'react-bootstrap/Form'
import type { Control, UseFormRegister } from 'react-hook-form'
import { HEADS, JOBS, type ClubBuild } from '@/core/bag/club-build'
import { isWithin, LETTERS, LIMITS } from '@/core/limits'
import type { Problem } from '@/core/problem'
import { HEAD_NAME, JOB_NAME } from '@/text/names'
import { plain } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { Problems } from '../../shared/shell/problems'
import type { ClubFields } from './club-form'

const INCH_M = 0.0254
/** Lengths of clubs are said in inches everywhere. */
const INCHES = { unit: 'in', digits: 2, to: (m: number) => m / INCH_M, from: (x: number) => x * INCH_M }

/** The numbers of a club's build, with their names, units, and what a sentence says of them. */
const NUMBERS = [
  {
    field: 'bounceDeg',
    label: 'Bounce',
    measure: plain('°', 1),
    says: 'A bounce is a number of degrees from −5 to 25',
  },
  {
    field: 'lieDeg',
    label: 'Lie',
    measure: plain('°', 1),
    says: 'A lie is a number of degrees from 45 to 80',
  },
  { field: 'lengthM', label: 'Length', measure: INCHES, says: 'A club is 24 to 53 inches long' },
  {
    field: 'sleeveDeg',
    label: 'Its sleeve turns the loft by',
    measure: plain('°', 1),
    says: 'A sleeve turns by 0 to 4°',
  },
] as const
type NumberField = (typeof NUMBERS)[number]['field']

/** A build as its fields hold it: nothing is an empty text or null. */
export type BuildFields = Record<NumberField, number | null> & {
  head: string
  model: string
  shaft: string
  job: string
  liking: string
  loftMeasured: boolean
}

export const buildFields = (build: ClubBuild = {}): BuildFields => ({
  head: build.head ?? '',
  model: build.model ?? '',
  shaft: build.shaft ?? '',
  job: build.job ?? '',
  liking: build.liking === undefined ? '' : String(build.liking),
  loftMeasured: build.loftMeasured ?? false,
  bounceDeg: build.bounceDeg ?? null,
  lieDeg: build.lieDeg ?? null,
  lengthM: build.lengthM ?? null,
  sleeveDeg: build.sleeveDeg ?? null,
})

const RANGES = {
  bounceDeg: LIMITS.bounceDeg,
  lieDeg: LIMITS.lieDeg,
  lengthM: LIMITS.clubLengthM,
  sleeveDeg: LIMITS.sleeveDeg,
}

/** What was said of how a club is made, or the first thing that cannot be. */
export function readBuild(fields: BuildFields): { build: ClubBuild } | { problem: Problem } {
  const build: ClubBuild = {}
  for (const { field, says } of NUMBERS) {
    const value = fields[field]
    if (value === null) continue
    if (!isWithin(value, RANGES[field]))
      return { problem: { field: `build.${field}`, sentence: `${says}: correct it or leave it empty.` } }
    build[field] = value
  }
  const head = HEADS.find((each) => each === fields.head)
  const job = JOBS.find((each) => each === fields.job)
  if (head) build.head = head
  if (job) build.job = job
  if (fields.liking !== '') build.liking = Number(fields.liking)
  if (fields.model.trim() !== '') build.model = fields.model.trim()
  if (fields.shaft.trim() !== '') build.shaft = fields.shaft.trim()
  if (fields.loftMeasured) build.loftMeasured = true
  return { build }
}

type Props = { register: UseFormRegister<ClubFields>; control: Control<ClubFields>; problems: Problem[] }

/** How a club is made: what a bend, a swap or a drop hangs on. Folded away until it is wanted. */
export function BuildFieldset({ register, control, problems }: Props) {
  return (
    <details className="mb-3" open={problems.some(({ field }) => field.startsWith('build'))}>
      <summary>How it is made: for Refit, all optional</summary>
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
        {NUMBERS.map(({ field, label, measure }) => (
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
          <Form.Control {...register('build.model')} maxLength={LETTERS.model} placeholder="my irons" />
        </Form.Group>
        <Form.Group controlId="club-shaft">
          <Form.Label>Shaft</Form.Label>
          <Form.Control
            {...register('build.shaft')}
            maxLength={LETTERS.shaft}
            placeholder="steel, 105 g, stiff"
          />
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
