import { createHash, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto'
import type { Scope } from './scope'
import { passcodeFrom, PASSCODE_BYTES, plainPasscode } from '@/http/gateway/passcode'
import { waitMs, type Failing } from '@/http/gateway/tries'

/** A passcode that pairs: the one of the start for as long as Banco runs, others for a while and one phone. */
type Code = { words: string; scope: Scope; untilMs: number; once: boolean }
/** A browser that is paired. */
type Paired = {
  id: string
  scope: Scope
  /** As the phone calls itself. */
  device: string
  address: string
  sinceMs: number
  untilMs: number
  lastMs: number
}
/** A wrong passcode. */
type FailedTry = { atMs: number; address: string }

const HOUR_MS = 3_600_000
export const PAIRED_FOR_MS = 12 * HOUR_MS
const CODE_FOR_MS = HOUR_MS / 4
const MOST_TRIES_LISTED = 100
const MOST_FAILING = 10_000

/** In memory alone: what was paired is no more when Banco is started anew. */
export class Pairings {
  private codes: Code[]
  private readonly paired = new Map<string, Paired>()
  private readonly failing = new Map<string, Failing>()
  private failed: FailedTry[] = []
  /** Functions that close the open responses of each paired browser. */
  private readonly open = new Map<string, Set<() => void>>()

  /** @param start the passcode that was made when Banco was started */
  constructor(start: string) {
    this.codes = [{ words: start, scope: { kind: 'whole' }, untilMs: Infinity, once: false }]
  }

  /** A new passcode for one phone. */
  makeCode(scope: Scope, nowMs: number): Code {
    const code = {
      words: passcodeFrom(randomBytes(PASSCODE_BYTES)),
      scope,
      untilMs: nowMs + CODE_FOR_MS,
      once: true,
    }
    this.codes = [...this.codes.filter(({ untilMs }) => untilMs > nowMs), code]
    return code
  }

  /**
   * Pairs a browser that gives a passcode.
   * @returns its token, which is nowhere else; or how long to wait before the next try
   */
  pair(
    words: string,
    { address, device, nowMs }: { address: string; device: string; nowMs: number },
  ): { kind: 'paired'; token: string; scope: Scope } | { kind: 'wrong' } | { kind: 'wait'; ms: number } {
    const failing = this.failing.get(address) ?? { tries: 0, lastMs: 0 }
    const ms = waitMs(failing, nowMs)
    if (ms > 0) return { kind: 'wait', ms }
    const given = digest(plainPasscode(words))
    const code = this.codes.find(
      (each) => each.untilMs > nowMs && timingSafeEqual(digest(plainPasscode(each.words)), given),
    )
    if (!code) {
      this.failing.delete(address)
      this.failing.set(address, { tries: failing.tries + 1, lastMs: nowMs })
      for (const old of this.failing.keys()) if (this.failing.size > MOST_FAILING) this.failing.delete(old)
      this.failed = [{ atMs: nowMs, address }, ...this.failed].slice(0, MOST_TRIES_LISTED)
      return { kind: 'wrong' }
    }
    if (code.once) this.codes = this.codes.filter((each) => each !== code)
    this.failing.delete(address)
    const token = randomBytes(32).toString('base64url')
    this.paired.set(digest(token).toString('hex'), {
      ...{ id: randomUUID(), scope: code.scope, device, address },
      ...{ sinceMs: nowMs, untilMs: nowMs + PAIRED_FOR_MS, lastMs: nowMs },
    })
    return { kind: 'paired', token, scope: code.scope }
  }

  /** The paired browser that has this token; null: nobody, or not any more. */
  of(token: string, nowMs: number): Paired | null {
    const key = digest(token).toString('hex')
    const found = this.paired.get(key)
    if (!found) return null
    if (found.untilMs <= nowMs) {
      this.end(found.id)
      return null
    }
    found.lastMs = nowMs
    return found
  }

  /**
   * Registers an open response of a paired browser, which is closed when the pairing ends.
   * @returns to be called when the response has ended
   */
  opened(id: string, close: () => void): () => void {
    const open = this.open.get(id) ?? new Set()
    this.open.set(id, open.add(close))
    return () => open.delete(close)
  }

  /** Ends a pairing and closes the open responses of that browser. */
  end(id: string): boolean {
    const [key] = [...this.paired].find(([, each]) => each.id === id) ?? []
    if (key === undefined) return false
    for (const close of this.open.get(id) ?? []) close()
    this.open.delete(id)
    return this.paired.delete(key)
  }

  /** Ends the pairings that have expired. */
  endOld(nowMs: number): void {
    for (const { id, untilMs } of [...this.paired.values()]) if (untilMs <= nowMs) this.end(id)
  }

  list(nowMs: number): { paired: Paired[]; failed: FailedTry[]; start: Code } {
    const [start] = this.codes
    if (!start) throw new Error('the passcode of the start is gone')
    return {
      start,
      failed: this.failed,
      paired: [...this.paired.values()].filter(({ untilMs }) => untilMs > nowMs),
    }
  }
}

const digest = (text: string): Buffer => createHash('sha256').update(text).digest()

const state = globalThis as { bancoPairings?: Pairings }
/** Those of this server; null where it is on no network. */
export const thePairings = (): Pairings | null => {
  const start = process.env.BANCO_PASSCODE
  return start ? (state.bancoPairings ??= new Pairings(start)) : null
}
