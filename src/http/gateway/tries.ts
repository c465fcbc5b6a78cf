/** Somebody who gave a wrong passcode: how often in a row, and when last. */
export type Failing = { tries: number; lastMs: number }

/** The first few are slips of a thumb. */
const FREE = 3
const FIRST_WAIT_MS = 1000
const LONGEST_WAIT_MS = 60_000

/** How long somebody has to wait before the next try, in milliseconds: 1 s after the third wrong one, then twice as long each time, up to a minute. */
export function waitMs({ tries, lastMs }: Failing, nowMs: number): number {
  if (tries < FREE) return 0
  const wait = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (tries - FREE))
  return Math.max(0, lastMs + wait - nowMs)
}
