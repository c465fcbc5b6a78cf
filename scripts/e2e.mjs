// Browser tests of just these sources: `npm run e2e -- tests/e2e/bay.spec.ts`.
import { built, installed, run } from './ready.mjs'

await installed()
await built()
process.exitCode = await run('node_modules/.bin/playwright', ['test', ...process.argv.slice(2)])
