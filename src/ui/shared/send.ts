import type { WorkMessage } from '@/core/model/long-work'
import type { Problem } from '@/core/model/problem'

export type Sent<T> =
  | { ok: true; value: T }
  /** Unreachable: nobody answered, or not with yes or no, so that nobody knows whether it was taken. */
  | { ok: false; problems: Problem[]; unreachable?: true }

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'

/** Letters that a browser sends in the name of a page that is gone: of all requests together at most 64 kB. */
const SMALL = 4000

/** Sends something to Banco. What went wrong comes back as sentences, never as an exception. */
export async function send<T = unknown>(method: Method, url: string, body?: unknown): Promise<Sent<T>> {
  try {
    const json = body === undefined ? undefined : JSON.stringify(body)
    const response = await fetch(url, {
      method,
      // A page that is left at once takes back nothing that the golfer has done on it.
      keepalive: method !== 'GET' && (json?.length ?? 0) <= SMALL,
      ...(json !== undefined && { body: json, headers: { 'Content-Type': 'application/json' } }),
    })
    return await readResponse<T>(response)
  } catch {
    return unreachable()
  }
}

/** Sends the contents of a file. */
export async function sendText<T>(url: string, json: string | Blob): Promise<Sent<T>> {
  try {
    return await readResponse<T>(await fetch(url, { method: 'POST', body: json }))
  } catch {
    return unreachable()
  }
}

/** A work that takes a while: how far it has come, and how it is stopped. */
export type Following = {
  onProgress: (progress: { done: number; of: number }) => void
  /** Called once it can be stopped. */
  onStart: (stop: () => Promise<unknown>) => void
}

/**
 * Sends something that Banco works at for a while, and follows it to its end.
 * @returns null: it was stopped, and nothing was changed
 */
export async function sendWork<T>(
  url: string,
  body: object,
  { onProgress, onStart }: Partial<Following> = {},
): Promise<Sent<T> | null> {
  try {
    const headers = { 'Content-Type': 'application/json' }
    const response = await fetch(url, { method: 'POST', body: JSON.stringify(body), headers })
    if (!response.ok || !response.body) return await readResponse<T>(response)
    for await (const message of lines<WorkMessage<T>>(response.body))
      if (message.says === 'started') onStart?.(() => send('DELETE', `/api/work/${message.number}`))
      else if (message.says === 'progress') onProgress?.(message)
      else if (message.says === 'stopped') return null
      else
        return message.says === 'done'
          ? { ok: true, value: message.result }
          : { ok: false, ...refusal(message) }
    return unreachable()
  } catch {
    return unreachable()
  }
}

const refusal = ({ status, problems }: { status: number; problems: Problem[] }) => ({
  problems,
  // A server that failed or is busy has not said no, nor has one that this browser must be paired with again.
  ...((status >= 500 || status === 401 || status === 429) && { unreachable: true as const }),
})

/** The lines of a stream as they come, each one JSON. */
async function* lines<T>(body: ReadableStream<Uint8Array>): AsyncGenerator<T> {
  const reader = body
    .pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>)
    .getReader()
  let rest = ''
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    const [...whole] = (rest + part.value).split('\n')
    rest = whole.pop() ?? ''
    for (const line of whole) yield JSON.parse(line) as T
  }
}

async function readResponse<T>(response: Response): Promise<Sent<T>> {
  const json: unknown = await response.json().catch(() => null)
  if (response.ok) return { ok: true, value: json as T }
  const problems = (json as { problems?: Problem[] } | null)?.problems
  const { status } = response
  const failed = [{ field: '', sentence: `Banco failed (${status}). Nothing was changed: try again.` }]
  return { ok: false, ...refusal({ status, problems: problems ?? failed }) }
}

/** What is answered in the place of one that nobody gave. */
export const unreachable = () => ({
  ok: false as const,
  unreachable: true as const,
  problems: [
    { field: '', sentence: 'Banco does not answer. Nothing was changed: start it again and repeat this.' },
  ],
})
