import type { ClubDetails } from '@/core/bag/bag'
import type { ClubBuild, Head, Job } from '@/core/bag/club-build'
import { INCH_M } from '@/core/units'
import { plain } from '../../shared/form/measure'

/** What the form of a club holds. */
export type ClubFields = Pick<ClubDetails, 'name' | 'kind' | 'loftDeg'> & { build: BuildFields }

/** Lengths of clubs are said in inches everywhere. */
const INCHES = { unit: 'in', digits: 2, to: (m: number) => m / INCH_M, from: (x: number) => x * INCH_M }

/** The numbers of a club's build, with their names, units and limits. */
export const BUILD_NUMBERS = [
  {
    field: 'bounceDeg',
    label: 'Bounce',
    measure: plain('°', 1),
    limit: 'bounceDeg',
  },
  {
    field: 'lieDeg',
    label: 'Lie',
    measure: plain('°', 1),
    limit: 'lieDeg',
  },
  { field: 'lengthM', label: 'Length', measure: INCHES, limit: 'clubLengthM' },
  {
    field: 'sleeveDeg',
    label: 'Its sleeve turns the loft by',
    measure: plain('°', 1),
    limit: 'sleeveDeg',
  },
  {
    field: 'markedDeg',
    label: 'Stamped loft, if different',
    measure: plain('°', 2),
    limit: 'loftDeg',
  },
  {
    field: 'shaftG',
    label: 'Weight of its shaft',
    measure: plain('g', 0),
    limit: 'shaftG',
  },
] as const
type NumberField = (typeof BUILD_NUMBERS)[number]['field']

/** A build as its fields hold it: nothing is an empty text or null. */
type BuildFields = Record<NumberField, number | null> & {
  head: Head | ''
  model: string
  shaft: string
  flex: string
  grip: string
  sleeveAt: string
  job: Job | ''
  liking: string
  /** Said in Stock; it stays as it is. */
  oneLie: boolean
  loftMeasured: boolean
}

export const buildFields = (build: ClubBuild = {}): BuildFields => ({
  head: build.head ?? '',
  model: build.model ?? '',
  shaft: build.shaft ?? '',
  flex: build.flex ?? '',
  grip: build.grip ?? '',
  sleeveAt: build.sleeveAt ?? '',
  job: build.job ?? '',
  liking: build.liking === undefined ? '' : String(build.liking),
  oneLie: build.oneLie === true,
  loftMeasured: build.loftMeasured ?? false,
  bounceDeg: build.bounceDeg ?? null,
  lieDeg: build.lieDeg ?? null,
  lengthM: build.lengthM ?? null,
  sleeveDeg: build.sleeveDeg ?? null,
  markedDeg: build.markedDeg ?? null,
  shaftG: build.shaftG ?? null,
})

/** What was entered of how a club is made. */
export function readBuild(fields: BuildFields): ClubBuild {
  const build: ClubBuild = {}
  for (const { field } of BUILD_NUMBERS) {
    const value = fields[field]
    if (value !== null) build[field] = value
  }
  if (fields.head !== '') build.head = fields.head
  if (fields.job !== '') build.job = fields.job
  if (fields.liking !== '') build.liking = Number(fields.liking)
  for (const word of ['model', 'shaft', 'flex', 'grip', 'sleeveAt'] as const)
    if (fields[word].trim() !== '') build[word] = fields[word].trim()
  if (fields.loftMeasured) build.loftMeasured = true
  if (fields.oneLie) build.oneLie = true
  return build
}
