import { NextResponse, type NextRequest } from 'next/server'

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

/** Banco answers only those who mean it: a page elsewhere can neither read it by another name nor write to it. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host') ?? ''
  const allowed = new Set([...LOOPBACK, ...(process.env.BANCO_HOSTS ?? '').split(',').filter(Boolean)])
  if (!allowed.has(host.replace(/:\d+$/, ''))) {
    return refused(
      `Banco does not answer as "${host}": open it as 127.0.0.1, or name the host in BANCO_HOSTS.`,
    )
  }
  const origin = request.headers.get('origin')
  if (origin !== null && originHost(origin) !== host) {
    return refused(`Banco takes nothing from the page ${origin}: open Banco itself.`)
  }
  return NextResponse.next()
}

const originHost = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null)

const refused = (sentence: string) =>
  NextResponse.json({ problems: [{ field: '', sentence }] }, { status: 403 })
