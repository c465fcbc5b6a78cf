import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { APIResponse } from '@playwright/test'
import { axeFindings, expect, golferWithBag, runMonitor, test } from './banco'

async function textOf(response: APIResponse): Promise<string> {
  expect(response.status()).toBe(200)
  const path = join(mkdtempSync(join(tmpdir(), 'banco-pdf-')), 'paper.pdf')
  writeFileSync(path, await response.body())
  return execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' })
}

test('a golfer alone sees no desk; with the second one it is there, and opens where the coach left', async ({
  page,
  request,
  banco,
}) => {
  const first = await golferWithBag(request, banco, 'Lowen Carne')
  await page.goto(`${banco.address}/golfers/${first}/bag`)
  await expect(page.getByRole('link', { name: 'Desk' })).toHaveCount(0)
  // Somebody who looks after others may want it before.
  await page.goto(`${banco.address}/golfers/${first}`)
  await page.getByLabel('I look after golfers: show the desk').check()
  await expect(page.getByRole('link', { name: 'Desk' })).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByLabel('I look after golfers: show the desk').uncheck()
  await expect(page.getByRole('link', { name: 'Desk' })).toHaveCount(0)
  await golferWithBag(request, banco, 'Jenna Sleep', 'seven')
  await page.reload()
  await page.getByRole('link', { name: 'Desk' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 golfers, no visit today')
  await page.getByRole('button', { name: 'Golfer', exact: true }).click()
  await page.getByLabel('Find a golfer').fill('SLEEP')
  await expect(page.getByRole('row')).toHaveCount(2)
  expect(await axeFindings(page)).toEqual([])
  await page.goto(banco.address)
  await expect(page).toHaveURL(/\/desk$/)
  await expect(page.getByLabel('Find a golfer')).toHaveValue('SLEEP')
  await expect(page.getByRole('columnheader', { name: 'Golfer' })).toHaveAttribute('aria-sort', 'ascending')
})

test('four golfers in a day: new at the desk, hit by the monitor, reported and followed up, every shot with its golfer', async ({
  page,
  request,
  banco,
}) => {
  test.setTimeout(300_000)
  await golferWithBag(request, banco, 'Steren Vyvyan')
  await golferWithBag(request, banco, 'Talan Bray', 'seven')
  await page.goto(`${banco.address}/desk`)
  await page.getByLabel('Your name, as reports carry it').fill('Ottoline Brack')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('banner')).toContainText('Ottoline Brack')

  const day: { name: string; home: string; shots: number }[] = []
  for (const [i, name] of ['Kitto Rowe', 'Morwenna Hale', 'Cubert Lyne', 'Endelyn Pask'].entries()) {
    await page.goto(`${banco.address}/desk`)
    // Five actions to the first ball: new, the name, the bag, start, and the club that is in the hand.
    await page.getByRole('button', { name: 'New golfer' }).click()
    await page.getByLabel('Name', { exact: true }).fill(name)
    await page.getByLabel('Bag, to be corrected later').selectOption('Steren Vyvyan')
    if (i === 0) expect(await axeFindings(page)).toEqual([])
    await page.getByRole('button', { name: 'All clear, start' }).click()
    await expect(page).toHaveURL(/\/golfers\/[^/]+\/bay$/)
    await page.getByRole('button', { name: /^7-iron/ }).click()
    await expect(page.getByRole('heading', { name: '7-iron, full swing' })).toBeVisible()
    const shots = 3 + i
    await runMonitor(
      banco,
      '--club',
      '7i',
      '--shots',
      String(shots),
      '--seed',
      String(70 + i),
      '--every',
      '10',
    )
    await expect(page.locator('[data-shot]')).toHaveCount(shots)
    day.push({ name, shots, home: page.url().replace(/\/bay$/, '') })
  }
  // Every shot is with its golfer: the monitor was never told where to send.
  for (const { home, shots, name } of day) {
    const csv = await request.get(`${home.replace('/golfers/', '/api/golfers/')}/export?what=shots`)
    expect((await csv.text()).trim().split('\n'), name).toHaveLength(shots + 1)
  }

  // A visit is planned, held, reported, and asked about.
  const [first] = day
  await page.goto(`${banco.address}/desk`)
  await page.getByRole('button', { name: 'Plan a visit' }).click()
  await page.getByLabel('Who comes').selectOption(first!.name)
  const today = new Date(Date.now() + 60_000)
  const local = (date: Date) =>
    `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}T00:00`
  await page.getByLabel('When').fill(local(today))
  await page.getByLabel('What it is to do').fill('The 7-iron.')
  await page.getByRole('button', { name: 'Plan it' }).click()
  const week = page.getByRole('region', { name: 'The week ahead' })
  await expect(week).toContainText('1 visit, 72 minutes')
  await week.getByRole('link', { name: first!.name }).click()
  await expect(page.getByRole('region', { name: 'What is open' })).toContainText('The 7-iron.')
  await page.getByLabel('Your words for the report').fill('Keep the tempo.\nLeave the driver alone.')
  await page.getByLabel('after', { exact: true }).fill('2')
  await page.getByLabel('Rounds or weeks').selectOption('rounds')
  await page.getByLabel('What to look at then').fill('the 7-iron at 150')
  await page.getByRole('button', { name: 'Save, and the visit is over' }).click()
  await expect(page.getByText('Finished.')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])

  const pdf = async (name: string) => {
    const href = await page.getByRole('link', { name, exact: true }).getAttribute('href')
    return textOf(await request.get(`${banco.address}${href}`))
  }
  for (const paper of ['The report, A4', 'Letter']) {
    const text = await pdf(paper)
    for (const words of [
      'In the words of Ottoline Brack',
      'Keep the tempo.',
      'after 2 rounds: the 7-iron at 150',
    ])
      expect(text).toContain(words)
    expect(text).toContain('Do not')
  }
  // Asked before it is due, and answered: it stands beside the numbers, and is open no more.
  const after = page.getByRole('region', { name: 'After play' })
  await expect(after).toContainText('due after 2 more rounds')
  await after.getByLabel('A distance for which there was no club').fill('120')
  await after.getByLabel('A club that did not go its number').selectOption('7-iron')
  await after.getByRole('button', { name: 'Set it beside the numbers' }).click()
  await expect(after).toContainText(/120 yd lies [\d.]+ (past|short of) the 7-iron’s/)
  await expect(after).toContainText('The 7-iron carries')
  await page.goto(`${banco.address}/desk`)
  await expect(page.getByRole('row', { name: new RegExp(first!.name) })).not.toContainText('due')

  // The papers of all in one.
  await page.getByRole('link', { name: 'Reports of several golfers' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Choose whose reports')
  await page.getByLabel('All 4 with shots').check()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('4 reports')
  expect(await axeFindings(page)).toEqual([])
  const together = async () => {
    await page.getByRole('button', { name: 'As one PDF, A4' }).click()
    return pdf('Open the PDF')
  }
  const all = await together()
  for (const { name } of day) expect(all).toContain(name)
  expect(all).not.toContain('Talan Bray')
  await page.getByLabel(/Talan Bray/).check()
  expect(await together()).toContain('Talan Bray')
})

test('on a phone the desk, a plan, the phones and the guide are whole; a report of somebody without shots says so', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Tegen Roe', 'seven')
  await golferWithBag(request, banco, 'Colan Pike')
  await page.setViewportSize({ width: 390, height: 844 })
  const isWhole = () =>
    expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
  for (const path of ['/desk', '/desk/phones', '/guide']) {
    await page.goto(banco.address + path)
    await isWhole()
    expect(await axeFindings(page), path).toEqual([])
  }
  for (const picture of await page.locator('main img').all())
    await expect
      .poll(() => picture.evaluate((each: HTMLImageElement) => each.naturalWidth))
      .toBeGreaterThan(100)
  await page.goto(`${banco.address}/desk`)
  await page.getByRole('button', { name: 'Plan a visit' }).click()
  await page.getByLabel('For', { exact: true }).fill('2')
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.getByText('Type a number from 5 to 600, or leave it empty.')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await isWhole()
  const report = await textOf(await request.get(`${banco.address}/api/golfers/${golfer}/paper?kind=report`))
  expect(report).toContain('Tegen Roe')
  expect(report).toContain('No gap was measured')
  // Nobody with a name that is taken, nobody without one, and nobody half.
  await page.goto(`${banco.address}/desk`)
  await page.getByRole('button', { name: 'New golfer' }).click()
  await page.getByRole('button', { name: 'All clear, start' }).click()
  await expect(page.getByText('The name is empty')).toBeVisible()
  await page.getByLabel('Name', { exact: true }).fill('Colan Pike')
  await page.getByRole('button', { name: 'All clear, start' }).click()
  await expect(page.getByText('There is a golfer called Colan Pike already')).toBeVisible()
  await page.goto(`${banco.address}/desk`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('2 golfers')
})

test('two coaches, one visit: the second one’s words are refused with a sentence, and stay on their page', async ({
  page,
  context,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Rosen Treen')
  await golferWithBag(request, banco, 'Pasco Dell')
  const planned = await request.post(`${banco.address}/api/golfers/${golfer}/visits`, {
    data: { id: 'visit-of-two', atMs: Date.now(), offsetMin: 0, minutes: 60, toDo: null },
  })
  expect(planned.status()).toBe(201)
  const address = `${banco.address}/golfers/${golfer}/visits/visit-of-two`
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(address)
  const other = await context.newPage()
  await other.goto(address)
  await page.getByLabel('Your words for the report').fill('Mine.')
  await expect(other.getByLabel('Your words for the report')).toBeEditable()
  await other.getByLabel('Your words for the report').fill('Theirs.')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible()
  await other.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(other.getByText('This visit was changed since you opened it.')).toBeVisible()
  await expect(other.getByLabel('Your words for the report')).toHaveValue('Theirs.')
  expect(await axeFindings(page)).toEqual([])
  await expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
  // With words in it, it is the golfer's.
  const gone = await request.delete(`${banco.address}/api/visits/visit-of-two`)
  expect([gone.status(), await gone.text()]).toEqual([409, expect.stringContaining('stays with the golfer')])
})
