// Serves the sources as they are edited, with the demo's data: `npm run dev`.
import { join } from 'node:path'
import { homedir } from 'node:os'
import { HOST, installed, PORT, portWanted, QUIET_ENV, runTs } from './ready.mjs'

const own =
  process.env.BANCO_DATA ?? join(process.env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share'), 'banco')
const env = { ...QUIET_ENV, BANCO_DATA: `${own}-demo` }
await portWanted()
await installed()
await runTs('demo/make-demo.ts', [], { env })
process.exit(
  await runTs('src/http/server.ts', [], {
    env: { ...env, BANCO_DEV: '1', BANCO_HOST: HOST, BANCO_PORT: String(PORT) },
  }),
)
