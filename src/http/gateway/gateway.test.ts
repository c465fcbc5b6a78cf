import { IncomingMessage, ServerResponse } from 'node:http'
import { Socket } from 'node:net'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { gateway } from './gateway'
import { SCOPE_HEADER } from './scope'

/** What a request is answered; 200 and the headers that reach the framework where it is let through. */
async function ask(headers: Record<string, string>, { path = '/golfers/a/gaps', method = 'GET' } = {}) {
  const request = new IncomingMessage(new Socket())
  Object.assign(request, { url: path, method, headers: { host: '127.0.0.1:4614', ...headers } })
  const response = new ServerResponse(request)
  const framework = vi.fn(() => Promise.resolve())
  await gateway(framework, { isNetwork: false })(request, response)
  const isLetThrough = framework.mock.calls.length > 0
  return {
    status: isLetThrough ? 200 : response.statusCode,
    policy: String(response.getHeader('content-security-policy')),
    reaching: request.headers,
  }
}
const OTHER = 'http://elsewhere.example'
afterEach(() => vi.unstubAllEnvs())

describe('the gateway', () => {
  it('answers to a loopback name, and to a host of BANCO_HOSTS', async () => {
    expect((await ask({})).status).toBe(200)
    expect((await ask({ host: '[::1]:4614' })).status).toBe(200)
    expect((await ask({ host: 'bay.example' })).status).toBe(403)
    vi.stubEnv('BANCO_HOSTS', 'loft.example, bay.example')
    expect((await ask({ host: 'bay.example' })).status).toBe(200)
  })

  it('refuses writes from the page of another origin', async () => {
    expect((await ask({ origin: OTHER }, { method: 'POST', path: '/api/golfers' })).status).toBe(403)
    expect((await ask({ origin: 'null' }, { method: 'POST', path: '/api/golfers' })).status).toBe(403)
    expect(
      (await ask({ origin: 'http://127.0.0.1:4614' }, { method: 'POST', path: '/api/golfers' })).status,
    ).toBe(200)
  })

  it('lets a page elsewhere link to Banco, and load nothing from it', async () => {
    const from = (mode: string, dest: string) => ({
      'sec-fetch-site': 'cross-site',
      'sec-fetch-mode': mode,
      'sec-fetch-dest': dest,
    })
    expect((await ask(from('navigate', 'document'))).status).toBe(200)
    expect((await ask(from('navigate', 'iframe'))).status).toBe(403)
    expect((await ask(from('no-cors', 'image'), { path: '/api/golfers/a/export' })).status).toBe(403)
    expect((await ask(from('no-cors', 'script'), { path: '/_next/static/a.js' })).status).toBe(403)
    expect((await ask({ ...from('cors', 'empty'), 'sec-fetch-site': 'same-site' })).status).toBe(403)
    expect((await ask({ 'sec-fetch-site': 'same-origin', 'sec-fetch-mode': 'cors' })).status).toBe(200)
    expect((await ask(from('navigate', 'document'), { method: 'POST', path: '/api/golfers' })).status).toBe(
      403,
    )
  })

  it('gives each page a new nonce for its scripts, and allows no inline script', async () => {
    const policy = async () => (await ask({})).policy
    const scripts = /script-src ([^;]*)/.exec(await policy())?.[1] ?? ''
    expect(scripts).toMatch(/'nonce-[0-9a-f-]{36}'/)
    expect(scripts).not.toContain('unsafe-inline')
    expect(await policy()).not.toBe(await policy())
    expect(await policy()).toContain("frame-ancestors 'none'")
  })
})

it('removes the headers that only Banco or a proxy may set', async () => {
  const { reaching } = await ask({ [SCOPE_HEADER]: 'whole', 'x-forwarded-for': '127.0.0.1', accept: '*/*' })
  expect(Object.keys(reaching).sort()).toEqual(['accept', 'content-security-policy', 'host'])
})

it('refuses a malformed address', async () => {
  expect((await ask({}, { path: '/golfers/%' })).status).toBe(400)
})
