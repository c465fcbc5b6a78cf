// Runs a command: `npm run -s banco -- COMMAND`. The built program runs unless a source file is newer.
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { newestProgram } from './programs.mjs'

const program = newestProgram('banco')
if (program === null) (await import('tsx/esm/api')).register()
await import(pathToFileURL(join(process.cwd(), program ?? 'src/cli/banco.ts')).href)
