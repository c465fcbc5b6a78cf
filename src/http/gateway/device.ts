import { headers } from 'next/headers'
import type { Scope } from '@/http/gateway/may-ask'
import type { GolferId } from '@/core/model/ids'

/** The door's own word to the pages behind it; what a request says under this name is taken away. */
export const DEVICE_HEADER = 'x-banco-device'
export const deviceText = (scope: Scope): string => (scope.kind === 'bay' ? `bay ${scope.golferId}` : 'whole')

/** What the device that asks may have: everything where it is this machine, or a phone that is paired for the whole. */
export const parseScope = (name: string | null): Scope =>
  name?.startsWith('bay ') ? { kind: 'bay', golferId: name.slice(4) as GolferId } : { kind: 'whole' }

/** The same of a page that is being answered. */
export const scopeOfPage = async (): Promise<Scope> => parseScope((await headers()).get(DEVICE_HEADER))
