import { expect, golferWithBag, openSession, test } from './banco'

test('shots go out as CSV and JSON, and come back without being taken twice', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Demelza Roke')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  for (const typed of ['63 3l', '60', '61.5']) await page.keyboard.type(`${typed}\n`)
  await expect(page.getByTestId('running-stock')).toContainText('of 3')
  const csv = await (await request.get(`${banco.address}/api/golfers/${golfer}/export?format=csv`)).text()
  const json = await (await request.get(`${banco.address}/api/golfers/${golfer}/export?format=json`)).text()

  await page.goto(`${banco.address}/golfers/${golfer}/log`)
  const bringIn = (name: string, text: string) =>
    page.getByTestId('file').setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) })
  await bringIn('mine.csv', csv)
  await expect(page.getByText('mine.csv: 0 shots taken, 3 known already.')).toBeVisible()

  const other = csv.replaceAll(/^[0-9a-f-]{36},[^,]+/gm, ',').replaceAll('58° wedge', '54° wedge')
  await bringIn('other.csv', other)
  await expect(page.getByText('other.csv: 3 shots taken.')).toBeVisible()
  await bringIn('other.csv', other)
  await expect(page.getByText('other.csv: 0 shots taken, 3 known already.')).toBeVisible()
  await page.getByRole('button', { name: 'Withdraw' }).click()
  await expect(page.getByText('3 shots of other.csv withdrawn.')).toBeVisible()
  await bringIn('other.csv', other)
  await expect(page.getByText('other.csv: 3 shots taken.')).toBeVisible()
  await bringIn('mine.json', json)
  await expect(page.getByText('mine.json: 0 shots taken, 3 known already.')).toBeVisible()
})

test('a file with a missing column or a broken row is refused whole, by name', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Hedra Vosper')
  await page.goto(`${banco.address}/golfers/${golfer}/log`)
  const bringIn = (text: string) =>
    page
      .getByTestId('file')
      .setInputFiles({ name: 'shots.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await bringIn('id,club\n1,7-iron\n')
  await expect(page.getByText('The column "carryM" is missing: add it to the header row.')).toBeVisible()
  const rows = Array.from({ length: 1999 }, (_, i) => (i === 729 ? '7-iron,12x' : `7-iron,${120 + (i % 20)}`))
  await bringIn(`club,carryM\n${rows.join('\n')}\n`)
  await expect(page.getByText('Row 731: carryM is "12x" and must be a number of metres.')).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No sessions yet')
})
