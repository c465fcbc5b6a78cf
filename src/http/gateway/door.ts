import { randomUUID, timingSafeEqual } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'
import type { SessionId } from '@/core/model/ids'
import { mayAsk, type OwnerOf, type Scope } from '@/http/gateway/may-ask'
import { theDatabase } from '@/store/database'
import { malformed } from '../malformed'
import { whyNotHost } from '../who-may'
import { sessionById } from '@/store/sessions'
import { PAIRED_FOR_MS, thePairings, type Pairings } from './pairings'
import { bayOnlyPage, pairPage } from './pair-page'

const COOKIE = 'banco-paired'
const MOST_BYTES = 2000
/** Where monitors post. */
const FEED = '/api/feed/shots'

/**
 * Sees to a request from the network: answers it where it may not go on, or says what who asks may have. Nothing of Banco's
 * pages and routes has seen it yet.
 */
export async function authorizeRequest(
  request: IncomingMessage,
  response: ServerResponse,
): Promise<Scope | null> {
  const pairings = thePairings()
  const { path, ill } = pathOf(request)
  if (ill !== null || !pairings) return refuse(response, 400, ill ?? 'Banco is on no network.')
  const foreign = whyNotHost(header(request, 'host'), header(request, 'origin'))
  if (foreign !== null) return refuse(response, 403, foreign)
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
  if (!mayAsk(scope, request.method ?? 'GET', path, ownerOf))
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
const BAY_ONLY =
  'This phone is paired for one Bay alone: pair it with the passcode of the start to have the rest.'
const NO_TOKEN =
  'Shots from the network need the feed’s token: start Banco with --feed-token, and send it as "Authorization: Bearer …".'

const ownerOf: OwnerOf = (id) => sessionById(theDatabase(), id as SessionId)?.golferId ?? null

/** Its address alone, once it is well formed. */
function pathOf(request: IncomingMessage): { path: string; ill: string | null } {
  const ill = malformed(request)
  if (ill !== null) return { path: '', ill }
  const raw = (request.url ?? '').split('?')[0] ?? ''
  // What a router might read otherwise than this does is let in to nobody.
  const path = decodeURIComponent(raw)
  const odd =
    /%2f|%5c/i.test(raw) ||
    path.includes('\\') ||
    path.includes('//') ||
    /(^|\/)\.\.?(\/|$)/.test(path) ||
    path.includes('%')
  return odd
    ? { path: '', ill: 'The address is written in a way that could be read as another.' }
    : { path, ill: null }
}

async function pair(request: IncomingMessage, response: ServerResponse, pairings: Pairings): Promise<null> {
  const words = await wordsOf(request)
  if (words === null) return refuse(response, 400, 'Send the passcode as { "words": "…" }.')
  const address = request.socket.remoteAddress ?? ''
  const device = (header(request, 'user-agent') ?? '').slice(0, 200)
  const found = pairings.pair(words, { address, device, nowMs: Date.now() })
  if (found.kind === 'wait') {
    response.setHeader('Retry-After', String(Math.ceil(found.ms / 1000)))
    return refuse(response, 429, `Too many wrong ones: wait ${Math.ceil(found.ms / 1000)} s, and try again.`)
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

const homePath = (scope: Scope): string =>
  scope.kind === 'bay' ? `/golfers/${encodeURIComponent(scope.golferId)}/bay` : '/'

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

const header = (request: IncomingMessage, name: string): string | null => {
  const value = request.headers[name]
  return typeof value === 'string' ? value : null
}

const isEncrypted = ({ socket }: IncomingMessage): boolean =>
  'encrypted' in socket && socket.encrypted === true

function send(response: ServerResponse, status: number, text: string, type = 'application/json'): null {
  response
    .writeHead(status, {
      'Content-Type': type,
      'Cache-Control': 'no-store',
      'X-Content-Type-Options': 'nosniff',
    })
    .end(text)
  return null
}

const refuse = (response: ServerResponse, status: number, sentence: string): null =>
  send(response, status, JSON.stringify({ problems: [{ field: '', sentence }] }))

function redirect(response: ServerResponse, to: string): null {
  response.writeHead(302, { Location: to, 'Cache-Control': 'no-store' }).end()
  return null
}

const isPage = (request: IncomingMessage): boolean =>
  request.method === 'GET' && (header(request, 'accept') ?? '').includes('text/html')

function page(response: ServerResponse, status: number, of: (nonce: string) => string): null {
  const nonce = randomUUID()
  response.setHeader(
    'Content-Security-Policy',
    `default-src 'none'; script-src 'nonce-${nonce}'; style-src 'nonce-${nonce}'; connect-src 'self'; form-action 'none'; frame-ancestors 'none'; base-uri 'none'`,
  )
  return send(response, status, of(nonce), 'text/html; charset=utf-8')
}
