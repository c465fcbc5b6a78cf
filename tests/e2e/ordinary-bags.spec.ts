import { writeFileSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { execFileSync } from 'node:child_process'
import type { APIRequestContext } from '@playwright/test'
import type { BancoServer } from '../../demo/banco-server'
import { axeFindings, bayOf, expect, golferWithBag, openSession, test } from './banco'

/** Typed shots with clubs of the bag, by name. */
async function hit(
  request: APIRequestContext,
  banco: BancoServer,
  session: string,
  carries: Record<string, number[]>,
) {
  const { bag } = await bayOf(request, banco, session)
  for (const [name, list] of Object.entries(carries)) {
    const clubId = bag.clubs.find((club) => club.name === name)!.id
    const shots = list.map((carry, i) => ({
      id: `${name}-${i}`,
      clubId,
      swing: 'full',
      carryM: carry * 0.9144,
      hitMs: Date.now(),
    }))
    const response = await request.post(`${banco.address}/api/sessions/${session}/shots`, { data: { shots } })
    expect(response.status()).toBe(200)
  }
}
const about = (carry: number) => [0, 1.2, -1.1, 0.6, -0.8].map((off) => carry + off)

test('seven clubs: 29 yards between the wedges are wide, explain themselves, and can be kept as is', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Digory Keast', 'seven')
  const session = await openSession(request, banco, golfer)
  await hit(request, banco, session, { 'P-wedge': about(121.6), 'S-wedge': about(92.9) })
  await page.goto(`${banco.address}/golfers/${golfer}/gaps`)
  const title = page.getByRole('heading', { level: 1 })
  await expect(title).toHaveText('P-wedge to S-wedge is 29 yards: too wide')
  await expect(page).toHaveTitle('Gaps · Digory Keast · Banco')
  const evidence = page.getByRole('region', { name: 'Evidence' })
  await expect(evidence).toContainText('About 1 club (51°) is missing between the two')
  await expect(evidence).toContainText(
    /Your P-wedge, three-quarter, about 1\d\d by the usual share, fills part of it/,
  )
  await evidence.getByRole('button', { name: 'too wide', exact: true }).focus()
  await expect(page.getByRole('tooltip')).toContainText('This one is too wide')
  await page.keyboard.press('Tab')

  await page.getByText('What the marks mean').click()
  await expect(page.getByRole('img', { name: /same distance: two clubs at one number/ })).toBeVisible()
  expect(await axeFindings(page)).toEqual([])

  await evidence.getByRole('button', { name: 'Keep as is: P-wedge to S-wedge' }).click()
  await evidence.getByRole('button', { name: 'Save' }).click()
  await expect(evidence).toContainText('Type why you want to keep it')
  await evidence.getByLabel('Reason').fill('the half wedge covers it')
  await evidence.getByRole('button', { name: 'Save' }).click()
  await expect(evidence).toContainText('the half wedge covers it')
  await expect(page.locator('.lede')).toContainText('1 kept as is')
  await evidence.getByRole('button', { name: 'Judge P-wedge to S-wedge again' }).click()
  await expect(page.locator('.lede')).toContainText('1 too wide')
})

test('two clubs at one number are the same distance; one that was not hit makes no uncovered distance; "Hit these" is the plan', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Elestren Quick', 'fourteen')
  const session = await openSession(request, banco, golfer)
  await hit(request, banco, session, {
    Driver: about(232),
    '3-wood': about(206),
    '4-hybrid': about(172),
    '5-iron': [...about(171), ...about(171.4)],
    '6-iron': [...about(170.6), ...about(170.2)],
  })
  await page.goto(`${banco.address}/golfers/${golfer}/gaps`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('same distance')
  await expect(page.locator('.lede')).toContainText(/177–201 is not known yet/)
  await expect(page.locator('.lede')).toContainText(
    '3-wood to 4-hybrid is 34 yd over the 5-wood, not hit yet. No verdict',
  )
  await page.getByRole('button', { name: 'Hit these' }).click()
  await expect(page.getByTestId('plan')).toContainText(/0 of 3 with the 5-wood/)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('5-wood, full swing')
})

test.describe('the pages of the demo', () => {
  test.use({ demo: true, hasTouch: true, isMobile: true })
  const home = '/golfers/demo-tilda'

  test('none scrolls sideways on a phone, upright or on its side', async ({ page, banco }) => {
    const pages = [
      'bag',
      'bay',
      'stock',
      'gaps',
      'wedges',
      'course',
      'log',
      'import',
      'paper',
      '',
      'sessions/demo-tilda-9',
    ]
    for (const path of pages) {
      await page.goto(`${banco.address}${home}/${path}`)
      await expect(page.getByRole('heading', { level: 1 })).toBeAttached()
      for (const [width, height] of [
        [360, 740],
        [390, 844],
        [844, 390],
      ] as const) {
        await page.setViewportSize({ width, height })
        const scroll = await page.evaluate(() => document.documentElement.scrollWidth)
        expect(scroll, `${path} at ${width}`).toBeLessThanOrEqual(width)
      }
    }
    await page.setViewportSize({ width: 390, height: 664 })
    await page.goto(`${banco.address}${home}/bay`)
    await expect(page.locator('.pad').getByRole('button', { name: 'Add' })).toBeInViewport({ ratio: 1 })
    await expect(page.locator('.last-shot .carry')).toBeInViewport({ ratio: 1 })
  })
})

test.describe('each page of numbers', () => {
  test.use({ demo: true })
  test('prints on one sheet with its title', async ({ page: sheet, banco }) => {
    const folder = mkdtempSync(join(tmpdir(), 'banco-print-'))
    for (const [path, last] of [
      ['stock', 'Left out'],
      ['gaps', '58° wedge'],
      ['wedges', 'total'],
      ['course', 'Rule 4.3'],
    ] as const) {
      await sheet.goto(`${banco.address}/golfers/demo-tilda/${path}`)
      await expect(sheet.getByRole('heading', { level: 1 })).toBeVisible()
      await expect(sheet.getByText(last).first()).toBeAttached()
      // The day on the sheet and the drawing come once the page has woken.
      await expect(sheet.locator('.print-title td').nth(2)).not.toBeEmpty()
      if (path === 'gaps' || path === 'wedges')
        await expect(sheet.locator('svg.svg-drawing text', { hasText: '58°' }).first()).toBeAttached()
      for (const format of ['A4', 'Letter'] as const) {
        const file = join(folder, `${path}-${format}.pdf`)
        writeFileSync(file, await sheet.pdf({ format }))
        expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(/Pages:\s+1\n/)
        const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
        for (const words of ['Tilda Brandvoll', 'Winter bag', 'average of good shots', 'good shots', last])
          expect(text).toContain(words)
      }
    }
  })
})
