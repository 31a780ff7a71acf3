import type { Page } from '@playwright/test'
import { arrived, expect, expectAccessible, press, test } from './clinic'

const dialog = (page: Page) => page.getByRole('dialog')

async function start(page: Page, name: string, born?: string): Promise<void> {
  await press(page, 'p')
  await page.getByLabel('Name', { exact: true }).fill(name)
  if (born) await page.getByLabel('Date of birth, if known').fill(born)
}

test('one person is made once: Back shows them, a similar name is told, two numbers become one, a wrong examination is moved', async ({ page, clinic }) => {
  await page.goto(`${clinic.url}/today`)
  await start(page, 'Wenna Saltmarsh', '1970-05-05')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/story$/)
  await arrived(page)
  await page.goBack()
  await expect(page.getByRole('link', { name: /Wenna Saltmarsh/ })).toHaveCount(1)

  // Entered again with a slip of the fingers: told, not forbidden.
  await start(page, 'Wenna Saltmasrh', '1970-05-05')
  const hint = page.getByRole('status').filter({ hasText: 'Here already?' })
  await expect(hint).toContainText('Wenna Saltmarsh, number 116, born 5 May 1970: similar name, same date of birth')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Start the story' }).click()
  await expect(page).toHaveURL(/story$/)
  await arrived(page)

  // One person under two numbers, put right from the examination itself.
  await page.getByRole('button', { name: /Wenna Saltmasrh/ }).click()
  await expect(dialog(page)).toContainText('number 117')
  await expectAccessible(page)
  await dialog(page)
    .getByRole('radio', { name: /another number/ })
    .check()
  await dialog(page).getByRole('combobox').fill('saltmarsh')
  await expect(dialog(page).getByRole('option')).toHaveCount(1)
  await dialog(page).getByRole('combobox').press('Enter')
  await dialog(page).getByLabel('Why').fill('entered twice')
  await dialog(page).getByLabel('Why').press('Enter')
  await expect(dialog(page)).toHaveCount(0)
  await expect(page.getByRole('button', { name: /Wenna Saltmarsh/ })).toBeVisible()

  // The examination was somebody else's after all.
  const away = await page.context().newPage()
  await away.goto(page.url())
  await arrived(away)
  await page.getByRole('button', { name: /Wenna Saltmarsh/ }).click()
  await dialog(page)
    .getByRole('radio', { name: /somebody else/ })
    .check()
  await dialog(page).getByRole('combobox').fill('brightmoor')
  await dialog(page).getByRole('option').click()
  await dialog(page).getByLabel('Why').fill('the wrong line was taken')
  await dialog(page).getByRole('button', { name: 'Put right' }).click()
  await expect(page.getByRole('button', { name: /Odalys Brightmoor\s*37/ })).toBeVisible()
  // The other window is told by the record.
  await expect(away.getByRole('button', { name: /Odalys Brightmoor\s*37/ })).toBeVisible()
  await page.getByRole('link', { name: 'Note' }).click()
  await expect(page.getByRole('main')).toContainText('opened under number 116, filed under number')
  await page.getByRole('link', { name: 'Today' }).click()
  const rows = (name: string) => page.getByRole('main').getByRole('listitem').filter({ hasText: name })
  await expect(rows('Odalys Brightmoor')).toHaveCount(2)
  await expect(rows('Wenna Saltmarsh')).toHaveCount(1)
})
