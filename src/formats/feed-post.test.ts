import { describe, expect, it } from 'vitest'
import { readFeedPost } from './feed-post'

const post = (more: object = {}) => ({
  id: 'x-1',
  units: { length: 'yd', speed: 'mph' },
  carry: 150,
  ...more,
})
const problems = (input: unknown) => {
  const read = readFeedPost(input)
  return read.ok ? [] : read.problems.map(({ field }) => field)
}

describe('a post of the feed', () => {
  it('is turned into canonical units once', () => {
    const read = readFeedPost(
      post({ offline: -10, ballSpeed: 60, peak: 30, units: { length: 'yd', speed: 'mph', height: 'ft' } }),
    )
    expect(read.ok && read.value.carryM).toBeCloseTo(137.16, 10)
    expect(read.ok && read.value.offlineM).toBeCloseTo(-9.144, 10)
    expect(read.ok && read.value.ballSpeedMps).toBeCloseTo(26.8224, 10)
    expect(read.ok && read.value.peakM).toBeCloseTo(9.144, 10)
    expect(read.ok && 'launchDeg' in read.value).toBe(false)
  })

  it('leaves metric numbers as they are', () => {
    const read = readFeedPost(post({ carry: 121, units: { length: 'm', speed: 'm/s' }, ballSpeed: 45.6 }))
    expect(read.ok && [read.value.carryM, read.value.ballSpeedMps]).toEqual([121, 45.6])
  })

  it.each([
    ['no carry', post({ carry: undefined }), ['carry']],
    ['text for a number', post({ carry: '150' }), ['carry']],
    ['a unit that is none', post({ units: { length: 'furlong', speed: 'mph' } }), ['units.length']],
    ['no units', post({ units: undefined }), ['units']],
    ['a list', [], ['']],
    ['null', null, ['']],
    ['three faults at once', { id: '', units: { length: 'yd' }, carry: 1 }, ['id', 'units.speed']],
  ])('with %s is refused, with every fault named', (_, input, fields) => {
    expect(problems(input)).toEqual(fields)
  })

  it('with a field that Banco does not know is kept, and names it', () => {
    const read = readFeedPost(post({ mood: 'good' }))
    expect(read.ok && read.value.unknownFields).toEqual(['mood'])
  })

  it('takes the lie where it is said, and no other word for one', () => {
    const read = readFeedPost(post({ lie: 'tee' }))
    expect(read.ok && [read.value.lie, read.value.unknownFields]).toEqual(['tee', []])
    expect(readFeedPost(post({})).ok && readFeedPost(post({}))).toMatchObject({ value: { lie: null } })
    expect(readFeedPost(post({ lie: 'bunker' })).ok).toBe(false)
  })
})

it.each(['a/b', '../x', '.', '..', 'a%2Fb', 'a\\b', 'half \ud800', 'line\nbreak'])(
  'an id that no address can carry is refused: %j',
  (id) => {
    expect(problems(post({ id }))).toEqual(['id'])
  },
)
