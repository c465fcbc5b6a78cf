import { execFileSync } from 'node:child_process'
import { expect, it } from 'vitest'
import { A4, Pen } from './pen'
import { Sheet } from './sheet'

const textOf = (pdf: Buffer): string[] =>
  execFileSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' }).split('\f').slice(0, -1)

const paper = async (fill: (sheet: Sheet) => void): Promise<string[]> => {
  const pen = new Pen({ title: 'A test', author: 'Jowan Prest', madeMs: 0 })
  fill(new Sheet(pen, A4, { whose: 'Łucja Żak, Test bag', notes: 'notes' }))
  return textOf(await pen.finish())
}

it('a long text goes on behind the head of the next page, and nothing of it is lost', async () => {
  const words = Array.from({ length: 1500 }, (_, i) => `word${i}`)
  const pages = await paper((sheet) => sheet.words(`${words.join(' ')}\n\nThe end.`))
  expect(pages.length).toBeGreaterThan(1)
  pages.forEach((page, i) => {
    expect(page).toContain('Łucja Żak, Test bag')
    expect(page).toContain(`page ${i + 1}`)
  })
  expect(pages.join(' ').match(/word\d+/g)).toEqual(words)
  expect(pages.at(-1)).toContain('The end.')
})

it('a table over two pages has its heads on both, and a heading is never the last of a page', async () => {
  const rows = Array.from({ length: 60 }, (_, i) => [`row${i}`, String(i)])
  const pages = await paper((sheet) => {
    sheet.heading('First')
    sheet.table(['Club', 'Carry'], [0.5, 0.5], rows)
    for (let lines = 0; lines < 40; lines++) {
      sheet.heading(`Heading ${lines}`)
      sheet.words('A line below it.')
    }
  })
  for (const page of pages.filter((text) => text.includes('row'))) expect(page).toContain('Carry')
  expect(pages.join(' ').match(/row\d+/g)).toHaveLength(rows.length)
  for (const page of pages) expect(page.trim().split('\n').at(-2)).not.toMatch(/Heading \d+\s*$/)
})
