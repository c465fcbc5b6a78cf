const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

/**
 * Why a request is not answered: Banco answers only those who mean it, so that a page elsewhere can neither read it by
 * another name nor write to it. Null: it may be.
 */
export function whyNot(request: Pick<Request, 'headers' | 'method'>): string | null {
  const host = request.headers.get('host') ?? ''
  const named = (process.env.BANCO_HOSTS ?? '').split(',').map((name) => name.trim())
  const allowed = new Set([...LOOPBACK, ...named.filter(Boolean)])
  if (!allowed.has(host.replace(/:\d+$/, '')))
    return `Banco does not answer as "${host}": open it as 127.0.0.1, or name the host in BANCO_HOSTS.`
  const origin = request.headers.get('origin')
  if (origin !== null && originHost(origin) !== host)
    return `Banco takes nothing from the page ${origin}: open Banco itself.`
  return isOwnOrNavigation(request) ? null : 'Another page asked for this: open Banco itself.'
}

/** A page elsewhere may lead here, and may have nothing else of Banco: no picture, no script, no frame. */
function isOwnOrNavigation({ headers, method }: Pick<Request, 'headers' | 'method'>): boolean {
  const site = headers.get('sec-fetch-site')
  if (site === null || site === 'same-origin' || site === 'none') return true
  return (
    method === 'GET' &&
    headers.get('sec-fetch-mode') === 'navigate' &&
    headers.get('sec-fetch-dest') === 'document'
  )
}

const originHost = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null)
