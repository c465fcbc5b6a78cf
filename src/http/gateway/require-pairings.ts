import { refuse } from '../route'
import { thePairings, type Pairings } from './pairings'

/** Those of this server, or a refusal that says how there are any. */
export const requirePairings = (): Pairings =>
  thePairings() ??
  refuse(409, '', 'Banco is on this machine alone: start it with "npm start -- --network" to pair a phone.')
