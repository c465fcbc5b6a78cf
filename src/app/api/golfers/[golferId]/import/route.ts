import { refuse, Refusal, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { theDatabase } from '@/store/database'
import { keepShape } from '@/store/file-shapes'
import { importShots, knownShots } from '@/store/shot-files'
import { check } from '@/formats/check'
import { IMPORT_FORM } from '@/formats/import-form'
import { fileShots } from '@/formats/table/file-shots'
import { openTable, readRows, tableProblem } from '@/formats/table/read-table'
import { shapeOf, withChoice } from '@/formats/table/shape'

const FILE_BYTES = 64 * 1024 * 1024

/** Takes a table of shots, whole or not at all; with `dry` it takes nothing and says which of its rows are known. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  if (Number(request.headers.get('content-length') ?? 0) > FILE_BYTES)
    refuse(413, '', 'The file is larger than the 64 MB that are taken here: split it.')
  const parts = await request.formData().catch(() => refuse(400, '', 'The request is no form with a file.'))
  const [file, said] = [parts.get('file'), parts.get('form')]
  if (!(file instanceof Blob) || typeof said !== 'string')
    return refuse(422, 'file', 'The request has no file, or no form: send both.')
  const form = check(IMPORT_FORM, parsed(said))
  if (!form.ok) throw new Refusal(422, form.problems)
  const { name, columns, clubs, offsetMin, dry } = form.value
  for (const club of Object.values(clubs))
    if (club !== 'new' && club !== 'later') requireClub(golfer.id, club)
  const options = { lengthUnit: golfer.lengthUnit, offsetMin }
  const opened = openTable(new Uint8Array(await file.arrayBuffer()), options)
  if (!opened.ok) throw new Refusal(422, opened.problems)
  const table = withChoice(opened.table, columns)
  const problem = tableProblem(table)
  if (problem) refuse(422, 'columns', problem)
  const db = theDatabase()
  if (dry) {
    const rows = [...readRows(table, options)].filter(({ status }) => status === 'taken' || status === 'held')
    const known = knownShots(db, golfer.id, fileShots(rows, offsetMin))
    return Response.json({ known: rows.flatMap(({ row }, i) => (known[i] ? [row] : [])) })
  }
  const shots = fileShots(readRows(table, options), offsetMin)
  const nowMs = Date.now()
  const { conflicts, ...result } = importShots(db, golfer.id, { name, shots, clubs }, { nowMs, offsetMin })
  keepShape(db, golfer.id, { shape: shapeOf(opened.table.columns), columns }, nowMs)
  return Response.json({ ...result, conflicts: conflicts.length })
})

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return refuse(400, 'form', 'The form is not JSON.')
  }
}
