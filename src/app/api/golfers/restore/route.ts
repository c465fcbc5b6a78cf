import { bodyText, refuse, Refusal, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { GolferDocumentError } from '@/store/golfer-document'
import { restoreGolfer } from '@/store/restore-golfer'
import { readGolferDocument } from '@/formats/golfer-document'

const FILE_BYTES = 64 * 1024 * 1024

/** Brings a golfer back from a file, whole or not at all. */
export const POST = route(async (request) => {
  const read = readGolferDocument(await bodyText(request, FILE_BYTES))
  if (!read.ok) throw new Refusal(422, read.problems)
  try {
    const id = restoreGolfer(theDatabase(), read.value)
    return Response.json({ id }, { status: 201 })
  } catch (error) {
    if (error instanceof GolferDocumentError) return refuse(409, '', error.message)
    throw error
  }
})
