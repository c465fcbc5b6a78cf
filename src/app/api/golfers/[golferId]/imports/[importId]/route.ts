import { route } from '@/http/answer'
import { knownGolfer } from '@/http/known'
import { notify } from '@/http/notices'
import { theDatabase } from '@/store/database'
import { withdrawImport } from '@/store/shot-files'

/** Withdraws the shots of an import: they are kept, and count nowhere. */
export const DELETE = route<{ golferId: string; importId: string }>((_request, { golferId, importId }) => {
  const withdrawn = withdrawImport(theDatabase(), knownGolfer(golferId).id, importId, Date.now())
  notify()
  return Response.json({ withdrawn })
})
