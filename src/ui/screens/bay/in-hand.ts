import type { OwnedClub } from '@/core/bag/bag'
import { swingFor } from '@/core/bag/club'
import type { ClubId, ShotId } from '@/core/model/ids'
import type { SessionShot } from '@/core/session/session-shot'
import { FULL_SWING, isOf, sameStation, type Station } from '@/core/model/station'
import type { BayView } from '@/views/bay-view'
import { progressOf } from './bay-plan'

/** What a golfer chose that the view does not know. */
type Choice = {
  /** A shot of the list; it stays chosen until another shot comes. */
  shot: { id: ShotId; among: number } | null
  /** The plan has opened the station that is open now: its last shot before stays in hand. */
  followed: { last: ShotId | undefined } | null
}
export const NO_CHOICE: Choice = { shot: null, followed: null }

/** What the golfer has in hand in the Bay: the open station and its shots, the shot that a mark is for, and what comes next. */
type InHand = {
  clubs: OwnedClub[]
  open: Station
  /** Shots of this session that count: none that needs checking. */
  taken: SessionShot[]
  warmUps: SessionShot[]
  /** Those of the open station; while warming up those of the warm-up. */
  here: SessionShot[]
  listed: SessionShot[]
  /** What the list shows: also shots of the station that need checking, or wait until the range is clear. */
  shown: SessionShot[]
  newest: SessionShot | undefined
  shot: SessionShot | undefined
  planned: ReturnType<typeof progressOf>
  next: Station | null
  longer: ClubId | undefined
  shorter: ClubId | undefined
}

export function inHand(view: BayView, choice: Choice): InHand {
  const { bag, session } = view
  const clubs = [
    ...bag.clubs.filter(({ kind }) => kind !== 'putter'),
    ...bag.rack.filter(({ id }) => inUse(view, id)),
  ]
  const open = session.open ?? lastStation(view) ?? { clubId: clubs.at(-1)?.id as ClubId, swing: FULL_SWING }
  const taken = view.shots.filter(({ heldBecause }) => heldBecause === null)
  const warmUps = taken.filter(({ conditions }) => conditions.warmUp)
  const here = taken.filter(isOf(open))
  const listed = view.now.warmUp ? warmUps : here
  const inList = new Set(listed)
  const shown = view.shots.filter(
    (shot) => inList.has(shot) || (shot.heldBecause !== null && isOf(open)(shot)),
  )
  const last = taken.at(-1)
  const carriedOver = !view.now.warmUp && choice.followed?.last === last?.id ? last : undefined
  const newest = carriedOver ?? listed.at(-1)
  const chosen = choice.shot?.among === view.shots.length ? choice.shot.id : null
  const index = clubs.findIndex(({ id }) => id === open.clubId)
  const neighbour = (by: 1 | -1) => clubs[(index + by + clubs.length) % clubs.length]?.id
  const longer = neighbour(-1)
  const planned = progressOf(view)
  // With a plan the next station is the plan's: after the block in hand, or the block that lacks shots.
  const nextBlock = planned.left.find((block) => !sameStation(block, open)) ?? null
  const next =
    nextBlock ??
    (longer
      ? {
          clubId: longer,
          swing: swingFor(
            clubs.find(({ id }) => id === longer),
            open.swing,
          ),
        }
      : null)
  return {
    clubs,
    open,
    taken,
    warmUps,
    here,
    listed,
    shown,
    newest,
    shot: listed.find(({ id }) => id === chosen) ?? newest,
    planned,
    next: next && { clubId: next.clubId, swing: next.swing },
    longer,
    shorter: neighbour(1),
  }
}

/** A club of the rack that is hit in this session like one of the bag. */
const inUse = ({ session, shots, plan }: BayView, id: ClubId): boolean =>
  session.open?.clubId === id ||
  shots.some(({ clubId }) => clubId === id) ||
  plan.some(({ clubId }) => clubId === id)

function lastStation({ shots, bag }: BayView): Station | null {
  const last = shots.findLast((shot) => bag.clubs.some((club) => club.id === shot.clubId))
  return last?.clubId ? { clubId: last.clubId, swing: last.swing } : null
}
