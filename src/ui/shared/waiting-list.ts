export type BrowserStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>

/** Runs one task after the other. */
export type Queue = <T>(task: () => Promise<T>) => Promise<T>

/** A queue of this page alone. */
export function oneByOne(): Queue {
  let last: Promise<unknown> = Promise.resolve()
  return (task) => {
    const next = last.then(task, task)
    last = next.catch(() => {})
    return next
  }
}

/** A queue of all tabs of this browser, by a shared lock. A browser without locks has a queue for each page. */
export function betweenTabs(name: string): Queue {
  const ofPage = oneByOne()
  return (task) => (navigator.locks ? navigator.locks.request(name, task) : ofPage(task))
}

/**
 * What was typed and nobody has answered yet, oldest first, by what it belongs to. It is kept in the browser, where it
 * survives a reload and a closed tab; what the browser does not take stays in the memory of this page.
 * @param store where it is kept; asked anew each time, since a browser may refuse it
 * @param prefix under which names
 * @param isItem whatever else a browser holds under such a name is none
 */
export function waitingList<Key extends string, Item extends { id: string }>(
  store: () => BrowserStore,
  prefix: string,
  isItem: (kept: unknown) => kept is Item,
) {
  const inMemory = new Map<Key, Item[]>()

  const stored = (key: Key): Item[] => {
    try {
      const kept: unknown = JSON.parse(store().getItem(prefix + key) ?? '[]')
      return Array.isArray(kept) ? kept.filter(isItem) : []
    } catch {
      return []
    }
  }
  const storedKeys = (): Key[] => {
    try {
      const keys = Array.from({ length: store().length }, (_, i) => store().key(i) ?? '')
      return keys.filter((key) => key.startsWith(prefix)).map((key) => key.slice(prefix.length) as Key)
    } catch {
      return []
    }
  }
  const of = (key: Key): Item[] => {
    const here = inMemory.get(key) ?? []
    const ids = new Set(here.map(({ id }) => id))
    return [...stored(key).filter(({ id }) => !ids.has(id)), ...here]
  }
  const put = (key: Key, items: readonly Item[]): void => {
    inMemory.delete(key)
    try {
      // What stood there before must not come back where the new list finds no room.
      store().removeItem(prefix + key)
      if (items.length > 0) store().setItem(prefix + key, JSON.stringify(items))
    } catch {
      inMemory.set(key, [...items])
    }
  }
  return {
    of,
    put,
    /** Everything of which something waits. */
    keys: (): Key[] =>
      [...new Set([...storedKeys(), ...inMemory.keys()])].filter((key) => of(key).length > 0),
    /** Whether everything that waits would survive a reload. */
    isKept: (): boolean => [...inMemory.values()].every((items) => items.length === 0),
    drop(key: Key, ids: readonly string[]): void {
      put(
        key,
        of(key).filter(({ id }) => !ids.includes(id)),
      )
    },
  }
}
