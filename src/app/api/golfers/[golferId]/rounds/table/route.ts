import { randomUUID } from 'node:crypto'
import { ROUND_TABLE_BYTES, ROUND_TABLE_FORM } from '@/formats/round-forms'
import { readRounds } from '@/formats/table/read-rounds'
import { requireGolfer } from '@/http/require'
import { bodyForm, Refusal, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { takeRounds } from '@/store/rounds'
import { roundsOfFile, roundTableView } from '@/views/round-table'

/** A table of shots on the course: what it would bring, or taken. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { text, offsetMin, clubs, take } = await bodyForm(request, ROUND_TABLE_FORM, 2 * ROUND_TABLE_BYTES)
  const table = readRounds(new TextEncoder().encode(text), { lengthUnit: golfer.lengthUnit, offsetMin })
  if (!table.ok) throw new Refusal(422, table.problems)
  const db = theDatabase()
  const view = roundTableView(db, golfer, table, clubs)
  if (!take) return Response.json({ ...view, taken: null })
  const rounds = roundsOfFile(db, golfer, table, { clubIds: clubs, offsetMin, nowMs: Date.now() })
  return Response.json({ ...view, taken: takeRounds(db, golfer.id, rounds, randomUUID()) }, { status: 201 })
})
