// The programs that run beside the application, each in one file: the commands, and the process that works beside the server.
import { existsSync, readdirSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'

const FOLDER = join('.banco', 'programs')
const built = (name) => join(FOLDER, `${name}.mjs`)

/** Builds them from the sources. */
export async function buildPrograms() {
  const { build } = await import('esbuild')
  rmSync(FOLDER, { recursive: true, force: true })
  await build({
    entryPoints: { banco: 'src/cli/banco.ts', beside: 'src/beside/process.ts' },
    outdir: FOLDER,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minify: true,
    tsconfig: 'tsconfig.json',
    external: ['better-sqlite3', 'pdfkit', 'esbuild'],
    // Packages that are not modules ask for others by this name.
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    logLevel: 'warning',
  })
}

/** The built program, where it is newer than every source. */
export function newestProgram(name) {
  if (!existsSync(built(name))) return null
  const builtMs = statSync(built(name)).mtimeMs
  const sources = readdirSync('src', { recursive: true }).map((path) => join('src', path))
  return ['src', ...sources].every((path) => statSync(path).mtimeMs <= builtMs) ? built(name) : null
}
