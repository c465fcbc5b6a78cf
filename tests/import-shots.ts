import type { FileShot } from '@/core/session/shot-record'
import type { GolferId } from '@/core/model/ids'
import type { Database } from '@/store/database'
import { importing, type ImportedFile, type ImportResult } from '@/store/shot-files'

/** Imports the shots of a file in one part. */
export const importShots = (
  db: Database,
  golferId: GolferId,
  { shots, ...file }: ImportedFile & { shots: Iterable<FileShot> },
  when: { nowMs: number; offsetMin: number },
): ImportResult =>
  db
    .transaction(() => {
      const into = importing(db, golferId, file, when)
      into.begin()
      into.add(shots)
      return into.finish()
    })
    .immediate()
