import { route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { theDatabase } from '@/store/database'
import { withdrawImport } from '@/store/shot-files'

/** Withdraws the shots of an import: they are kept, and count nowhere. */
export const DELETE = route<{ golferId: string; importId: string }>((_request, { golferId, importId }) => {
  const withdrawn = withdrawImport(theDatabase(), requireGolfer(golferId).id, importId, Date.now())
  return Response.json({ withdrawn })
})
