import { buildSync } from 'esbuild'
import { join } from 'node:path'

let script: string | null = null

/**
 * The program of the offline card's number picker, in one file: from the same sources as that of the screen, so that
 * both say the same. Put together once, from the project's folder.
 */
export function offlineCardScript(): string {
  script ??= bundled()
  return script
}

function bundled(): string {
  const { outputFiles } = buildSync({
    entryPoints: [join(process.cwd(), 'src/ui/offline-card/page.ts')],
    tsconfig: join(process.cwd(), 'tsconfig.json'),
    bundle: true,
    minify: true,
    write: false,
    format: 'iife',
    target: 'es2020',
    charset: 'utf8',
    logLevel: 'silent',
  })
  const [file] = outputFiles
  if (!file) throw new Error('esbuild made nothing of the number picker.')
  // Within a page nothing may look like the end of its script.
  return file.text.replaceAll('</script', '<\\/script')
}
