import { expect, golferWithBag, moveByKey, test } from './banco'

test('clubs are ordered by key and by drag, racked and put back', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Loveday Quill')
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  const names = () => page.getByRole('region', { name: 'In the bag' }).locator('b').allTextContents()
  await moveByKey(page, page.getByRole('button', { name: 'Move 7-wood' }), 'ArrowUp')
  await expect.poll(async () => (await names()).slice(0, 3)).toEqual(['Driver', '7-wood', '5-wood'])

  const from = await page.getByRole('button', { name: 'Move 5-wood' }).boundingBox()
  const to = await page.getByRole('button', { name: 'Move 7-wood' }).boundingBox()
  if (!from || !to) throw new Error('the grips are not on the page')
  await page.mouse.move(from.x + 10, from.y + 10)
  await page.mouse.down()
  await page.mouse.move(to.x + 10, to.y + 5, { steps: 12 })
  await page.mouse.up()
  await expect.poll(async () => (await names()).slice(0, 3)).toEqual(['Driver', '5-wood', '7-wood'])

  await page.getByRole('button', { name: 'Put 5-hybrid on the rack' }).click()
  await expect(page.getByRole('region', { name: 'On the rack' }).getByText('5-hybrid')).toBeVisible()
  await page.reload()
  expect(await names()).not.toContain('5-hybrid')
  await page.getByRole('button', { name: 'Into the bag' }).click()
  await expect.poll(async () => (await names())[3]).toBe('5-hybrid')
})

test('a duplicate club, an odd loft and a 15th club get a sentence, and nothing changes', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Gerens Spargo', 'fourteen')
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  await page.getByRole('button', { name: 'Add a club' }).click()
  await page.getByLabel('Name').fill('7-IRON')
  await page.getByRole('button', { name: 'Add the club' }).click()
  await expect(page.getByText('There is a club called 7-IRON already')).toBeVisible()
  await page.getByLabel('Name').fill('Spoon')
  await page.getByLabel(/Loft/).fill('95')
  await page.getByRole('button', { name: 'Add the club' }).click()
  await expect(
    page.getByText('A loft is a number of degrees from 0 to 80: correct it or leave it empty.'),
  ).toBeVisible()
  await page.getByLabel(/Loft/).fill('13.5')
  await page.getByRole('button', { name: 'Add the club' }).click()
  await expect(page.getByText('The bag has its 14 clubs (Rule 4.1b)')).toBeVisible()
  await page.getByRole('button', { name: 'Into the bag' }).click()
  await expect(
    page.getByText('That makes 15 clubs, and Rule 4.1b allows 14: put one on the rack first.'),
  ).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Fourteen clubs: the bag is full')
})
