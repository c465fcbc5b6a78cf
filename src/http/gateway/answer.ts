import { randomUUID } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'

// The gateway's own answers. Each returns null: nothing is left to do for the request.

export function send(
  response: ServerResponse,
  status: number,
  text: string,
  type = 'application/json',
): null {
  response
    .writeHead(status, {
      'Content-Type': type,
      'Cache-Control': 'no-store',
      'X-Content-Type-Options': 'nosniff',
    })
    .end(text)
  return null
}

export const refuse = (response: ServerResponse, status: number, sentence: string): null =>
  send(response, status, JSON.stringify({ problems: [{ field: '', sentence }] }))

export function redirect(response: ServerResponse, to: string): null {
  response.writeHead(302, { Location: to, 'Cache-Control': 'no-store' }).end()
  return null
}

/** A page of the gateway, complete in itself. */
export function page(response: ServerResponse, status: number, of: (nonce: string) => string): null {
  const nonce = randomUUID()
  response.setHeader(
    'Content-Security-Policy',
    `default-src 'none'; script-src 'nonce-${nonce}'; style-src 'nonce-${nonce}'; connect-src 'self'; form-action 'none'; frame-ancestors 'none'; base-uri 'none'`,
  )
  return send(response, status, of(nonce), 'text/html; charset=utf-8')
}

export const header = (request: IncomingMessage, name: string): string | null => {
  const value = request.headers[name]
  return typeof value === 'string' ? value : null
}
