import sharp from 'sharp';
import { axeFaults, expect, givePicture, goTo, startOn, test } from './bench';

const lettering = (fill: string) =>
  sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="1800" height="700"><g fill="${fill}">
       <rect x="100" y="100" width="90" height="500"/><rect x="300" y="100" width="500" height="90"/>
       <circle cx="1200" cy="350" r="240"/></g></svg>`,
    ),
  )
    .png()
    .toBuffer();

test('pale pink on a grey tee is caught before printing, outlined, and on white it passes', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await page.getByRole('combobox', { name: 'Colour' }).click();
  await page.getByRole('option', { name: 'grey' }).click();
  await goTo(page, 'Art');
  await givePicture(page, 'nova.png', await lettering('#fbe4ea'));
  const told = page.getByText(
    /The pale pink part of “nova\.png” will hardly show on grey: difference \d of 11/,
  );
  await expect(told.first()).toBeVisible({ timeout: 20_000 });
  await expect(page.getByTestId('faint')).toHaveCount(1);
  const colours = page.getByRole('button', { name: /^Colours on this blank/ });
  await expect(colours).toContainText('1 hardly show');
  for (const look of ['On the screen', 'On paper, before heat', 'Pressed on this blank'])
    await expect(page.getByRole('img', { name: look })).toBeVisible();
  // the corner of the pressed picture is the bare blank, as the page has it
  const corner = () =>
    page.getByRole('img', { name: 'Pressed on this blank' }).evaluate((canvas) => {
      const brush = (canvas as HTMLCanvasElement).getContext('2d');
      return [...(brush?.getImageData(1, 1, 1, 1).data ?? [])];
    });
  await expect.poll(corner).toEqual([0x8d, 0x91, 0x96, 255]);
  expect(await axeFaults(page)).toEqual([]);

  await page.getByRole('button', { name: 'Make it on white' }).first().click();
  await expect(told).toHaveCount(0);
  await expect(page.getByTestId('faint')).toHaveCount(0);
  await expect.poll(corner).toEqual([255, 255, 255, 255]);
  await page.keyboard.press('Control+z');
  await expect(told.first()).toBeVisible();
});
