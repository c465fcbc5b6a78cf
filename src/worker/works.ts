import { closeSync, openSync, readFileSync, writeFileSync, writeSync } from 'node:fs'
import { basename } from 'node:path'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId } from '@/core/model/ids'
import { backUp, BackupError, checkBackup } from '@/store/backup'
import type { Database } from '@/store/database'
import { GolferDocumentError } from '@/store/golfer-document'
import { setWrites } from '@/store/golfer-mark'
import { golferById } from '@/store/golfers'
import { restoreGolfer } from '@/store/restore-golfer'
import { historyOf } from '@/store/sessions'
import { readGolferDocument } from '@/formats/golfer-document'
import { STORED_JSON } from '@/formats/stored-json'
import { writeExport, type Export } from '@/views/export-file'
import { reportFrom } from '@/views/paper-view'
import { importFile, knownRows, type ShotsFile } from './import-file'
import { pageView } from './page-views'
import { refuseWork, WorkRefused, type Kind, type Progress, type WorkContext, type Works } from './work'

type WorkFunction<K extends Kind> = (
  data: () => Database,
  ask: Works[K]['ask'],
  context: WorkContext,
) => Works[K]['result'] | Promise<Works[K]['result']>

/** How each kind of work is done, by whichever process does it. */
export const WORKS: { [K in Kind]: WorkFunction<K> } = {
  view: (data, { writes, ...ask }) => {
    setWrites(data(), writes)
    return pageView(data(), ask)
  },

  import: async (data, { golferId, path, form, nowMs }, context) => {
    const db = data()
    const golfer = golferOf(db, golferId)
    const file = shotsFile(golfer, path, form)
    const { conflicts, ...result } = await importFile(db, golfer, file, nowMs, context)
    return { ...result, conflicts: conflicts.length }
  },

  known: (data, { golferId, path, form }, { onProgress }) => {
    const db = data()
    const golfer = golferOf(db, golferId)
    return { known: knownRows(db, golfer, shotsFile(golfer, path, form), onProgress) }
  },

  export: (data, { golferId, ...file }, { onProgress }) =>
    exportToFile(data(), golferOf(data(), golferId), { ...file, onProgress }),

  backup: (data, { path }) => {
    backUp(data(), path)
    return null
  },

  check: (_data, { path }) => inWords(422, () => checkBackup(path, STORED_JSON)),

  reports: async (data, { kind, golferIds, madeMs, path }, { onProgress }) => {
    const inputs = golferIds.map((id, i) => {
      const golfer = golferOf(data(), id)
      onProgress({ done: i, of: golferIds.length })
      return (
        reportFrom(data(), golfer, madeMs) ??
        refuseWork(409, 'golfer', `${golfer.name} has no bag yet: start one, or leave them out.`)
      )
    })
    const { reportsPdf } = await import('@/paper/papers')
    writeFileSync(path, await reportsPdf(kind, inputs), { flag: 'wx', mode: 0o600 })
    return { file: basename(path) }
  },

  restore: async (data, { path }, { write }) => {
    const read = readGolferDocument(readFileSync(path, 'utf8'))
    if (!read.ok) throw new WorkRefused(422, read.problems)
    return { id: await write(() => inWords(409, () => restoreGolfer(data(), read.value))) }
  },
}

function golferOf(db: Database, id: GolferId): Golfer {
  return golferById(db, id) ?? refuseWork(404, 'golfer', 'There is no such golfer here any more.')
}

const shotsFile = (
  { lengthUnit }: Golfer,
  path: string,
  { name, columns, clubs, offsetMin, monitor, watches }: Works['import']['ask']['form'],
): ShotsFile => ({
  ...{ name, columns, clubs },
  bytes: readFileSync(path),
  options: { lengthUnit, offsetMin },
  ...(monitor && { monitor }),
  ...(watches && { watches }),
})

const PART_CHARS = 1 << 16

function exportToFile(
  db: Database,
  golfer: Golfer,
  {
    what,
    path,
    nowMs,
    onProgress,
  }: { what: Export; path: string; nowMs: number; onProgress: (progress: Progress) => void },
): boolean {
  const { shots } = historyOf(db, golfer.id)
  const file = openSync(path, 'wx', 0o600)
  let lines = 0
  let waiting = ''
  const write = (part: string) => {
    waiting += part
    if (waiting.length < PART_CHARS) return
    writeSync(file, waiting)
    lines += waiting.split('\n').length - 1
    waiting = ''
    onProgress({ done: Math.min(lines, shots), of: shots })
  }
  try {
    const written = writeExport(db, golfer, what, nowMs, write)
    writeSync(file, waiting)
    return written
  } finally {
    closeSync(file)
  }
}

/** What cannot be restored is refused with the sentence that says why. */
function inWords<T>(status: number, work: () => T): T {
  try {
    return work()
  } catch (error) {
    if (error instanceof BackupError || error instanceof GolferDocumentError)
      return refuseWork(status, '', error.message)
    throw error
  }
}
