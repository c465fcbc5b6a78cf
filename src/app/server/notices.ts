type Listener = () => void

const held = globalThis as { bancoListeners?: Set<Listener> }
held.bancoListeners ??= new Set()
const listeners = held.bancoListeners

/** Tells every open page that something was stored. A notice carries no data: pages read again. */
export function notify(): void {
  listeners.forEach((listener) => listener())
}

/** Calls `listener` at every notice, until the returned function is called. */
export function listen(listener: Listener): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}
