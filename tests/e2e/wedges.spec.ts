import type { Page } from '@playwright/test'
import { allSent, axeFindings, expect, golferWithBag, runMonitor, test } from './banco'

const WEDGES = ['P-wedge', '50° wedge', '54° wedge', '58° wedge']
/** Yards of four wedges with three swings, as they are typed. */
const CARRIES = {
  full: [103, 93, 81, 67],
  'three-quarter': [93, 83, 73, 60],
  half: [74, 67, 58, 48],
} as const

/** Three shots with the shortest wedge. */
async function hitThree(page: Page, home: string) {
  await page.goto(`${home}/bay`)
  await page.getByRole('button', { name: 'All clear, start' }).click()
  await expect(page.getByTestId('running-stock')).toBeVisible()
  for (const carry of [67, 68, 66]) await page.keyboard.type(`${carry}\n`)
  await expect(page.getByTestId('plan')).toContainText('3 of 72 shots hit')
}

async function rule(page: Page) {
  return page.getByRole('region', { name: 'The rule' }).getByRole('img').getAttribute('aria-label')
}

test('from an empty table through one session with three swings of four wedges to two region and a number, by keyboard', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Loveday Penrose')
  const home = `${banco.address}/golfers/${golfer}`
  await page.goto(`${home}/wedges`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No wedge shots yet')
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: '58° wedge, half: put it into the next plan' }).press('Enter')
  await expect(page.getByText('1 station put aside for the next plan.')).toBeVisible()
  await page.getByRole('button', { name: /^Plan all 11 that are not hit/ }).press('Enter')
  await expect(page.getByText('12 stations put aside for the next plan.')).toBeVisible()
  await page.getByRole('link', { name: 'Go to the Bay' }).press('Enter')
  await expect(page.getByRole('checkbox', { name: '58° wedge, half' })).toBeChecked()
  await expect(page.getByRole('checkbox', { name: '7-iron, full' })).not.toBeChecked()
  await page.getByLabel('What to hit').selectOption('short-to-long')
  await page.getByLabel('Shots each').selectOption('3')
  await page.getByRole('button', { name: 'All clear, start' }).press('Enter')
  const plan = page.getByTestId('plan')
  await expect(plan).toBeVisible()

  // Every block of the plan is hit as it comes, three shots each.
  for (let block = 0; block < 12; block++) {
    const text = (await plan.textContent()) ?? ''
    const club = WEDGES.find((name) => text.split('then')[0]?.includes(name))
    const swing = text.split('then')[0]?.includes('three-quarter')
      ? 'three-quarter'
      : text.split('then')[0]?.includes(', half')
        ? 'half'
        : 'full'
    const carry = CARRIES[swing][WEDGES.indexOf(club ?? '')]
    expect(carry).toBeDefined()
    for (const off of [0, 1, -1]) await page.keyboard.type(`${(carry as number) + off}\n`)
    await expect(plan).toContainText(
      block < 11 ? `${3 * (block + 1)} of 36 shots hit` : 'The plan is done: all 36 shots.',
    )
  }

  await allSent(page)
  await page.goto(`${home}/wedges`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^12 shots inside 10\d yards$/)
  expect(await rule(page)).toMatch(/58° wedge ½ 48,.*P-wedge 10\d/)
  await expect(page.getByText('put aside for the next plan')).toHaveCount(0)
  const cell = page.getByRole('row', { name: /^P-wedge/ })
  await expect(cell).toContainText(/9[01]%/)
  await expect(cell).toContainText(/7[12]%/)

  const region = page.getByRole('region', { name: 'Two ways' })
  await expect(region.getByRole('img')).toHaveAttribute('aria-label', /From the side, to one scale/)
  await region.getByLabel('Which two').selectOption({ label: '54° wedge ¾ and P-wedge ½' })
  await expect(region).toContainText('≈')
  await expect(region).toContainText(/Good to a front flag/)

  await page.getByRole('textbox', { name: /^I have/ }).fill('70')
  const number = page.getByRole('region', { name: 'I have a number' })
  const first = number.getByRole('listitem').first()
  await expect(first).toContainText(/carries \d\d/)
  const toCarry = await first.textContent()
  await number.getByLabel('total, with roll').check()
  await expect(first).toContainText(/58° wedge.*finishes at \d\d/)
  expect(await first.textContent()).not.toBe(toCarry)
  await expect(number).toContainText(/within 5 yd of it \d\d% of the time/)
  await page.getByRole('textbox', { name: /^I have/ }).fill('130')
  await expect(number).toContainText('Nearest below: the P-wedge')
  expect(await axeFindings(page)).toEqual([])
})

test('swings are defined, a change starts a new one; a drill feeds no stock; on a phone', async ({
  page,
  request,
  banco,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  const golfer = await golferWithBag(request, banco, 'Kerensa Bray')
  const home = `${banco.address}/golfers/${golfer}`
  await hitThree(page, home)
  await page.goto(`${home}/wedges`)
  await page.getByRole('button', { name: 'Define half' }).click()
  const form = page.getByRole('form', { name: 'half is made' })
  await form.getByLabel('Arm at').fill('late')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(form).toContainText('One of the numbers is not a number')
  await form.getByLabel('Arm at').fill('9')
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('arm at 9 o’clock')).toBeVisible()
  await page.getByRole('button', { name: 'A swing of your own' }).click()
  const own = page.getByRole('form', { name: 'A new swing' })
  await own.getByLabel('Name').fill('pitch')
  await own.getByLabel('Gripped down').fill('3')
  await own.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('columnheader', { name: 'pitch' })).toBeVisible()
  await expect(page.getByText('gripped 3 cm down')).toBeVisible()

  const drill = page.getByRole('region', { name: 'Drill' })
  await drill.getByRole('button', { name: 'Call the first number' }).click()
  const called = Number(await page.getByTestId('called').textContent())
  expect(called).toBeGreaterThanOrEqual(40)
  await drill.getByLabel(/^It finished at/).fill('far')
  await drill.getByRole('button', { name: /^Next/ }).click()
  await expect(drill).toContainText('Type how far the ball finished')
  await drill.getByLabel(/^It finished at/).fill(String(called + 6))
  await drill.getByRole('button', { name: /^Next/ }).click()
  await expect(drill).toContainText('6 yd left')
  await drill.getByLabel(/^It finished at/).fill('50')
  await page.keyboard.press('Enter')
  await expect(drill).toContainText('2 shots,')
  await drill.getByRole('button', { name: 'Take the last one back' }).click()
  await expect(drill).toContainText('1 shot,')
  await drill.getByRole('button', { name: 'End the drill' }).click()
  await expect(drill).toContainText('6.0 yd left on average, 6.0 long')
  expect(await axeFindings(page)).toEqual([])
  const width = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(width).toBeLessThanOrEqual(390)
  await page.goto(`${home}/stock`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 stock from 3 good shots')
})

test('a drill takes what the monitor sends, and its shots feed no stock', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Elowen Tregear')
  const home = `${banco.address}/golfers/${golfer}`
  await hitThree(page, home)
  await page.goto(`${home}/wedges`)
  const drill = page.getByRole('region', { name: 'Drill' })
  await drill.getByLabel('Shots come from the monitor').check()
  await drill.getByRole('button', { name: 'Call the first number' }).click()
  await expect(drill).toContainText('the monitor’s next shot is taken')
  await runMonitor(banco, '--shots', '3', '--every', '2500', '--seed', '4', '--no-club')
  await expect(drill).toContainText('3 shots,')
  await drill.getByRole('button', { name: 'End the drill' }).click()
  await page.goto(`${home}/stock`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 stock from 3 good shots')
})
