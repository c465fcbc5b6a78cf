// Installs what is missing, builds, makes the demo data, starts, prints the address: `npm run demo`.
// `-- --fresh` makes the data anew.
import { homedir } from 'node:os'
import { join } from 'node:path'
import { built, installed, portWanted, QUIET_ENV, runTs, serve, stop } from './ready.mjs'

const own =
  process.env.BANCO_DATA ?? join(process.env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share'), 'banco')
// A folder of its own: the demo never touches the golfer's own data.
const env = { ...QUIET_ENV, BANCO_DATA: `${own}-demo` }

await portWanted()
await installed()
await built()
if ((await runTs('demo/make-demo.ts', process.argv.slice(2), { env })) !== 0)
  stop('The demo data could not be made.')
await serve(env)
