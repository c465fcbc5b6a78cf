import type { ClubId, GolferId, VisitId } from '@/core/model/ids'
import { yards, DAY_MS } from '@/core/units'
import type { FollowUp } from '@/core/coach/visit'
import { clubsOf } from '@/store/clubs'
import type { Database } from '@/store/database'
import { changeVisit, planVisit, sayAfterPlay, setDesk } from '@/store/visits'

const HOUR_MS = 3_600_000
const MINUTES = 72

type Held = { golfer: string; daysAgo: number; words: string; followUp: FollowUp }
const HELD: Held[] = [
  {
    golfer: 'junia',
    daysAgo: 16,
    words:
      'Seven clubs and one swing: that is plenty. Leave every shot in, the long ones too.\nThe 7-iron is your measure: hit it first each time.',
    followUp: { after: 2, in: 'weeks', look: 'whether the 7-iron still goes its number' },
  },
  {
    golfer: 'marek',
    daysAgo: 30,
    words: 'The long end is close together. Three solid ones of each before we talk of a slot.',
    followUp: { after: 2, in: 'rounds', look: 'how often the 3-wood came out' },
  },
  {
    golfer: 'tilda',
    daysAgo: 23,
    words: 'The wedges first: that is where the shots go.',
    followUp: { after: 2, in: 'rounds', look: 'what you had for 85 yards' },
  },
  {
    golfer: 'tilda',
    daysAgo: 9,
    words:
      'The 8-iron to 9-iron step is the one to watch. Nothing is bent before it is settled.\nHalf swings: same tempo, shorter arms.',
    followUp: { after: 4, in: 'weeks', look: 'the 9-iron at 118, and the half wedge' },
  },
]
const PLANNED: { golfer: string; inDays: number; atHour: number; toDo: string | null }[] = [
  { golfer: 'tilda', inDays: 0, atHour: 0, toDo: 'Settle the 8-iron to 9-iron step before Alto Verin.' },
  { golfer: 'marek', inDays: 1, atHour: 10.5, toDo: 'Whether the 3-wood earns its slot.' },
  { golfer: 'junia', inDays: 3, atHour: 15, toDo: null },
  { golfer: 'tilda', inDays: 5, atHour: 9, toDo: 'Half wedges again; the card for the trip.' },
]

/** The desk of the loft's coach: what was held, what was asked, and who comes this week. */
export function fillDesk(db: Database, nowMs: number): void {
  setDesk(db, { coach: 'Ottoline Brack', wanted: false })
  const today = Math.floor(nowMs / DAY_MS) * DAY_MS
  const plan = (golfer: string, name: string, atMs: number, toDo: string | null) => {
    const id = `visit-${golfer}-${name}` as VisitId
    const fields = { atMs, offsetMin: 0, minutes: MINUTES, toDo, words: null, followUp: null }
    planVisit(db, `demo-${golfer}` as GolferId, id, fields)
    return id
  }
  for (const { golfer, daysAgo, words, followUp } of HELD) {
    const atMs = nowMs - daysAgo * DAY_MS - 2 * HOUR_MS
    const id = plan(golfer, `${daysAgo}`, atMs, null)
    changeVisit(db, id, 0, { words, followUp, ended: true }, atMs + 2.5 * HOUR_MS)
  }
  for (const { golfer, inDays, atHour, toDo } of PLANNED)
    plan(
      golfer,
      `in-${inDays}`,
      inDays === 0 ? nowMs - HOUR_MS / 3 : today + inDays * DAY_MS + atHour * HOUR_MS,
      toDo,
    )
  const clubs = new Map(clubsOf(db, 'demo-tilda' as GolferId).map(({ name, id }) => [name, id]))
  sayAfterPlay(db, 'visit-tilda-23' as VisitId, {
    enteredMs: nowMs - 10 * DAY_MS,
    missingM: yards(85),
    off: { clubId: clubs.get('9-iron') as ClubId, went: 'short' },
    unusedId: clubs.get('7-wood') as ClubId,
    words: 'The wind was up on the sixth; I did not trust the half wedge.',
  })
}
