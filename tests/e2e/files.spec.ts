import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { axeFindings, bayOf, expect, golferWithBag, openSession, test } from './banco'

const TABLES = 'tests/tables/files'
const bringIn = (page: Page, name: string, buffer: Buffer) =>
  page.getByTestId('file').setInputFiles({ name, mimeType: 'text/plain', buffer })

test('shots go out as CSV and come back without being taken twice', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Demelza Roke')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  for (const typed of ['63 3l', '60', '61.5']) await page.keyboard.type(`${typed}\n`)
  await expect(page.getByTestId('running-stock')).toContainText('of 3')
  const csv = await (await request.get(`${banco.address}/api/golfers/${golfer}/export?what=shots`)).text()
  await page.goto(`${banco.address}/golfers/${golfer}/import`)
  await bringIn(page, 'mine.csv', Buffer.from(csv))
  await expect(page.getByText('3 on file already')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take 0 shots' })).toBeDisabled()
  const other = csv.replaceAll(/^[0-9a-f-]{36},[^,]+/gm, ',').replaceAll('58° wedge', '54° wedge')
  await page.getByRole('button', { name: 'Another file' }).click()
  await bringIn(page, 'other.csv', Buffer.from(other))
  await page.getByRole('button', { name: 'Take 3 shots' }).click()
  await expect(page.getByRole('heading', { name: '3 shots of other.csv brought in' })).toBeVisible()
  await page.getByRole('link', { name: 'Log', exact: true }).click()
  // The page that is left has such a button too.
  await page.getByRole('region', { name: 'Files' }).getByRole('button', { name: 'Withdraw' }).click()
  await expect(page.getByText('3 shots of other.csv withdrawn.')).toBeVisible()
  await page.getByRole('link', { name: 'Bring in a table of shots' }).click()
  await bringIn(page, 'other.csv', Buffer.from(other))
  await page.getByRole('button', { name: 'Take 3 shots' }).click()
  await expect(page.getByRole('heading', { name: '3 shots of other.csv brought in' })).toBeVisible()
})

test('an awkward table is understood, its columns and clubs are confirmed, and it is remembered and undone as one', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Hedra Vosper')
  await page.goto(`${banco.address}/golfers/${golfer}/import`)
  expect(await axeFindings(page)).toEqual([])
  await bringIn(page, 'units-by-size.csv', readFileSync(join(TABLES, 'units-by-size.csv')))
  await expect(page.getByRole('heading', { name: '6 new shots in units-by-size.csv' })).toBeVisible()
  await expect(page.getByText('unit guessed: look at it')).toHaveCount(3)
  await page.getByLabel('Unit of "Carry"').selectOption('m')
  await page.getByLabel('What "Spin" is').selectOption('')
  const clubs = page.getByRole('region', { name: 'Clubs' })
  await expect(clubs).toContainText('all known')
  await clubs.getByLabel('Which club "PW" is').selectOption('a new club, not in the bag')
  await expect(page.getByRole('region', { name: 'Rows' })).toContainText('164.3')
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Take 6 shots' }).click()
  await expect(page.getByText('6 count')).toBeVisible()
  await page.getByRole('button', { name: 'Withdraw them' }).click()
  await page.reload()
  await bringIn(page, 'next-week.csv', readFileSync(join(TABLES, 'units-by-size.csv')))
  await expect(page.getByText('as you set them for the last file of this shape')).toBeVisible()
  await expect(page.getByLabel('Unit of "Carry"')).toHaveValue('m')
  await page.getByRole('button', { name: 'Take 6 shots' }).click()
  await page.getByRole('link', { name: 'Bag', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Out of the bag' }).getByText('PW')).toBeVisible()
})

test('what is no table is refused with a sentence, rows can be pasted, and what cannot be is held', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Ruan Skewis')
  await page.goto(`${banco.address}/golfers/${golfer}/import`)
  await bringIn(page, 'sheet.xlsx', readFileSync(join(TABLES, 'sheet.xlsx')))
  await expect(page.getByText('save its sheet as CSV and bring that in')).toBeVisible()
  await page
    .getByLabel('or paste its rows, titles first')
    .fill('Club;Carry [yd]\n7 Iron;150,5\n7 Iron;1505\n5 Spoon;170')
  await page.getByRole('button', { name: 'Read what was pasted' }).click()
  await expect(page.getByText('1 needs checking')).toBeVisible()
  await expect(page.getByText('1 name is not known yet')).toBeVisible()
  await page.getByRole('button', { name: '1 held' }).click()
  await expect(page.getByRole('region', { name: 'Rows' })).toContainText('no golf shot carries that')
  await page.getByRole('button', { name: 'Take 3 shots' }).click()
  await expect(page.getByText('1 count, 2 need checking')).toBeVisible()
  await page.getByRole('link', { name: 'Check 2 shots' }).click()
  await expect(page.getByRole('region', { name: 'Shots that need checking' })).toContainText('5 Spoon')
})

