import type { GolferId } from '../../core/model/ids'

/** What a paired phone may have: all of Banco, or the Bay of one golfer. */
export type Scope = { kind: 'whole' } | { kind: 'bay'; golferId: GolferId }

/** The golfer of a session; null for an unknown session, or one without a golfer. */
export type OwnerOf = (sessionId: string) => string | null

/** What every page needs besides its data: nothing of it is of a golfer. */
const isOfTheApp = (path: string): boolean =>
  path.startsWith('/_next/static/') ||
  path === '/api/notices' ||
  path === '/manifest.webmanifest' ||
  path === '/sw.js' ||
  isIcon(path)
const isIcon = (path: string): boolean => /^\/(icon|favicon)[\w.-]*$/.test(path)

/** What the Bay does with its session: nothing else of a session is a Bay's. */
const OF_SESSION = new Set([
  'bay',
  'shots',
  'events',
  'station',
  'undo',
  'redo',
  'clear',
  'moves',
  'set-up',
  'receive',
  'watching',
])

/**
 * Whether a device may ask for something.
 * @param path without what stands behind its question mark, with its letters as they are
 */
export function mayAsk(scope: Scope, method: string, path: string, ownerOf: OwnerOf): boolean {
  if (scope.kind === 'whole' || isOfTheApp(path)) return true
  const { golferId } = scope
  const parts = path.split('/').slice(1)
  const [first, second, third, fourth] = parts
  const reads = method === 'GET' || method === 'HEAD'
  if (first === 'golfers') return reads && second === golferId && third === 'bay' && parts.length === 3
  if (first !== 'api' || third === undefined) return false
  if (second === 'golfers')
    return (
      third === golferId &&
      parts.length === 4 &&
      (fourth === 'shot' || (fourth === 'sessions' && method === 'POST'))
    )
  if (second !== 'sessions' || ownerOf(third) !== golferId) return false
  return parts.length === 3 ? method === 'PATCH' : parts.length === 4 && OF_SESSION.has(fourth ?? '')
}
