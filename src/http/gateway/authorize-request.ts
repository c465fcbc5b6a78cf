import { timingSafeEqual } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'
import type { GolferId } from '../../core/model/ids'
import { header, page, redirect, refuse, send } from './answer'
import { bayOnlyPage, pairPage } from './pair-page'
import { PAIRED_FOR_MS, thePairings, type Pairings } from './pairings'
import { BAY_ONLY, type Scope } from './scope'

const COOKIE = 'banco-paired'
const MOST_BYTES = 2000
/** Where monitors post. */
const FEED = '/api/feed/shots'

/**
 * Checks a request from the network.
 * @param path its decoded path
 * @returns its scope; null where the gateway has answered it
 */
export async function authorizeRequest(
  request: IncomingMessage,
  response: ServerResponse,
  path: string,
): Promise<Scope | null> {
  const pairings = thePairings()
  if (!pairings) return refuse(response, 400, 'Banco is on no network.')
  if (path === '/api/pair' && request.method === 'POST') return await pair(request, response, pairings)
  const paired = pairings.of(cookieOf(request), Date.now())
  if (paired && path === '/pair') return redirect(response, homePath(paired.scope))
  if (!paired) {
    if (path === FEED && hasFeedToken(request)) return { kind: 'whole' }
    if (path === FEED) return refuse(response, 401, NO_TOKEN)
    if (path === '/pair') return page(response, 200, pairPage)
    return isPage(request) ? redirect(response, '/pair') : refuse(response, 401, NOT_PAIRED)
  }
  const { scope } = paired
  if (scope.kind === 'bay' && path === '/') return redirect(response, homePath(scope))
  if (scope.kind === 'bay' && !mayVisit(scope.golferId, request.method ?? 'GET', path))
    return isPage(request)
      ? page(response, 403, bayOnlyPage(homePath(scope)))
      : refuse(response, 403, BAY_ONLY)
  response.once(
    'close',
    pairings.opened(paired.id, () => response.destroy()),
  )
  return scope
}

const NOT_PAIRED = 'This browser is not paired, or not any more: open /pair and give the passcode.'
const NO_TOKEN =
  'Shots from the network need the feed’s token: start Banco with --feed-token, and send it as "Authorization: Bearer …".'

/** What every page loads besides its data. It has nothing of any golfer. */
const isOfTheApp = (path: string): boolean =>
  path.startsWith('/_next/static/') ||
  path === '/manifest.webmanifest' ||
  path === '/sw.js' ||
  /^\/(icon|favicon)[\w.-]*$/.test(path)

/** Whether a phone that is paired for one Bay may load this. Routes under /api/ decide that themselves. */
export const mayVisit = (golferId: GolferId, method: string, path: string): boolean =>
  isOfTheApp(path) ||
  path.startsWith('/api/') ||
  ((method === 'GET' || method === 'HEAD') && path === bayPath(golferId))

const bayPath = (golferId: GolferId): string => `/golfers/${golferId}/bay`

async function pair(request: IncomingMessage, response: ServerResponse, pairings: Pairings): Promise<null> {
  const words = await wordsOf(request)
  if (words === null) return refuse(response, 400, 'Send the passcode as { "words": "…" }.')
  const address = request.socket.remoteAddress ?? ''
  const device = (header(request, 'user-agent') ?? '').slice(0, 200)
  const found = pairings.pair(words, { address, device, nowMs: Date.now() })
  if (found.kind === 'wait') {
    response.setHeader('Retry-After', String(Math.ceil(found.ms / 1000)))
    return refuse(response, 429, `Too many wrong codes: try again in ${Math.ceil(found.ms / 1000)} s.`)
  }
  if (found.kind === 'wrong')
    return refuse(
      response,
      401,
      'That is not the passcode: read its five words again where Banco was started.',
    )
  const secure = isEncrypted(request) ? '; Secure' : ''
  response.setHeader(
    'Set-Cookie',
    `${COOKIE}=${found.token}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${PAIRED_FOR_MS / 1000}${secure}`,
  )
  return send(response, 200, JSON.stringify({ to: homePath(found.scope) }))
}

const homePath = (scope: Scope): string => (scope.kind === 'bay' ? encodeURI(bayPath(scope.golferId)) : '/')

/** What was typed; null where the body is none of the page's. */
async function wordsOf(request: IncomingMessage): Promise<string | null> {
  let text = ''
  for await (const part of request) {
    text += String(part)
    if (text.length > MOST_BYTES) return null
  }
  try {
    const message: unknown = JSON.parse(text)
    const words = message !== null && typeof message === 'object' && 'words' in message ? message.words : null
    return typeof words === 'string' ? words : null
  } catch {
    return null
  }
}

function hasFeedToken(request: IncomingMessage): boolean {
  const wanted = process.env.BANCO_FEED_TOKEN
  const given = /^Bearer (\S+)$/.exec(header(request, 'authorization') ?? '')?.[1]
  if (!wanted || !given) return false
  const [a, b] = [Buffer.from(wanted), Buffer.from(given)]
  return a.length === b.length && timingSafeEqual(a, b)
}

function cookieOf(request: IncomingMessage): string {
  for (const each of (header(request, 'cookie') ?? '').split(';')) {
    const [name, value] = each.trim().split('=')
    if (name === COOKIE && value) return value
  }
  return ''
}

const isEncrypted = ({ socket }: IncomingMessage): boolean =>
  'encrypted' in socket && socket.encrypted === true

const isPage = (request: IncomingMessage): boolean =>
  request.method === 'GET' && (header(request, 'accept') ?? '').includes('text/html')
