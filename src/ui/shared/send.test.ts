import { afterEach, describe, expect, it, vi } from 'vitest'
import { send, sendWork } from './send'

/** A server that gives this answer, and remembers how it was asked. */
function answering(status: number, body: unknown) {
  const requests: RequestInit[] = []
  vi.stubGlobal('fetch', (_url: string, init: RequestInit) => {
    requests.push(init)
    return Promise.resolve(new Response(typeof body === 'string' ? body : JSON.stringify(body), { status }))
  })
  return requests
}
afterEach(() => vi.unstubAllGlobals())
const problems = [{ field: 'clubId', sentence: 'This golfer has no such club.' }]

describe('what Banco answers', () => {
  it('is the answer, or what is wrong in its own words', async () => {
    answering(200, { id: 'a' })
    expect(await send('POST', '/api/x', {})).toEqual({ ok: true, value: { id: 'a' } })
    answering(422, { problems })
    expect(await send('POST', '/api/x', {})).toEqual({ ok: false, problems })
  })

  it.each([500, 502, 503])(
    'with a %i is no no: whether it was taken nobody knows, and it is asked again',
    async (status) => {
      answering(status, { problems })
      expect(await send('POST', '/api/x', {})).toEqual({ ok: false, unreachable: true, problems })
    },
  )

  it('in words that are none of its own is said by its number', async () => {
    answering(500, '<html>Internal Server Error</html>')
    const sent = await send('POST', '/api/x', {})
    expect(sent.ok ? [] : sent.problems.map(({ sentence }) => sentence)).toEqual([
      'Banco failed (500). Nothing was changed: try again.',
    ])
  })

  it('is missing where nobody answers', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')))
    expect(await send('GET', '/api/x')).toMatchObject({ ok: false, unreachable: true })
  })

  it('may come after the page is gone: what was done on it goes on, but for what is large', async () => {
    const requests = answering(200, {})
    await send('PUT', '/api/x', { clubId: '8-iron' })
    await send('GET', '/api/x')
    await send('POST', '/api/x', { text: 'x'.repeat(70_000) })
    expect(requests.map(({ keepalive }) => keepalive)).toEqual([true, false, false])
  })
})

describe('a work that takes a while', () => {
  const streaming = (...parts: string[]) => {
    const urls: string[] = []
    vi.stubGlobal('fetch', (url: string) => {
      urls.push(url)
      const body = new ReadableStream({
        start(controller) {
          parts.forEach((part) => controller.enqueue(new TextEncoder().encode(part)))
          controller.close()
        },
      })
      return Promise.resolve(new Response(url === '/api/x' ? body : '{}', { status: 200 }))
    })
    return urls
  }

  it('is followed to its answer, wherever its lines are torn', async () => {
    const urls = streaming(
      '{"says":"started","number":"n1"}\n{"says":"progr',
      'ess","done":2,"of":4}\n',
      '{"says":"done","result":{"taken":4}}\n',
    )
    const progress: number[] = []
    const stops: (() => Promise<unknown>)[] = []
    const sent = await sendWork(
      '/api/x',
      {},
      {
        onProgress: ({ done }) => progress.push(done),
        onStart: (stop) => stops.push(stop),
      },
    )
    expect(sent).toEqual({ ok: true, value: { taken: 4 } })
    expect(progress).toEqual([2])
    await stops[0]?.()
    expect(urls).toEqual(['/api/x', '/api/work/n1'])
  })

  it('may be stopped, refused, or never heard of again', async () => {
    streaming('{"says":"stopped"}\n')
    expect(await sendWork('/api/x', {})).toBeNull()
    streaming(`{"says":"refused","status":422,"problems":${JSON.stringify(problems)}}\n`)
    expect(await sendWork('/api/x', {})).toEqual({ ok: false, problems })
    streaming('{"says":"started","number":"n1"}\n')
    expect(await sendWork('/api/x', {})).toMatchObject({ ok: false, unreachable: true })
  })
})
