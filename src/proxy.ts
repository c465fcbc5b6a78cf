import { NextResponse, type NextRequest } from 'next/server'

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

/** Banco answers only those who mean it: a page elsewhere can neither read it by another name nor write to it. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? ''
  const named = (process.env.BANCO_HOSTS ?? '').split(',').map((name) => name.trim())
  const allowed = new Set([...LOOPBACK, ...named.filter(Boolean)])
  if (!allowed.has(host.replace(/:\d+$/, ''))) {
    return refused(
      `Banco does not answer as "${host}": open it as 127.0.0.1, or name the host in BANCO_HOSTS.`,
    )
  }
  const origin = request.headers.get('origin')
  if (origin !== null && originHost(origin) !== host) {
    return refused(`Banco takes nothing from the page ${origin}: open Banco itself.`)
  }
  if (!isOwnOrNavigation(request)) return refused('Another page asked for this: open Banco itself.')
  return /^\/(api|_next)\//.test(request.nextUrl.pathname) ? NextResponse.next() : page(request)
}

/** A page elsewhere may lead here, and may have nothing else of Banco: no picture, no script, no frame. */
function isOwnOrNavigation({ headers, method }: NextRequest): boolean {
  const site = headers.get('sec-fetch-site')
  if (site === null || site === 'same-origin' || site === 'none') return true
  return (
    method === 'GET' &&
    headers.get('sec-fetch-mode') === 'navigate' &&
    headers.get('sec-fetch-dest') === 'document'
  )
}

/** A page whose scripts are Banco's own: each carries a word that only this answer knows. */
function page(request: NextRequest): NextResponse {
  const nonce = crypto.randomUUID()
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "worker-src 'self'",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'self'",
    "form-action 'self'",
  ].join('; ')
  const headers = new Headers(request.headers)
  // The framework reads the word from here and gives it to its scripts.
  headers.set('Content-Security-Policy', policy)
  const answer = NextResponse.next({ request: { headers } })
  answer.headers.set('Content-Security-Policy', policy)
  return answer
}

const originHost = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null)

const refused = (sentence: string) =>
  NextResponse.json({ problems: [{ field: '', sentence }] }, { status: 403 })
