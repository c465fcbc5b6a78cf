import { describe, expect, it } from 'vitest'
import type { GolferId } from '@/core/model/ids'
import { PAIRED_FOR_MS, Pairings } from './pairings'

const START = 'kalo bemi tafo ruza nobi'
const from = (nowMs: number, address = '10.0.0.9') => ({ address, device: 'a phone', nowMs })

describe('pairing', () => {
  it('with the passcode of the start is for all of Banco, 12 hours, as often as it is given', () => {
    const pairings = new Pairings(START)
    const first = pairings.pair('KALO-bemi-tafo-ruza-nobi', from(1000))
    const second = pairings.pair(START, from(2000))
    if (first.kind !== 'paired' || second.kind !== 'paired') throw new Error('the passcode is right')
    expect(first.scope).toEqual({ kind: 'whole' })
    expect(first.token).not.toBe(second.token)
    expect(first.token.length).toBeGreaterThanOrEqual(43)
    expect(pairings.of(first.token, 1000 + PAIRED_FOR_MS - 1)).toMatchObject({ device: 'a phone' })
    // A cookie of yesterday.
    expect(pairings.of(first.token, 1000 + PAIRED_FOR_MS)).toBeNull()
    expect(pairings.of('x'.repeat(43), 3000)).toBeNull()
    expect(pairings.of('', 3000)).toBeNull()
    expect(pairings.list(3000).paired).toHaveLength(1)
  })

  it('with a passcode for one phone is once, for a quarter of an hour, and for what it was made for', () => {
    const pairings = new Pairings(START)
    const scope = { kind: 'bay' as const, golferId: 'g' as GolferId }
    const { words, untilMs } = pairings.makeCode(scope, 0)
    expect(untilMs).toBe(15 * 60_000)
    expect(pairings.pair(words, from(1))).toMatchObject({ kind: 'paired', scope })
    expect(pairings.pair(words, from(2))).toEqual({ kind: 'wrong' })
    const late = pairings.makeCode(scope, 0)
    expect(pairings.pair(late.words, from(untilMs, '10.0.0.1'))).toEqual({ kind: 'wrong' })
  })

  it('ends from the desk, for that phone alone', () => {
    const pairings = new Pairings(START)
    const [a, b] = [pairings.pair(START, from(0)), pairings.pair(START, from(0))]
    if (a.kind !== 'paired' || b.kind !== 'paired') throw new Error('the passcode is right')
    const id = pairings.of(a.token, 1)?.id ?? ''
    expect([pairings.end(id), pairings.end(id)]).toEqual([true, false])
    expect(pairings.of(a.token, 2)).toBeNull()
    expect(pairings.of(b.token, 2)).not.toBeNull()
  })

  it('closes the open responses of a phone when its pairing is ended or expires', () => {
    const pairings = new Pairings(START)
    const closed: string[] = []
    const open = (what: string) => {
      const found = pairings.pair(START, from(0))
      if (found.kind !== 'paired') throw new Error('the passcode is right')
      const id = pairings.of(found.token, 1)?.id ?? ''
      return { id, over: pairings.opened(id, () => closed.push(what)) }
    }
    const [stream, page, other] = [open('stream'), open('page'), open('other')]
    page.over()
    pairings.end(page.id)
    pairings.end(stream.id)
    expect(closed).toEqual(['stream'])
    pairings.endOld(PAIRED_FOR_MS - 1)
    expect(closed).toEqual(['stream'])
    pairings.endOld(PAIRED_FOR_MS)
    expect(closed).toEqual(['stream', 'other'])
    expect(pairings.end(other.id)).toBe(false)
  })

  it('of 1,000 wrong passcodes, one every tenth of a second, tries a handful; another address is not held up', () => {
    const pairings = new Pairings(START)
    const kinds = Array.from({ length: 1000 }, (_, i) => pairings.pair(`guess ${i}`, from(i * 100)).kind)
    const judged = kinds.filter((kind) => kind === 'wrong').length
    // Three at once, then after 1, 2, 4, 8, 16, 32 s, and one more in the second minute.
    expect(judged).toBe(9)
    expect(kinds.filter((kind) => kind === 'wait')).toHaveLength(1000 - judged)
    expect(pairings.list(100_000).failed).toHaveLength(judged)
    expect(pairings.pair(START, from(100_000)).kind).toBe('wait')
    expect(pairings.pair(START, from(100_000, '10.0.0.7')).kind).toBe('paired')
    expect(pairings.pair(START, from(200_000)).kind).toBe('paired')
  })
})
