import type { IncomingMessage } from 'node:http'

const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']

/**
 * The path of a request, decoded and without its query; or a sentence about why the request is not answered. An address
 * that the framework's router could read in another way than this function is refused.
 */
export function pathOf({
  url = '',
  method = '',
}: Pick<IncomingMessage, 'url' | 'method'>): { path: string } | { problem: string } {
  if (!METHODS.includes(method))
    return { problem: `Banco answers no ${method}: ask with GET, POST, PUT, PATCH or DELETE.` }
  const [raw = ''] = url.split('?')
  let path: string
  try {
    if (decodeURIComponent(url).includes('\0'))
      return { problem: 'The address has a character that no address may have.' }
    path = decodeURIComponent(raw)
  } catch {
    return { problem: 'The address is not well formed: it has a "%" that encodes nothing.' }
  }
  return /%2f|%5c/i.test(raw) || /[\\%]|\/\//.test(path) || /(^|\/)\.\.?(\/|$)/.test(path)
    ? { problem: 'The address can be read in two ways: write it without escapes that it does not need.' }
    : { path }
}
