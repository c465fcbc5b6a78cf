import { route } from '@/http/route'
import { afterOthers, bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'

export const dynamic = 'force-dynamic'

export const GET = route<{ sessionId: string }>(
  async (_request, { sessionId }) => {
    const { id } = requireOwnedSession(sessionId)
    await afterOthers()
    return bayResponse(id)
  },
  { bay: 'session' },
)
