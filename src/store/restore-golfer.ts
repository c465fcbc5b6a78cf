import type { GolferId } from '@/core/model/ids'
import { LATEST_MS } from '@/core/model/limits'
import type { Database } from './database'
import {
  DOCUMENT_TABLES,
  GolferDocumentError,
  GOLFER_FORMAT,
  insertDocument,
  READ_FORMATS,
  schemaNumber,
  type GolferDocument,
} from './golfer-document'
import { broughtUpToDate } from './older-golfer-document'

/**
 * Brings a golfer back from a document, whole or not at all.
 * @throws GolferDocumentError with a sentence: it is of another version, it contradicts itself, or the golfer is there
 */
export function restoreGolfer(db: Database, given: GolferDocument): GolferId {
  const { format, schema } = given
  if (!READ_FORMATS.includes(format))
    throw new GolferDocumentError(
      `This file is no golfer of Banco's: it says "${String(format).slice(0, 40)}" where it should say "${GOLFER_FORMAT}".`,
    )
  if (schema !== undefined && schema > schemaNumber(db))
    throw new GolferDocumentError(
      'This file was made by a newer version of Banco: start that version, or export the golfer from it again.',
    )
  const document = contradictionsNamed(() => broughtUpToDate(given))
  const { tables } = document
  const strange = Object.keys(tables).find((name) => !DOCUMENT_TABLES.includes(name))
  if (strange)
    throw new GolferDocumentError(
      `This file has a table "${strange}" that Banco does not know: it was made by a newer version.`,
    )
  const [golfer, ...others] = tables.golfer ?? []
  if (!golfer || others.length > 0)
    throw new GolferDocumentError('This file holds no one golfer: export the golfer again.')
  for (const [name, rows] of Object.entries(tables))
    for (const row of rows) {
      if ('golfer_id' in row && row.golfer_id !== golfer.id)
        throw new GolferDocumentError(
          `This file has a row in "${name}" that is not of ${golfer.name}: nothing was taken. Export the golfer again.`,
        )
      const time = Object.entries(row).find(([column, value]) => column.endsWith('_ms') && !isTime(value))
      if (time)
        throw new GolferDocumentError(
          `This file says ${String(time[1]).slice(0, 40)} for "${time[0]}" in "${name}", which is no time that was: nothing was taken.`,
        )
    }
  const taken = db
    .prepare('SELECT name, id FROM golfer WHERE id = ? OR name = ?')
    .get(golfer.id, golfer.name) as { id: string } | undefined
  if (taken)
    throw new GolferDocumentError(
      taken.id === golfer.id
        ? `${golfer.name} is here already: nothing was changed. Remove the golfer first to go back to this file.`
        : `There is another golfer called ${golfer.name}: rename that one first.`,
    )
  contradictionsNamed(() => insertDocument(db, document))
  return golfer.id as GolferId
}

const isTime = (value: unknown): boolean =>
  value === null || (Number.isSafeInteger(value) && (value as number) >= 0 && (value as number) <= LATEST_MS)

function contradictionsNamed<T>(work: () => T): T {
  try {
    return work()
  } catch (error) {
    if (!(error instanceof Error) || (error as { code?: string }).code?.startsWith('SQLITE') === false)
      throw error
    throw new GolferDocumentError(
      `This file contradicts itself (${error.message}): nothing was taken. Export the golfer again.`,
    )
  }
}