test('a hundred thousand rows are read beside the page, with progress and a stop', async ({
  page,
  request,
  banco,
}) => {
  test.setTimeout(240_000)
  const golfer = await golferWithBag(request, banco, 'Branok Hale')
  await page.goto(`${banco.address}/golfers/${golfer}/import`)
  const rows = Array.from(
    { length: 100_000 },
    (_, i) => `7 Iron,${140 + (i % 97) / 7},${110 + (i % 89) / 9},${i}`,
  )
  const file = Buffer.from(`Club,Carry (yd),Ball Speed (mph),Shot\n${rows.join('\n')}\n`)
  await bringIn(page, 'long.csv', file)
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('button', { name: 'Choose a file' })).toBeVisible()
  await bringIn(page, 'long.csv', file)
  await expect(page.getByRole('heading', { name: '100000 new shots in long.csv' })).toBeVisible({
    timeout: 30_000,
  })
  // Taken in by the server, beside what else it answers: stopped half way, none of them is there.
  await page.getByRole('button', { name: 'Take 100000 shots' }).click()
  await expect(page.getByRole('status')).toContainText(/[1-9][\d,]*000 of 100,001 rows/, { timeout: 30_000 })
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByText('Stopped: none of its shots was taken.')).toBeVisible()
  expect((await request.get(`${banco.address}/api/golfers/${golfer}/export?what=shots`)).status()).toBe(200)
  await page.getByRole('button', { name: 'Take 100000 shots' }).click()
  await expect(page.getByRole('heading', { name: '100000 shots of long.csv brought in' })).toBeVisible({
    timeout: 120_000,
  })
})

test('a golfer goes out whole, is removed by name, and comes back; a backup brings all back', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Merryn Tonkin')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.keyboard.type('63\n61\n')
  await expect(page.getByTestId('running-stock')).toContainText('of 2')
  const url = `${banco.address}/api/golfers/${golfer}/export?what=golfer`
  const before = await (await request.get(url)).text()
  const backup = await (await request.get(`${banco.address}/api/backup`)).body()
  const folder = mkdtempSync(join(tmpdir(), 'banco-e2e-'))
  const [golferFile, backupFile] = [join(folder, 'merryn.json'), join(folder, 'all.db')]
  writeFileSync(golferFile, before)
  writeFileSync(backupFile, backup)

  await page.goto(`${banco.address}/golfers/${golfer}`)
  await expect(page.getByLabel('Name of the golfer to remove')).toBeDisabled()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: /^Export everything/ }).click(),
  ])
  expect(readFileSync(await download.path(), 'utf8')).toBe(before)
  await page.getByLabel('Name of the golfer to remove').fill('Merryn')
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(page.getByText('Type the name as it is written')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByLabel('Name of the golfer to remove').fill('Merryn Tonkin')
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(page).toHaveURL(/golfers\/new$/)

  const helper = await golferWithBag(request, banco, 'Other Golfer')
  await page.goto(`${banco.address}/golfers/${helper}`)
  await page.getByTestId('golfer-file').setInputFiles(golferFile)
  await expect(page).toHaveURL(new RegExp(`golfers/${golfer}$`))
  expect(await (await request.get(url)).text()).toBe(before)
  await page.getByTestId('golfer-file').setInputFiles(golferFile)
  await expect(page.getByText('Merryn Tonkin is here already')).toBeVisible()

  await page.getByTestId('backup-file').setInputFiles(golferFile)
  await expect(page.getByText("This is no backup of Banco's")).toBeVisible()
  await page.getByTestId('backup-file').setInputFiles(backupFile)
  await expect(page).toHaveURL(/golfers\/[0-9a-f-]+\/(gaps|bay|bag|stock)?/)
  await expect
    .poll(async () =>
      (await request.get(`${banco.address}/api/golfers/${helper}/export?what=golfer`)).status(),
    )
    .toBe(404)
  expect(await (await request.get(url)).text()).toBe(before)
})

test('every number of the card stands in its PDF, in every size, and the report has its tables', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jowan Prest', 'seven')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  for (const [i, carry] of [62, 84, 101, 118, 137, 171].entries()) {
    if (i > 0) await page.keyboard.press('n')
    await page.keyboard.type(`${carry} ${carry + 1} ${carry - 1}\n`)
    await expect(page.locator('[data-shot]')).toHaveCount(3)
  }
  // A typed shot shows before it is stored, and a paper is made from what is stored.
  await expect.poll(async () => (await bayOf(request, banco, session)).shots.length).toBe(18)
  const textOf = async (kind: string) => {
    const response = await request.get(`${banco.address}/api/golfers/${golfer}/paper?kind=${kind}`)
    expect(response.status()).toBe(200)
    const path = join(mkdtempSync(join(tmpdir(), 'banco-pdf-')), 'paper.pdf')
    writeFileSync(path, await response.body())
    expect(execFileSync('pdffonts', [path], { encoding: 'utf8' })).toMatch(/Archivo.*yes/)
    return execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' })
  }
  for (const size of ['pocket', 'tag', 'phone']) {
    const text = await textOf(`card-${size}`)
    for (const number of [62, 84, 101, 118, 137, 171]) expect(text).toMatch(new RegExp(`\\b${number}\\b`))
    for (const club of ['Driver', '7-iron', 'P-wedge', 'S-wedge']) expect(text).toContain(club)
    expect(text).toContain('average of good shots')
    expect(text).toContain('no weather')
  }
  expect(await textOf('labels')).toMatch(new RegExp(`171 C ${new Date().toISOString().slice(0, 7)}`))
  const report = await textOf('report')
  for (const words of [
    'Jowan Prest',
    'Stock',
    'Gaps',
    'What was left out',
    'What to do',
    'What not to do',
    '62.0',
    '171.0',
  ])
    expect(report).toContain(words)
  await page.goto(`${banco.address}/golfers/${golfer}/paper`)
  await expect(page.getByRole('img', { name: /7-iron 1\d\d/ })).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save it as a picture' }).click(),
  ])
  expect(
    readFileSync(await picture.path())
      .subarray(1, 4)
      .toString(),
  ).toBe('PNG')
  const wrong = await request.get(`${banco.address}/api/golfers/${golfer}/paper?kind=poster`)
  expect(wrong.status()).toBe(422)
})
