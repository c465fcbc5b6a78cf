import { requirePairings } from '@/http/gateway/require-pairings'
import { refuse, route } from '@/http/route'

/** Ends a pairing: that browser gets nothing from now on. */
export const DELETE = route<{ pairingId: string }>((_, { pairingId }) =>
  requirePairings().end(pairingId)
    ? Response.json({ id: pairingId })
    : refuse(404, '', 'That phone is paired no more: read the page again.'),
)
