import { BAG_TEMPLATES } from '../src/core/bag/bag-templates'
import type { GolferId, SessionId } from '../src/core/model/ids'
import { bagOf, startBag } from '../src/store/bags'
import { openDatabase, type Database } from '../src/store/database'
import { addGolfer, golferById } from '../src/store/golfers'
import { beginReceiving } from '../src/store/receivers'
import { openStation, startSession } from '../src/store/sessions'

export const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)
const GOLFER = 'golfer-1' as GolferId

/** A store in memory with one golfer, a bag of thirteen, and a session with the 8-iron open. */
export function storeWithGolfer() {
  const db: Database = openDatabase(':memory:')
  addGolfer(
    db,
    GOLFER,
    { name: 'Merryn Oates', hand: 'left', lengthUnit: 'yd', speedUnit: 'mph', goalZoneM: [45, 105] },
    NOW_MS,
  )
  const template = BAG_TEMPLATES.find(({ key }) => key === 'smooth')
  if (!template) throw new Error('there is no smooth template')
  startBag(db, GOLFER, { name: 'Test bag', clubs: template.clubs }, NOW_MS)
  const bag = bagOf(db, GOLFER)
  const golfer = golferById(db, GOLFER)
  if (!bag || !golfer) throw new Error('the golfer has no bag')
  const clubId = (name: string) => {
    const club = [...bag.clubs, ...bag.rack].find((each) => each.name === name)
    if (!club) throw new Error(`there is no ${name}`)
    return club.id
  }
  const sessionId = startSession(
    db,
    { golferId: GOLFER, startedMs: NOW_MS, offsetMin: 60, place: 'indoor', clearMs: NOW_MS },
    'session-1' as SessionId,
  )
  beginReceiving(db, sessionId, NOW_MS)
  openStation(db, sessionId, { clubId: clubId('8-iron'), swing: 'full' }, NOW_MS)
  return { db, golfer, bag, clubId, sessionId }
}

/** Another golfer of the same store, who counts in metres, without a bag. */
export function addSecondGolfer(db: Database): GolferId {
  const other = 'golfer-2' as GolferId
  addGolfer(
    db,
    other,
    { name: 'Ansel Thorsby', hand: 'right', lengthUnit: 'm', speedUnit: 'km/h', goalZoneM: null },
    NOW_MS,
  )
  return other
}
