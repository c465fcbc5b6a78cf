import { axeFindings, bayOf, expect, golferWithBag, openSession, test, toRack } from './banco'

test.describe('on the demo', () => {
  test.use({ demo: true })

  test('winter is set beside summer from the Log, as hit and in stated air, opened club by club, and printed', async ({
    page,
    banco,
  }) => {
    await page.goto(`${banco.address}/golfers/demo-tilda/log`)
    await page.getByRole('link', { name: 'Compare' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Choose two to compare')
    const [first, second] = [page.getByLabel('The first'), page.getByLabel('The second')]
    const lastYear = async (season: string) =>
      (await first.locator('option', { hasText: season }).last().getAttribute('value')) ?? ''
    const [winter, summer] = [await lastYear('winter'), await lastYear('summer')]
    await first.selectOption(winter)
    await expect(page).toHaveURL(/a=season/)
    await second.selectOption(summer)
    await expect(page.getByText(/Also different: .*weather \(4 °C; 24 °C\)/)).toBeVisible()
    const rows = page.getByRole('region', { name: 'Differences' }).getByRole('row')
    await expect(rows).toHaveCount(13)
    await expect(page.getByText(/^All 12 clubs and swings together are .*% longer/)).toBeVisible()
    const driver = rows.filter({ hasText: 'Driver' })
    const asHit = await driver.innerText()
    await rows.getByRole('button', { name: '9-iron' }).focus()
    await page.keyboard.press('Enter')
    await expect(page.getByRole('region', { name: 'Flights' })).toContainText('9-iron')
    expect(await axeFindings(page)).toEqual([])
    await page.emulateMedia({ media: 'print' })
    await expect(first).toBeHidden()
    await expect(driver).toBeVisible()
    await page.emulateMedia({ media: 'screen' })
    await page.getByRole('combobox', { name: /^Carries/ }).selectOption('reference')
    await expect.poll(() => driver.innerText()).not.toBe(asHit)
  })

  test('a stock over time, what to practise and a comparison fit a phone, and can be read by those who cannot see', async ({
    page,
    banco,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 })
    const home = `${banco.address}/golfers/demo-tilda`
    for (const [at, heading] of [
      ['history', /over time/],
      ['practice', /ractise|practice/],
      ['compare?a=bag&b=bag', /That is one and the same/],
      ['compare?a=swing:three-quarter&b=swing:half', /shorter by .* likely real/],
    ] as const) {
      await page.goto(`${home}/${at}`)
      await expect(page.getByRole('heading', { level: 1 })).toContainText(heading)
      expect(await axeFindings(page)).toEqual([])
      expect(await page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
    }
    await page.goto(`${home}/history`)
    await expect(page.getByRole('region', { name: 'Session by session' }).getByRole('row')).toHaveCount(6)
    await page.getByRole('button', { name: '9-iron' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('9-iron over time')
  })
})

test('an old gap wedge is tried against a new one of the rack: A B B A in one session of 12 shots, and read at its end', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Elowen Tregear')
  const added = await request.post(`${banco.address}/api/golfers/${golfer}/clubs`, {
    data: { name: 'new 50°', kind: 'wedge', loftDeg: 50 },
  })
  expect(added.status()).toBe(201)
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  await toRack(page, 'new 50°')

  await page.goto(`${banco.address}/golfers/${golfer}/compare`)
  await page.getByLabel('The first').selectOption({ label: '50° wedge' })
  await page.getByLabel('The second').selectOption({ label: 'new 50°' })
  await page.getByRole('link', { name: 'Plan a fair trial' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('12 shots')
  await page.getByRole('button', { name: 'All clear, start' }).click()
  const title = page.getByRole('heading', { level: 1 })
  await expect(title).toContainText('50° wedge')
  const blocks = [
    ['50° wedge', [96, 98, 94]],
    ['new 50°', [104, 106, 102, 105, 103, 107]],
    ['50° wedge', [97, 95, 99]],
  ] as const
  for (const [club, carries] of blocks) {
    await expect(title).toContainText(club)
    for (const carry of carries) {
      await page.keyboard.type(String(carry))
      await page.keyboard.press('Enter')
    }
  }
  await page.getByRole('button', { name: 'End the session' }).click()
  const trial = page.getByRole('region', { name: 'The trial' })
  await expect(trial).toContainText('The new 50° goes 8.0 ±')
  await expect(trial).toContainText('likely real')
})

test('a club of the rack has a station in the Bay like any other', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Denzil Crewe')
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  await toRack(page, '5-hybrid')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByLabel('A club that is not in the bag').selectOption({ label: '5-hybrid' })
  await expect(page.getByRole('heading', { level: 1 })).toContainText('5-hybrid')
  for (const carry of [160, 164, 162]) {
    await page.keyboard.type(String(carry))
    await page.keyboard.press('Enter')
  }
  await expect(page.getByRole('button', { name: /^5-hybrid \d+ .*3 today/ })).toBeVisible()
  const { analysis, bag } = await bayOf(request, banco, session)
  const racked = bag.rack.find(({ name }) => name === '5-hybrid')!.id
  expect(analysis.gaps.some(({ longerId, shorterId }) => longerId === racked || shorterId === racked)).toBe(
    false,
  )
})
