import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '@/core/model/ids'
import { PLAIN } from '@/core/session/conditions'
import type { BayView } from '@/views/bay-view'
import { inHand, NO_CHOICE } from './in-hand'

const club = (id: string, kind = 'iron') => ({ id: id as ClubId, name: id, kind })
const CLUBS = [club('driver', 'driver'), club('7-iron'), club('8-iron'), club('putter', 'putter')]
const at = (clubId: string, swing = 'full') => ({ clubId: clubId as ClubId, swing })
const shot = (id: string, clubId: string, more: object = {}) => ({
  id: id as ShotId,
  ...at(clubId),
  heldBecause: null,
  conditions: PLAIN,
  ...more,
})
type Given = {
  open?: ReturnType<typeof at> | null
  shots?: ReturnType<typeof shot>[]
  plan?: object[]
  warmUp?: boolean
}
const view = ({ open = null, shots = [], plan = [], warmUp = false }: Given): BayView =>
  ({
    bag: { clubs: CLUBS, rack: [] },
    session: { open, untilSettled: false },
    now: { ...PLAIN, warmUp },
    analysis: { stocks: [] },
    shots,
    plan: plan.map((block) => ({ day: 1, ...block })),
  }) as never
const ids = (shots: readonly { id: string }[]) => shots.map(({ id }) => id)

describe('the open station', () => {
  it('is the one that is open, else that of the last shot, else the shortest club that is hit', () => {
    const shots = [shot('a', '7-iron')]
    expect(inHand(view({ open: at('driver'), shots }), NO_CHOICE).open).toEqual(at('driver'))
    expect(inHand(view({ shots }), NO_CHOICE).open).toEqual(at('7-iron'))
    expect(inHand(view({}), NO_CHOICE).open).toEqual(at('8-iron'))
  })

  it('has its own shots, without those that are held; while warming up those of the warm-up', () => {
    const warm = shot('w', '8-iron', { conditions: { ...PLAIN, warmUp: true } })
    const shots = [
      warm,
      shot('a', '7-iron'),
      shot('b', '8-iron'),
      shot('h', '7-iron', { heldBecause: 'unknown-club' }),
      shot('c', '7-iron'),
    ]
    expect(ids(inHand(view({ open: at('7-iron'), shots }), NO_CHOICE).listed)).toEqual(['a', 'c'])
    // What does not count yet is seen in the list all the same.
    expect(ids(inHand(view({ open: at('7-iron'), shots }), NO_CHOICE).shown)).toEqual(['a', 'h', 'c'])
    expect(ids(inHand(view({ open: at('7-iron'), shots, warmUp: true }), NO_CHOICE).listed)).toEqual(['w'])
  })
})

describe('the shot in hand', () => {
  const shots = [shot('a', '7-iron'), shot('b', '7-iron')]
  const chosen = { shot: { id: 'a' as ShotId, among: 2 }, followed: null }

  it('is the newest, or the one that was chosen until another shot comes', () => {
    expect(inHand(view({ open: at('7-iron'), shots }), NO_CHOICE).shot?.id).toBe('b')
    expect(inHand(view({ open: at('7-iron'), shots }), chosen).shot?.id).toBe('a')
    const more = [...shots, shot('c', '7-iron')]
    expect(inHand(view({ open: at('7-iron'), shots: more }), chosen).shot?.id).toBe('c')
  })

  it('stays the last one of a block when the plan has opened the next station', () => {
    const followed = { shot: null, followed: { last: 'b' as ShotId } }
    const hand = inHand(view({ open: at('driver'), shots }), followed)
    expect(hand.shot?.id).toBe('b')
    // What is open already is not what comes next.
    expect(hand.next).toEqual(at('8-iron'))
  })
})

describe('what comes next', () => {
  it('is the longer club with the same swing, round about, and never the putter', () => {
    expect(inHand(view({ open: at('8-iron', 'half') }), NO_CHOICE).next).toEqual(at('7-iron', 'half'))
    expect(inHand(view({ open: at('driver') }), NO_CHOICE)).toMatchObject({
      longer: '8-iron',
      shorter: '7-iron',
    })
  })

  it('is the plan’s: the first block that lacks shots and is not the open one', () => {
    const plan = [
      { ...at('7-iron'), shots: 1 },
      { ...at('8-iron'), shots: 2 },
      { ...at('driver'), shots: 2 },
    ]
    const shots = [shot('a', '7-iron')]
    expect(inHand(view({ open: at('8-iron'), shots, plan }), NO_CHOICE).next).toEqual(at('driver'))
    expect(inHand(view({ open: at('7-iron'), shots, plan }), NO_CHOICE).next).toEqual(at('8-iron'))
  })
})
