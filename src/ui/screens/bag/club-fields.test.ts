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
  expect(readBuild(buildFields(build))).toEqual({ build })
  expect(readBuild(buildFields())).toEqual({ build: {} })
  expect(readBuild({ ...buildFields(), model: '  ', shaft: ' steel ' })).toEqual({
    build: { shaft: 'steel' },
  })
})

it.each([
  [{ bounceDeg: 60 }, 'build.bounceDeg'],
  [{ lieDeg: 20 }, 'build.lieDeg'],
  [{ lengthM: 3 * 0.0254 }, 'build.lengthM'],
  [{ sleeveDeg: 9 }, 'build.sleeveDeg'],
  [{ markedDeg: 95 }, 'build.markedDeg'],
  [{ shaftG: 3 }, 'build.shaftG'],
  [{ bounceDeg: NaN }, 'build.bounceDeg'],
])('%j is none: said at its field, with how to mend it', (change, field) => {
  const read = readBuild({ ...buildFields(), ...change })
  expect(read).toMatchObject({ problem: { field } })
  expect('problem' in read && read.problem.sentence).toMatch(/correct it or leave it empty\.$/)
})
