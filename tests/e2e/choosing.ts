import type { Page } from '@playwright/test'

/** Chooses from a list as a person does: opens it and takes a line. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).click()
  await page.getByRole('option', { name: option, exact: true }).click()
}
