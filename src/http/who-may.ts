const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

/**
 * Why a request is not answered: Banco answers only those who mean it, so that a page elsewhere can neither read it by
 * another name nor write to it. Null: it may be.
 */
export const whyNot = (request: Pick<Request, 'headers' | 'method'>): string | null =>
  whyNotHost(request.headers.get('host'), request.headers.get('origin')) ??
  (isOwnOrNavigation(request) ? null : 'Another page asked for this: open Banco itself.')

/** The same of what a request calls Banco and of the page that sent it. */
export function whyNotHost(named: string | null, origin: string | null): string | null {
  const host = named ?? ''
  const others = (process.env.BANCO_HOSTS ?? '').split(',').map((name) => name.trim())
  const allowed = new Set([...LOOPBACK, ...others.filter(Boolean)])
  if (!allowed.has(host.replace(/:\d+$/, '')))
    return `Banco does not answer as "${host}": open it as 127.0.0.1, or name the host in BANCO_HOSTS.`
  return origin !== null && originHost(origin) !== host
    ? `Banco takes nothing from the page ${origin}: open Banco itself.`
    : null
}

/** Whether a page elsewhere led to it, as far as a browser says so. */
export const isFromElsewhere = ({ headers }: Pick<Request, 'headers'>): boolean =>
  !['same-origin', 'none', null].includes(headers.get('sec-fetch-site'))

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
