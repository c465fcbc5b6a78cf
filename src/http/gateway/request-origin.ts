import type { IncomingMessage } from 'node:http'
import { header } from './answer'

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]']

/**
 * What is wrong with the host or origin of a request; null where nothing is. Banco answers only to its own host names and
 * its own pages, so that a page elsewhere can neither read from it nor write to it.
 */
export function originProblem(request: IncomingMessage): string | null {
  const [host, origin] = [header(request, 'host') ?? '', header(request, 'origin')]
  const others = (process.env.BANCO_HOSTS ?? '').split(',').map((name) => name.trim())
  if (![...LOOPBACK, ...others.filter(Boolean)].includes(host.replace(/:\d+$/, '')))
    return `Banco does not answer as "${host}": open it as 127.0.0.1, or name the host in BANCO_HOSTS.`
  if (origin !== null && originHost(origin) !== host)
    return `Banco takes nothing from the page ${origin}: open Banco itself.`
  return isFromElsewhere(header(request, 'sec-fetch-site')) && !isNavigation(request)
    ? 'Another page asked for this: open Banco itself.'
    : null
}

/** Whether the browser reports in `sec-fetch-site` that a page elsewhere caused the request. */
export const isFromElsewhere = (site: string | null): boolean =>
  site !== null && site !== 'same-origin' && site !== 'none'

/** A page elsewhere may link to Banco, and may load nothing of it: no picture, no script, no frame. */
const isNavigation = (request: IncomingMessage): boolean =>
  request.method === 'GET' &&
  header(request, 'sec-fetch-mode') === 'navigate' &&
  header(request, 'sec-fetch-dest') === 'document'

const originHost = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null)
