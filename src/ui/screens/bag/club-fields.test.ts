import { expect, it } from 'vitest'
import { buildFields, readBuild } from './club-fields'

it('what was said of a club comes back as it was, and what was not stays unsaid', () => {
  const build = {
    head: 'forged',
    model: 'own set',
    loftMeasured: true,
    bounceDeg: 8,
    lengthM: 0.9144,
    liking: 4,
    markedDeg: 40,
    shaftG: 95,
    flex: 'stiff',
    grip: 'midsize',
    sleeveAt: 'up one',
  } as const
  expect(readBuild(buildFields(build))).toEqual(build)
  expect(readBuild(buildFields())).toEqual({})
  expect(readBuild({ ...buildFields(), model: '  ', shaft: ' steel ' })).toEqual({ shaft: 'steel' })
})
