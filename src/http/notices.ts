type Listener = () => void

type Held = { bancoListeners?: Set<Listener>; bancoEndings?: Set<Listener> }

const held = globalThis as Held
held.bancoListeners ??= new Set()
held.bancoEndings ??= new Set()
const listeners = held.bancoListeners
const endings = held.bancoEndings

/** Tells every open page that something was stored. A notice carries no data: pages read again. */
export function notify(): void {
  listeners.forEach((listener) => listener())
}

/** Ends every open stream: the server stops. */
export const endAll = (): void => endings.forEach((end) => end())

/** Calls `listener` at every notice, and `end` when the server stops, until the returned function is called. */
export function listen(listener: Listener, end: Listener): () => void {
  listeners.add(listener)
  endings.add(end)
  return () => {
    listeners.delete(listener)
    endings.delete(end)
  }
}
