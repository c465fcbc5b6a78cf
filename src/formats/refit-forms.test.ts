import { describe, expect, it } from 'vitest'
import { check } from './check'
import { CLUB_FORM } from './forms'
import { TRIED_FORM } from './refit-forms'

const fieldsOf = (result: ReturnType<typeof check>) =>
  result.ok ? [] : result.problems.map(({ field }) => field)

describe('how a club is made', () => {
  const club = (build: object) => check(CLUB_FORM, { name: '9-iron', kind: 'iron', loftDeg: 41, build })

  it('may be said in full, in part, or not at all', () => {
    const build = {
      head: 'forged',
      model: 'own set',
      loftMeasured: true,
      lieDeg: 62,
      lengthM: 0.91,
      bounceDeg: 6,
    }
    expect(club(build)).toMatchObject({ ok: true, value: { build } })
    expect(club({}).ok).toBe(true)
    expect(check(CLUB_FORM, { name: '9-iron', kind: 'iron', loftDeg: 41 }).ok).toBe(true)
  })

  it.each([
    [{ bounceDeg: 60 }, 'build.bounceDeg'],
    [{ lengthM: 3 * 0.0254 }, 'build.lengthM'],
    [{ head: 'wooden' }, 'build.head'],
    [{ liking: 0 }, 'build.liking'],
    [{ liking: 2.5 }, 'build.liking'],
    [{ sleeveDeg: -1 }, 'build.sleeveDeg'],
    [{ loftMeasured: 'yes' }, 'build.loftMeasured'],
    [{ grooves: 'sharp' }, 'build.grooves'],
  ])('%j is none', (build, field) => expect(fieldsOf(club(build))).toEqual([field]))

  it.each([-3, 95])('a loft of %d is none', (loftDeg) =>
    expect(fieldsOf(check(CLUB_FORM, { name: '9-iron', kind: 'iron', loftDeg }))).toEqual(['loftDeg']),
  )
})

describe('what was tried', () => {
  const tried = (...fixes: object[]) => check(TRIED_FORM, { name: 'a try', fixes })

  it('holds fixes of every kind', () => {
    const all = [
      { kind: 'bend', clubId: 'a', degrees: -2 },
      { kind: 'sleeve', clubId: 'a', degrees: 1 },
      { kind: 'swap', clubId: 'a', loftDeg: 50 },
      { kind: 'drop', clubId: 'a' },
      { kind: 'add', clubId: 'a' },
      { kind: 'add', loftDeg: 51 },
      { kind: 'grip', clubId: 'a', cm: 2 },
    ]
    expect(tried(...all)).toMatchObject({ ok: true, value: { fixes: all } })
  })

  it.each([
    [{ kind: 'bend', clubId: 'a', degrees: 5 }],
    [{ kind: 'bend', degrees: 1 }],
    [{ kind: 'swap', clubId: 'a', loftDeg: 95 }],
    [{ kind: 'add', clubId: 'a', loftDeg: 51 }],
    [{ kind: 'add' }],
    [{ kind: 'grip', clubId: 'a', cm: 40 }],
    [{ kind: 'melt', clubId: 'a' }],
    [{ kind: 'drop', clubId: 'a', because: 'heavy' }],
  ])('%j is none', (fix) => expect(tried(fix).ok).toBe(false))

  it('has a name, and something in it', () => {
    expect(tried().ok).toBe(false)
    expect(check(TRIED_FORM, { name: ' ', fixes: [{ kind: 'drop', clubId: 'a' }] }).ok).toBe(false)
  })
})
