import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { marked } from 'marked'
import { pageDatabase } from '@/http/golfer-of-page'
import { hasDesk } from '@/store/visits'
import { DeskHead } from '@/ui/shared/shell/desk-head'

export const metadata = { title: 'Guide' }
export const dynamic = 'force-dynamic'

/** docs/guide.md, the project’s own text, as a page. */
export default async function Guide() {
  const text = await readFile(join(process.cwd(), 'docs', 'guide.md'), 'utf8')
  const html = await marked(text.replaceAll('](screenshots/', '](/guide/screenshots/'))
  return (
    <>
      <DeskHead coach={null} desk={hasDesk(pageDatabase())} />
      <main className="guide">
        <div dangerouslySetInnerHTML={{ __html: html }} />
      </main>
    </>
  )
}
