import { listen } from '@/http/notices'
import { markNow } from '@/http/route'
import { theDatabase } from '@/store/database'
import { newestShot } from '@/store/shots'

export const dynamic = 'force-dynamic'

/** Other processes (an import by command) write to the same file: look this often. */
const POLL_MS = 1000

function newestIfRead(): number | null {
  try {
    return newestShot(theDatabase())
  } catch {
    return null
  }
}

/** Server-sent events: "newest shot: place", with the mark of the data as their id. A page that reconnects hears the newest at once, and reads again. */
export function GET(request: Request): Response {
  const encoder = new TextEncoder()
  let stop = () => {}
  const stream = new ReadableStream({
    start(controller) {
      let sent = ''
      const notify = () => {
        sent = markNow()
        const newest = newestIfRead()
        // Whoever asks for data that cannot be read is told so: a timer that fails would take the server along.
        if (newest === null) return
        controller.enqueue(encoder.encode(`id: ${sent}\ndata: newest shot: ${newest}\n\n`))
      }
      controller.enqueue(encoder.encode('retry: 500\n\n'))
      notify()
      const end = () => {
        stop()
        try {
          controller.close()
        } catch {
          // The stream was cancelled first.
        }
      }
      const unlisten = listen(notify, end)
      const look = setInterval(() => {
        if (markNow() !== sent) notify()
      }, POLL_MS)
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
