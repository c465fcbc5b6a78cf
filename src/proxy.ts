import { NextResponse, type NextRequest } from 'next/server'
import { whyNot } from './http/who-may'

/** Answers only those who may ask. Routes that take whole files ask the same themselves: what goes through here stands in memory. */
export const config = { matcher: ['/((?!api/files$|api/backup$|api/golfers/restore$).*)'] }

export function proxy(request: NextRequest): NextResponse {
  const sentence = whyNot(request)
  if (sentence !== null) return NextResponse.json({ problems: [{ field: '', sentence }] }, { status: 403 })
  return /^\/(api|_next)\//.test(request.nextUrl.pathname) ? NextResponse.next() : page(request)
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
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('Content-Security-Policy', policy)
  return response
}
