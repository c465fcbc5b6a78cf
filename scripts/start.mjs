// Serves Banco with the golfer's own data: `npm start`; for phones of the network too: `npm start -- --network`.
import { parseArgs } from 'node:util'
import { networkEnv } from './network.mjs'
import { built, installed, portWanted, QUIET_ENV, run, serve, stop } from './ready.mjs'

const { values } = (() => {
  try {
    return parseArgs({
      options: {
        network: { type: 'boolean' },
        cert: { type: 'string' },
        key: { type: 'string' },
        'feed-token': { type: 'string' },
      },
    })
  } catch (error) {
    return stop(`${error.message}. Banco knows --network, --cert FILE, --key FILE and --feed-token WORDS.`)
  }
})()
await portWanted()
await installed()
if (
  (await run(process.execPath, ['scripts/banco.mjs', 'check-data'], {
    stdio: ['ignore', 'ignore', 'inherit'],
  })) !== 0
)
  stop('')
await built()
const { env, says } = await networkEnv(values)
await serve({ ...QUIET_ENV, ...env }, says)
