// Serves Banco with the golfer's own data: `npm start`.
import { built, installed, portWanted, QUIET_ENV, runTs, serve, stop } from './ready.mjs'

await portWanted()
await installed()
if ((await runTs('src/cli/banco.ts', ['check-data'], { stdio: ['ignore', 'ignore', 'inherit'] })) !== 0)
  stop('')
await built()
await serve(QUIET_ENV)
