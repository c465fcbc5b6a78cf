import type { Database } from './database'

class RolledBack extends Error {
  constructor(readonly refusal: unknown) {
    super('refused')
  }
}

/**
 * A transaction that leaves nothing behind where it is refused.
 * @param work gets a function that ends it with a refusal
 * @returns what the work gives, or the refusal
 */
export function allOrRefused<T, R>(db: Database, work: (refuse: (refusal: R) => never) => T): T | R {
  try {
    return db
      .transaction(() =>
        work((refusal) => {
          throw new RolledBack(refusal)
        }),
      )
      .immediate()
  } catch (error) {
    if (error instanceof RolledBack) return error.refusal as R
    throw error
  }
}
