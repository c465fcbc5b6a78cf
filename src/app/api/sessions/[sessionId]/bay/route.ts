import { route } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'

export const dynamic = 'force-dynamic'

export const GET = route<{ sessionId: string }>((_request, { sessionId }) =>
  bayResponse(requireOwnedSession(sessionId).id),
)
