import { randomUUID } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { pathOf } from './address'
import { refuse } from './answer'
import { authorizeRequest } from './authorize-request'
import { SCOPE_HEADER, scopeText } from './scope'
import { originProblem } from './request-origin'

/** Answers a request. */
export type Handler = (request: IncomingMessage, response: ServerResponse) => Promise<void>

/** Headers that only a server in front of the framework may set. */
const OF_A_PROXY = /^x-(forwarded|middleware|matched|invoke|real)-/

/**
 * Checks every request before the framework receives it. A malformed request, or one from a page elsewhere, is refused. A
 * request from the network needs a pairing as well; the gateway adds its scope as a header.
 * @param framework answers the requests that pass
 */
export const gateway =
  (framework: Handler, { isNetwork }: { isNetwork: boolean }): Handler =>
  async (request, response) => {
    try {
      const address = pathOf(request)
      if ('problem' in address) return void refuse(response, 400, address.problem)
      const foreign = originProblem(request)
      if (foreign !== null) return void refuse(response, 403, foreign)
      for (const name of Object.keys(request.headers))
        if (name === SCOPE_HEADER || OF_A_PROXY.test(name)) delete request.headers[name]
      if (isNetwork) {
        const scope = await authorizeRequest(request, response, address.path)
        if (!scope) return
        request.headers[SCOPE_HEADER] = scopeText(scope)
      }
      if (!/^\/(api|_next)\//.test(address.path)) setPolicy(request, response)
      await framework(request, response)
    } catch (error) {
      console.error(error)
      if (!response.headersSent) response.writeHead(500)
      response.end()
    }
  }

/** A page runs only Banco's own scripts, which carry the nonce of this one response. */
function setPolicy(request: IncomingMessage, response: ServerResponse): void {
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${randomUUID()}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "worker-src 'self'",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'self'",
    "form-action 'self'",
  ].join('; ')
  // The framework reads the nonce from here and gives it to its scripts.
  request.headers['content-security-policy'] = policy
  response.setHeader('Content-Security-Policy', policy)
}
