import { listen } from '@/http/notices'
import { dataMark, theDatabase } from '@/store/database'
import { newestShot } from '@/store/shots'

export const dynamic = 'force-dynamic'

/** Other processes (an import by command) write to the same file: look this often. */
const LOOK_MS = 1000

/** Server-sent events: "newest shot: place". A page that reconnects hears the newest at once, and reads again. */
export function GET(request: Request): Response {
  const encoder = new TextEncoder()
  let stop = () => {}
  const stream = new ReadableStream({
    start(controller) {
      let told = ''
      const tell = () => {
        told = dataMark()
        const newest = newestShot(theDatabase())
        controller.enqueue(encoder.encode(`id: ${newest}\ndata: newest shot: ${newest}\n\n`))
      }
      controller.enqueue(encoder.encode('retry: 500\n\n'))
      tell()
      const end = () => {
        stop()
        try {
          controller.close()
        } catch {
          // The stream was cancelled first.
        }
      }
      const unlisten = listen(tell, end)
      const look = setInterval(() => {
        if (dataMark() !== told) tell()
      }, LOOK_MS)
      stop = () => {
        unlisten()
        clearInterval(look)
      }
      request.signal.addEventListener('abort', end)
    },
    cancel: () => stop(),
  })
  return new Response(stream, {
    headers: { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', Connection: 'keep-alive' },
  })
}
