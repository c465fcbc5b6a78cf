import type { Browser } from '@playwright/test'
import { once } from 'node:events'
import { createServer, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'

/** A page with nothing but a list: each event is a row, noted two frames after it stands there. */
const PAGE = `<!doctype html><title>bare</title><ul></ul><script>
  window.seen = []
  new EventSource('/events').onmessage = ({ data }) => {
    document.querySelector('ul').append(Object.assign(document.createElement('li'), { textContent: data }))
    requestAnimationFrame(() => requestAnimationFrame(() => seen.push([data, Date.now()])))
  }
</script>`

/** What the machine can do: from the post to the frame that shows a bare server-sent event, with no store, no reading, no drawing. */
export async function bareEvents(browser: Browser, events: number, everyMs: number): Promise<number[]> {
  const listeners = new Set<ServerResponse>()
  const server = createServer((request, response) => {
    if (request.url === '/events') {
      response.writeHead(200, { 'Content-Type': 'text/event-stream' })
      response.write(': open\n\n')
      listeners.add(response)
    } else if (request.method === 'POST') {
      let body = ''
      request.on('data', (part) => (body += part))
      request.on('end', () => {
        listeners.forEach((listener) => listener.write(`data: ${body}\n\n`))
        response.writeHead(201).end()
      })
    } else response.writeHead(200, { 'Content-Type': 'text/html' }).end(PAGE)
  }).listen(0, '127.0.0.1')
  await once(server, 'listening')
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(address)
  while (listeners.size === 0) await new Promise((resolve) => setTimeout(resolve, 20))
  const sent: number[] = []
  for (let i = 0; i < events; i++) {
    sent.push(Date.now())
    await fetch(address, { method: 'POST', body: String(i) })
    await new Promise((resolve) => setTimeout(resolve, everyMs))
  }
  const seen = await page.evaluate(() => (window as unknown as { seen: [string, number][] }).seen)
  await page.close()
  listeners.forEach((listener) => listener.end())
  server.close()
  if (seen.length !== events) throw new Error(`${seen.length} of ${events} bare events were shown`)
  return seen.map(([i, at]) => at - (sent[Number(i)] as number))
}
