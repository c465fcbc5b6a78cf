const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

type HeaderOf = (name: string) => string | null

/**
 * Why a request is not answered: Banco answers only those who mean it, so that a page elsewhere can neither read it by
 * another name nor write to it. Null: it may be.
 */
export function whyNot(header: HeaderOf, method = 'GET'): string | null {
  const [host, origin] = [header('host') ?? '', header('origin')]
  const others = (process.env.BANCO_HOSTS ?? '').split(',').map((name) => name.trim())
  const allowed = new Set([...LOOPBACK, ...others.filter(Boolean)])
  if (!allowed.has(host.replace(/:\d+$/, '')))
    return `Banco does not answer as "${host}": open it as 127.0.0.1, or name the host in BANCO_HOSTS.`
  if (origin !== null && originHost(origin) !== host)
    return `Banco takes nothing from the page ${origin}: open Banco itself.`
  return isOwnOrNavigation(header, method) ? null : 'Another page asked for this: open Banco itself.'
}

/** Whether a page elsewhere led to it, as far as a browser says so. */
export const isFromElsewhere = ({ headers }: Pick<Request, 'headers'>): boolean =>
  !['same-origin', 'none', null].includes(headers.get('sec-fetch-site'))

/** A page elsewhere may lead here, and may have nothing else of Banco: no picture, no script, no frame. */
function isOwnOrNavigation(header: HeaderOf, method: string): boolean {
  const site = header('sec-fetch-site')
  if (site === null || site === 'same-origin' || site === 'none') return true
  return (
    method === 'GET' && header('sec-fetch-mode') === 'navigate' && header('sec-fetch-dest') === 'document'
  )
}

const originHost = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null)
