import { pngPicture } from '../support/pictures';
import { expect, goTo, startMug, test } from './bench';
import type { Page } from '@playwright/test';

/** Copies something as another program would, and pastes it into what has the focus. */
async function paste(page: Page, type: string, base64: string): Promise<void> {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.evaluate(
    async ([kind, data]) => {
      const bytes = Uint8Array.from(atob(data), (sign) => sign.charCodeAt(0));
      await navigator.clipboard.write([
        new ClipboardItem({ [kind]: new Blob([bytes], { type: kind }) }),
      ]);
    },
    [type, base64] as const,
  );
  await page.keyboard.press('ControlOrMeta+V');
}

test('what was copied elsewhere is pasted onto the blank, as a picture or as the words of a drawing', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Art');
  await expect(page.getByText('Drop or paste a picture here')).toBeVisible();
  await paste(page, 'image/png', (await pngPicture(900, 400)).toString('base64'));
  await expect(page.getByText('900 × 400 px')).toBeVisible();
  await expect(page.getByText('Pasted picture.png').first()).toBeVisible();

  const drawing =
    '<svg xmlns="http://www.w3.org/2000/svg" width="60mm" height="30mm"><path d="M0 0h9v9z"/></svg>';
  await paste(page, 'text/plain', Buffer.from(drawing).toString('base64'));
  await expect(page.getByText('Pasted drawing.svg').first()).toBeVisible();

  // words pasted into a field are words
  const width = page.getByLabel('Width', { exact: true }).first();
  await width.fill('');
  await width.focus();
  await paste(page, 'text/plain', Buffer.from('70 mm').toString('base64'));
  await width.press('Tab');
  await expect(width).toHaveValue('2.76 in');
});

test('a picture pasted on the bench begins a job; a link dragged there is answered', async ({
  page,
}) => {
  await page.goto('/own');
  await expect(page.getByText('Your bench is empty')).toBeVisible();
  await page.getByText('Your bench is empty').evaluate((place) => {
    const dataTransfer = new DataTransfer();
    dataTransfer.setData('text/uri-list', 'https://example.org/comet.png');
    place.dispatchEvent(new DragEvent('drop', { bubbles: true, cancelable: true, dataTransfer }));
  });
  await expect(page.getByText(/only its address came along/)).toBeVisible();
  await paste(page, 'image/png', (await pngPicture(900, 400)).toString('base64'));
  await expect(page.getByText('900 × 400 px')).toBeVisible();
});

test('what is pasted goes into the table while that lies on top, not onto what is behind it', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Art');
  await paste(page, 'image/png', (await pngPicture(900, 400)).toString('base64'));
  await expect(page.getByText('900 × 400 px')).toBeVisible();
  await page.getByRole('button', { name: 'Make several' }).click();
  const table = page.getByRole('dialog', { name: 'What is made' });
  await expect(table).toBeVisible();
  const rows = table.getByRole('button', { name: /^Take .+ off$/ });
  await paste(page, 'image/png', (await pngPicture(910, 400)).toString('base64'));
  await expect(rows).toHaveCount(1);
  await paste(page, 'image/png', (await pngPicture(920, 400)).toString('base64'));
  await expect(rows).toHaveCount(2);
  await page.keyboard.press('Escape');
  await expect(page.getByText('2 things in 2 rows.')).toBeVisible();
});
