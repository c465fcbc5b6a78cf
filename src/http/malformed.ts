import { Server, type IncomingMessage, type ServerResponse } from 'node:http'

/** What a request cannot be answered for: its address is no address, or its method one that nobody has. Null: it is well formed. */
export function malformed({ url = '', method = '' }: Pick<IncomingMessage, 'url' | 'method'>): string | null {
  if (!['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'].includes(method))
    return `Banco answers no ${method}: ask with GET, POST, PUT, PATCH or DELETE.`
  try {
    return decodeURIComponent(url).includes('\0')
      ? 'The address has a character in it that no address has.'
      : null
  } catch {
    return 'The address is not well formed: a "%" stands in it that encodes nothing.'
  }
}

/**
 * Answers malformed requests before the framework sees them, which would fail at them with a 500. Done at Node's own
 * server, since the framework makes it and gives nobody else a place before its router.
 * @param onRequest hears of every request first
 */
export function answerMalformed(onRequest?: (server: Server, request: IncomingMessage) => void): void {
  const emit = Server.prototype.emit as (event: string | symbol, ...args: unknown[]) => boolean
  Server.prototype.emit = function (this: Server, event: string | symbol, ...args: unknown[]): boolean {
    if (event === 'request' && onRequest) onRequest(this, args[0] as IncomingMessage)
    const sentence = event === 'request' ? malformed(args[0] as IncomingMessage) : null
    if (sentence === null) return emit.call(this, event, ...args)
    ;(args[1] as ServerResponse)
      .writeHead(400, {
        'Content-Type': 'application/json',
        'Cache-Control': 'no-store',
        Connection: 'close',
      })
      .end(JSON.stringify({ problems: [{ field: '', sentence }] }))
    return true
  }
}
