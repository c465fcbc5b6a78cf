// Bundles the programs: the server before Next.js, the commands, the process that computes for the server, the simulators.
import { existsSync, readdirSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'

const FOLDER = join('.banco', 'programs')
const built = (name) => join(FOLDER, `${name}.mjs`)

/** Bundles them from the sources. */
export async function buildPrograms() {
  const { build } = await import('esbuild')
  rmSync(FOLDER, { recursive: true, force: true })
  await build({
    entryPoints: {
      banco: 'src/cli/banco.ts',
      server: 'src/http/server.ts',
      worker: 'src/worker/process.ts',
      'launch-monitor': 'simulators/launch-monitor/main.ts',
      'weather-station': 'simulators/weather-station/main.ts',
    },
    outdir: FOLDER,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minify: true,
    tsconfig: 'tsconfig.json',
    external: ['better-sqlite3', 'pdfkit', 'esbuild', 'next'],
    // CommonJS packages in the bundle call require.
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    logLevel: 'warning',
  })
}

/** Called by Vitest before the unit tests, some of which run the programs. */
export const setup = buildPrograms

/** The path of a built program that is newer than every source file; null where there is none. */
export function newestProgram(name) {
  if (!existsSync(built(name))) return null
  const builtMs = statSync(built(name)).mtimeMs
  const sources = ['src', 'simulators'].flatMap((folder) => [
    folder,
    ...readdirSync(folder, { recursive: true }).map((path) => join(folder, path)),
  ])
  return sources.every((path) => statSync(path).mtimeMs <= builtMs) ? built(name) : null
}
