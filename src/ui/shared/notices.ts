/** After a server that answered with an error is asked again: a browser does that by itself only where nobody answers. */
const AGAIN_MS = 1000

type Listener = {
  /** Something was stored, here or elsewhere: what is shown may be old. `mark` is that of the data now. */
  onNotice: (mark: string) => void
  /** Banco can be heard, at the start or again. */
  onOpen?: () => void
  onLost?: () => void
}

/** Listens for notices of new data until the returned function is called. */
export function listenToNotices({ onNotice, onOpen, onLost }: Listener): () => void {
  let retry: ReturnType<typeof setTimeout> | undefined
  let source: EventSource
  const connect = () => {
    source = new EventSource('/api/notices')
    source.onopen = () => onOpen?.()
    source.onmessage = ({ lastEventId }) => onNotice(lastEventId)
    source.onerror = () => {
      onLost?.()
      if (source.readyState === EventSource.CLOSED) retry = setTimeout(connect, AGAIN_MS)
    }
  }
  connect()
  return () => {
    clearTimeout(retry)
    source.close()
  }
}
