import { axeFindings, expect, test } from './banco'

test.use({ demo: true })

test('the gaps of the demo: a gap opens its evidence, the rules change the page, the next dozen leads to a plan', async ({
  page,
  banco,
}) => {
  await page.goto(`${banco.address}/golfers/demo-tilda/gaps`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^P-wedge and 50° wedge carry the same distance: (both \d+|\d+ and \d+) yards/,
  )
  const evidence = page.getByRole('region', { name: 'Evidence' })
  await expect(evidence).toContainText('The two clubs carry the same distance.')
  await page.getByRole('button', { name: /^8-iron to 9-iron/ }).click()
  await expect(evidence).toContainText('This one is too wide')
  await expect(evidence).toContainText('No club for')
  await expect(evidence.getByRole('img', { name: /^8-iron: \d+ .* yd, \d+ of \d+ good/ })).toBeVisible()
  expect(await axeFindings(page)).toEqual([])

  await page.getByRole('button', { name: /^5-wood to 7-wood/ }).click()
  await expect(evidence).toContainText('5-wood to 7-wood')
  await expect(evidence).toContainText('The same gap by other ways to count a yardage')

  const table = page.getByTestId('stair-table')
  const before = await table.innerText()
  await page.getByLabel('Good gap').selectOption('by one even spacing')
  await expect.poll(() => table.innerText()).not.toBe(before)
  await page.getByLabel('Good gap').selectOption('')
  await expect.poll(() => table.innerText()).toBe(before)

  const next = page.getByRole('region', { name: 'Hit next' })
  await expect(next).toContainText(/The best next dozen/)
  await expect(next).toContainText(/chance that this confirms/)
  await expect(next).toContainText(
    /What helps more than shots.*Mark each shot as good or missed.*Worth about \d+ more shots/s,
  )
  const warnings = page.getByRole('region', { name: 'Before you trust the numbers' })
  // Another day helps yardages, and no gap that one day can confirm.
  await expect(next).not.toContainText('another day')
  await page.goto(`${banco.address}/golfers/demo-marek/gaps`)
  await expect(warnings).toContainText('You are tiring')
  await expect(warnings).toContainText(/look(s)? like the .*’s/)
})

test('a left-out shot is put back from the stock table, and the stock follows', async ({ page, banco }) => {
  await page.goto(`${banco.address}/golfers/demo-tilda/stock`)
  await page.getByRole('button', { name: 'P-wedge 46°' }).click()
  const row = page.getByRole('row', { name: /P-wedge 46°/ }).first()
  const was = await row.innerText()
  await expect(
    page
      .locator('.left-out')
      .getByText(/ball speed \d+% (under|over) the others|yd short|launch \d+% lower/)
      .first(),
  ).toBeVisible()
  await page
    .getByRole('button', { name: /was good$/ })
    .first()
    .click()
  await expect.poll(() => row.innerText()).not.toBe(was)
  await page.goto(`${banco.address}/golfers/demo-junia/stock`)
  await expect(page.getByText(/you took out only long ones/)).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
})
