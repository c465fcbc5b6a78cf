/** Who writes just now: many small writes at a time, or one long one with nobody beside it. */
const state = globalThis as {
  bancoWriters?: { small: number; long: Promise<void> | null; quiet: (() => void)[] }
}
const writers = (state.bancoWriters ??= { small: 0, long: null, quiet: [] })

/**
 * Writes something small, once no long write is on: whoever waits here keeps nobody else waiting, as one that waits for
 * the database itself would.
 */
export async function writing<T>(work: () => Promise<T> | T): Promise<T> {
  while (writers.long) await writers.long
  writers.small++
  try {
    return await work()
  } finally {
    writers.small--
    if (writers.small === 0) writers.quiet.splice(0).forEach((each) => each())
  }
}

/** Waits for those who write, and has the others wait until the returned function is called. */
export async function acquireWriters(): Promise<() => void> {
  while (writers.long) await writers.long
  let release = () => {}
  writers.long = new Promise((resolve) => {
    release = () => {
      writers.long = null
      resolve()
    }
  })
  if (writers.small > 0) await new Promise<void>((resolve) => writers.quiet.push(resolve))
  return release
}
