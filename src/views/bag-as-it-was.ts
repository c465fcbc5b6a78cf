import type { Golfer } from '@/core/model/golfer'
import { comparingAir } from '@/store/bag-input'
import { bagOf, datedBags } from '@/store/bags'
import { setUpsOfClubs } from '@/store/clubs'
import type { Database } from '@/store/database'
import { bagAnalysis, type AnalysedBag } from './bag-analysis'

/** A moment at which a bag became another: its clubs changed, or a club did. */
export type BagMoment = { untilMs: number; clubs: string[]; changed: string[] }

/** Every moment until which the bag was another one, the newest first. */
export function bagMoments(db: Database, golfer: Golfer): BagMoment[] {
  const names = new Map<string, string>()
  const bag = bagOf(db, golfer.id)
  for (const { id, name } of [...(bag?.clubs ?? []), ...(bag?.rack ?? [])]) names.set(id, name)
  const moments = new Map<number, BagMoment>()
  const at = (untilMs: number): BagMoment => {
    const known = moments.get(untilMs) ?? { untilMs, clubs: [], changed: [] }
    moments.set(untilMs, known)
    return known
  }
  for (const { untilMs } of datedBags(db, golfer.id)) {
    if (untilMs === null) continue
    const [before, after] = [untilMs, untilMs + 1].map((ms) => bagOf(db, golfer.id, ms)?.clubs ?? [])
    const has = (clubs: typeof before, id: string) => clubs?.some((club) => club.id === id)
    at(untilMs).clubs = [
      ...(after ?? []).filter(({ id }) => !has(before, id)).map(({ name }) => `${name} in`),
      ...(before ?? []).filter(({ id }) => !has(after, id)).map(({ name }) => `${name} out`),
    ]
  }
  for (const [id, setUps] of setUpsOfClubs(db, golfer.id))
    for (const { sinceMs } of setUps) if (sinceMs > 0) at(sinceMs).changed.push(names.get(id) ?? '')
  return [...moments.values()].sort((a, b) => b.untilMs - a.untilMs)
}

/** The bag with its stocks and gaps as they were just before a moment; null before the first bag. */
export const bagAsItWas = (db: Database, golfer: Golfer, untilMs: number): AnalysedBag | null =>
  bagAnalysis(db, golfer, untilMs, comparingAir(golfer), { asItWas: true })
