import { bayRoute } from '@/http/route'
import { afterOthers, bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'

export const dynamic = 'force-dynamic'

export const GET = bayRoute('session', async (_request, { sessionId }) => {
  const { id } = requireOwnedSession(sessionId)
  await afterOthers()
  return bayResponse(id)
})
