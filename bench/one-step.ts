// One change of the data, for bench/kills.ts to break off: node --import tsx bench/one-step.ts WHAT FOLDER
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { importFile } from '@/worker/import-file'
import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import { backUp, putBackup } from '@/store/backup'
import { copyOfToday } from '@/store/copies'
import { openDatabase } from '@/store/database'
import { removeGolfer } from '@/store/golfer-document'
import { allGolfers } from '@/store/golfers'
import { restoreGolfer } from '@/store/restore-golfer'
import { takeShot } from '@/store/shots'
import { readGolferDocument } from '@/formats/golfer-document'

const [what = '', folder = ''] = process.argv.slice(2)
const at = (name: string) => join(folder, name)
const NOW_MS = Date.UTC(2026, 3, 11, 12)

if (what === 'restore') putBackup(at('other.db'), at('banco.db'), NOW_MS)
else {
  const db = openDatabase(at('banco.db'))
  const golfer = allGolfers(db)[0]
  if (!golfer) throw new Error('there is a golfer')
  if (what === 'shot')
    takeShot(db, {
      id: 'one-more' as ShotId,
      sessionId: db.prepare('SELECT id FROM session LIMIT 1').pluck().get() as SessionId,
      source: 'monitor',
      hitMs: NOW_MS,
      clubLabel: null,
      clubId: null,
      swing: 'full',
      heldBecause: 'no-station',
      carryM: 100,
    })
  if (what === 'import') {
    const options = { lengthUnit: 'yd', offsetMin: 0 } as const
    await importFile(db, golfer, { name: 'shots.csv', bytes: readFileSync(at('shots.csv')), options }, NOW_MS)
  }
  if (what === 'backup') backUp(db, at('backup.db'))
  if (what === 'copy') await copyOfToday(db, folder, NOW_MS)
  if (what === 'removal') removeGolfer(db, 'demo-junia' as GolferId)
  if (what === 'golfer') {
    const read = readGolferDocument(readFileSync(at('golfer.json'), 'utf8'))
    if (!read.ok) throw new Error(read.problems[0]?.sentence)
    restoreGolfer(db, read.value)
  }
  db.close()
}
