import { bayOf, expect, golferWithBag, openSession, test } from './banco'

test('refuses what is no carry, at the field, and keeps what was typed', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Ottoline Marrack')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const carry = page.getByLabel('Carry in yd')
  for (const [typed, sentence] of [
    ['0', 'No golf shot that counts carries 0 yd: type a carry from 3 to 450.'],
    ['-5', 'No golf shot that counts carries -5 yd'],
    ['999', 'No golf shot that counts carries 999 yd'],
    ['abc', '"abc" is not a carry: type a number in yd'],
    ['1e9', 'No golf shot that counts carries 1000000000 yd'],
  ] as const) {
    await carry.fill(typed)
    await carry.press('Enter')
    await expect(page.locator('#carry-problem')).toContainText(sentence)
    await expect(carry).toHaveValue(typed)
  }
  await expect(page.getByText('0 shots indoors')).toBeVisible()
})

test('marks by key, undoes one action at a time, and both survive a restart', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Ives Pellow')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(page.getByRole('heading', { name: '58° wedge, full swing' })).toBeVisible()
  for (const digits of ['63', '60', '44', '62']) await page.keyboard.type(`${digits}\n`)
  await expect(page.getByTestId('running-stock')).toContainText('62 ± ')
  await expect(page.getByTestId('running-stock')).toContainText('3 of 4 good')
  await page.getByRole('button', { name: /44\.0/ }).click()
  await expect(page.getByText(/It looks fat, .* likely good: 1\d yd short/)).toBeVisible()
  await page.keyboard.press('s')
  await expect(page.getByTestId('running-stock')).toContainText('4 of 4 good')

  await banco.stop()
  await banco.start()
  await page.reload()
  await expect(page.getByTestId('running-stock')).toContainText('4 of 4 good')
  await page.keyboard.press('z')
  await expect(page.getByTestId('running-stock')).toContainText('3 of 4 good')
  await page.keyboard.press('z')
  await expect(page.getByTestId('running-stock')).toContainText('2 of 3 good')
  expect(
    (await bayOf(request, banco, session)).shots.map((shot) => Math.round(shot.carryM! / 0.9144)),
  ).toEqual([63, 60, 44])
  await page.keyboard.press('z')
  await page.keyboard.press('z')
  await page.keyboard.press('z')
  await expect(page.getByTestId('running-stock')).toContainText('no shot counts yet')
  await page.keyboard.press('z')
  await expect(page.getByText('There is nothing left to undo')).toBeVisible()
})

test('goes from club to club and swing to swing by key, and lists its keys', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Bede Tangye')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.keyboard.press('n')
  await expect(page.getByRole('heading', { name: '54° wedge, full swing' })).toBeVisible()
  await page.keyboard.press('x')
  await expect(page.getByRole('heading', { name: '54° wedge, three-quarter swing' })).toBeVisible()
  await page.keyboard.type('71\n')
  await expect(page.getByTestId('running-stock')).toContainText('54° wedge, three-quarter: 71 ')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys of the Bay' })).toBeVisible()
})

test.describe('by touch on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('a station is chosen, hit, marked and undone without a keyboard', async ({ page, request, banco }) => {
    const golfer = await golferWithBag(request, banco, 'Kerra Nancarrow')
    await page.goto(`${banco.address}/golfers/${golfer}/bay`)
    await page.getByLabel('What to hit').selectOption('as I like, no plan')
    await page.getByLabel('On the range').check()
    await page.getByRole('button', { name: 'All clear, start' }).tap()
    await page.getByRole('combobox', { name: 'Club' }).selectOption({ label: '8-iron' })
    await page.getByRole('combobox', { name: 'Swing' }).selectOption('full')
    const pad = page.getByRole('group', { name: 'Keys for a carry' })
    const enter = async (keys: string[]) => {
      for (const key of keys) await pad.getByRole('button', { name: key, exact: true }).tap()
      await pad.getByRole('button', { name: 'Add' }).tap()
    }
    await enter(['1', '2', '9', '3', 'delete the last character', 'space', '3', 'left'])
    await enter(['1', '3', '1', 'point', '5'])
    await enter(['9', '8'])
    await expect(page.getByTestId('running-stock')).toHaveText(/8-iron: 130 \(\d+ to \d+\) yd, 2 of 3 good/)
    await page.getByRole('group', { name: 'Mark' }).getByRole('button', { name: 'Good' }).tap()
    await expect(page.getByTestId('running-stock')).toContainText('3 of 3 good')
    await page.getByRole('button', { name: 'Undo: good for 98.0 yd' }).tap()
    await expect(page.getByTestId('running-stock')).toContainText('2 of 3 good')
    await page.getByRole('button', { name: 'Next: 7-iron' }).tap()
    await expect(page.getByTestId('running-stock')).toContainText('7-iron: no shot counts yet')

    for (const target of await page.locator('.pad button, .marks button:visible, .pick-station > *').all()) {
      const box = await target.boundingBox()
      expect(Math.round(box?.height ?? 0)).toBeGreaterThanOrEqual(44)
    }
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    await page.getByRole('link', { name: 'Gaps', exact: true }).tap()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('1 club hit so far')
  })
})
