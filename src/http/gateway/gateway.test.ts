import { NextRequest } from 'next/server'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { proxy } from './proxy'

const ask = (headers: Record<string, string>, { path = '/golfers/a/gaps', method = 'GET' } = {}) =>
  proxy(
    new NextRequest(`http://127.0.0.1:4614${path}`, {
      method,
      headers: { host: '127.0.0.1:4614', ...headers },
    }),
  )
const OTHER = 'http://elsewhere.example'
afterEach(() => vi.unstubAllEnvs())

describe('who may ask Banco', () => {
  it('is whoever calls it by a name of this computer, or by one that was given to it', () => {
    expect(ask({}).status).toBe(200)
    expect(ask({ host: '[::1]:4614' }).status).toBe(200)
    expect(ask({ host: 'bay.example' }).status).toBe(403)
    vi.stubEnv('BANCO_HOSTS', 'loft.example, bay.example')
    expect(ask({ host: 'bay.example' }).status).toBe(200)
  })

  it('is no page of somebody else, whatever it sends', () => {
    expect(ask({ origin: OTHER }, { method: 'POST', path: '/api/golfers' }).status).toBe(403)
    expect(ask({ origin: 'null' }, { method: 'POST', path: '/api/golfers' }).status).toBe(403)
    expect(ask({ origin: 'http://127.0.0.1:4614' }, { method: 'POST', path: '/api/golfers' }).status).toBe(
      200,
    )
  })

  it('from elsewhere may come here, and may fetch nothing', () => {
    const from = (mode: string, dest: string) => ({
      'sec-fetch-site': 'cross-site',
      'sec-fetch-mode': mode,
      'sec-fetch-dest': dest,
    })
    expect(ask(from('navigate', 'document')).status).toBe(200)
    expect(ask(from('navigate', 'iframe')).status).toBe(403)
    expect(ask(from('no-cors', 'image'), { path: '/api/golfers/a/export' }).status).toBe(403)
    expect(ask(from('no-cors', 'script'), { path: '/_next/static/a.js' }).status).toBe(403)
    expect(ask({ ...from('cors', 'empty'), 'sec-fetch-site': 'same-site' }).status).toBe(403)
    expect(ask({ 'sec-fetch-site': 'same-origin', 'sec-fetch-mode': 'cors' }).status).toBe(200)
    expect(ask(from('navigate', 'document'), { method: 'POST', path: '/api/golfers' }).status).toBe(403)
  })

  it('gets pages whose scripts carry a word that is another one each time, and none written into the page', () => {
    const policy = () => ask({}).headers.get('content-security-policy') ?? ''
    const scripts = /script-src ([^;]*)/.exec(policy())?.[1] ?? ''
    expect(scripts).toMatch(/'nonce-[0-9a-f-]{36}'/)
    expect(scripts).not.toContain('unsafe-inline')
    expect(policy()).not.toBe(policy())
    expect(policy()).toContain("frame-ancestors 'none'")
  })
})
