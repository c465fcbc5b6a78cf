import { randomUUID } from 'node:crypto'
import { Stopped } from '@/worker/helper'
import type { Kind, Works } from '@/worker/work'
import type { WorkMessage } from '@/core/model/long-work'
import { doWork } from './workers'
import { problemsOf, notifyChange } from './route'

/**
 * Answers with how far a work has come, a line of JSON each, and at last with what came of it. It is stopped by
 * DELETE /api/work/NUMBER, and where nobody listens any more.
 */
export function workResponse<K extends Kind>(
  request: Request,
  kind: K,
  ask: Works[K]['ask'],
  { isLong, onDone = () => {} }: { isLong: boolean; onDone?: () => void },
): Response {
  const number = randomUUID()
  const left = new AbortController()
  request.signal.addEventListener('abort', () => left.abort())
  const encoder = new TextEncoder()
  const stream = new ReadableStream({
    async start(controller) {
      const line = (message: WorkMessage<Works[K]['result']>) => {
        if (!left.signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(message)}\n`))
      }
      line({ says: 'started', number })
      try {
        const result = await doWork(kind, ask, {
          isLong,
          number,
          onProgress: (progress) => line({ says: 'progress', ...progress }),
          signal: left.signal,
        })
        onDone()
        notifyChange()
        line({ says: 'done', result: result })
      } catch (error) {
        line(error instanceof Stopped ? { says: 'stopped' } : { says: 'refused', ...problemsOf(error) })
      }
      if (!left.signal.aborted) controller.close()
    },
    cancel: () => left.abort(),
  })
  return new Response(stream, {
    headers: { 'Content-Type': 'application/x-ndjson', 'Cache-Control': 'no-store' },
  })
}
