import { expect, newPie, station, test, whenBaked } from '../kitchen.js';

test('two tabs on one pie: the second is told, can choose, and loses nothing', async ({ page, context }) => {
  const url = await newPie(page, 'Both tabs');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();

  const other = await context.newPage();
  await other.goto(url);
  await expect(other.getByLabel('Name of the pie')).toHaveValue('Both tabs');
  await other.getByLabel('Name of the pie').fill('Both tabs, second');

  await expect(page.getByText('other changes in another tab')).toBeVisible();
  await page.getByLabel('Name of the pie').fill('Both tabs, first');
  await expect(other.getByText('other changes in another tab')).toBeVisible();
  // Each tab finds its own changes again.
  await page.reload();
  await expect(page.getByLabel('Name of the pie')).toHaveValue('Both tabs, first');
  await other.reload();
  await expect(other.getByLabel('Name of the pie')).toHaveValue('Both tabs, second');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 3, saved')).toBeVisible();
  await expect(other.getByLabel('Name of the pie')).toHaveValue('Both tabs, second');

  await expect(other.getByText('Version 3 was saved elsewhere')).toBeVisible();
  await expect(other.getByLabel('Name of the pie')).toHaveValue('Both tabs, second');
  await other.getByRole('button', { name: 'Save mine on top' }).click();
  await expect(other.getByText('version 4, saved')).toBeVisible();

  // The version underneath can be laid back on the bench.
  await other.getByRole('button', { name: 'More' }).click();
  await other.getByRole('menuitem', { name: /Version 3/ }).click();
  await expect(other.getByLabel('Name of the pie')).toHaveValue('Both tabs, first');
});

test('changes of a tab that was closed are on the bench of the next', async ({ page, context }) => {
  const url = await newPie(page, 'Left behind');
  await page.close();
  const next = await context.newPage();
  await next.goto(url);
  await expect(next.getByLabel('Name of the pie')).toHaveValue('Left behind');
  await expect(next.getByText('changes kept from before')).toBeVisible();
});

test('changes that were not saved are there after a reload, and can be thrown away', async ({ page }) => {
  await newPie(page, 'Draft kept');
  await page.reload();
  await expect(page.getByLabel('Name of the pie')).toHaveValue('Draft kept');
  await expect(page.getByText('changes kept from before')).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Throw away the changes' }).click();
  await expect(page.getByLabel('Name of the pie')).toHaveValue('New pie');
});

test('the server away while saving: said so, the change kept, and saved by itself when it is back', async ({
  page,
}) => {
  await newPie(page, 'Server away');
  await page.route('**/api/pies/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('saved here')).toBeVisible();
  await page.unroute('**/api/pies/*');
  await expect(page.getByText('version 2, saved')).toBeVisible();
});

test('taps on a running bake while offline arrive later, once', async ({ page, context }) => {
  await newPie(page, 'Offline bake');
  await whenBaked(page);
  await page.getByRole('button', { name: 'Bake it' }).click();
  await page.getByRole('button', { name: 'It is in the oven now' }).click();
  const card = page.getByRole('region', { name: 'Offline bake' });
  await expect(card).toContainText('First stage');
  await context.setOffline(true);
  await card.getByRole('button', { name: /Lower the oven/ }).click();
  await expect(card).toContainText('Second stage');
  await expect(page.getByText('Mardle does not answer')).toBeVisible();
  await expect(page.getByText('1 tap waits here')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('Mardle does not answer')).toBeHidden();
  await expect(card.getByRole('button', { name: 'Turn the pie' })).toBeVisible();
  await expect(page.getByText(/tap waits here/)).toBeHidden();
  const kinds = (): Promise<string[]> =>
    page.evaluate(async () => {
      const bakes = (await (await fetch('/api/bakes/running')).json()) as {
        spec: { name: string };
        events: { kind: string }[];
      }[];
      return (bakes.find(({ spec }) => spec.name === 'Offline bake')?.events ?? []).map(({ kind }) => kind);
    });
  await expect.poll(kinds).toEqual(['loaded', 'lowered']);
  await card.getByRole('button', { name: 'Out now' }).click();
  await card.getByRole('button', { name: 'Yes, it is out' }).click();
  await card.getByRole('button', { name: 'Slice it' }).click();
});

test('what cannot be right is said where it is typed, and the plan stays', async ({ page }) => {
  await newPie(page, 'Bad dish');
  await page.getByRole('tab', { name: 'Dish' }).click();
  await page.getByRole('radio', { name: /Another dish/ }).click();
  const depth = page.getByLabel('Depth, cm');
  await depth.fill('0');
  await expect(page.getByText(/Measure the depth inside the dish/)).toBeVisible();
  await expect(station(page, 'Juice')).toContainText('sugar');
  await depth.fill('14');
  await expect(page.getByText(/is a pot/)).toBeVisible();
  await depth.fill('4');
  await expect(page.getByText(/is a pot/)).toBeHidden();
});

test('a file that is no pie is refused with a reason; a pie goes out to a file and comes back', async ({
  page,
}) => {
  await page.goto('/pies');
  const choose = async (name: string, text: string): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'From a file' }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  };
  await choose('notes.json', 'dear diary');
  await expect(page.getByRole('alert')).toContainText('It is not JSON');
  await choose('pie.json', '{"format":"mardle-pie","version":1,"name":"half"}');
  await expect(page.getByRole('alert')).toContainText('form is missing');
  await newPie(page, 'Out and back');
  await page.getByRole('button', { name: 'More' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Save as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('out-and-back.json');
  const text = (await (await download.createReadStream()).toArray()).join('');
  await page.goto('/pies');
  await choose('pie.json', text);
  await expect(page.getByLabel('Name of the pie')).toHaveValue('Out and back');
});

test('a pie saved and a bake started while the server is away are kept, run, and are sent', async ({
  page,
  context,
}) => {
  await newPie(page, 'Away');
  await whenBaked(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('version 2, saved')).toBeVisible();
  await page.getByLabel('Name of the pie').fill('Away and back');
  await page.getByLabel('Name of the pie').blur();
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('saved here')).toBeVisible();
  await expect(page.getByText(/1 pie waits here/)).toBeVisible();
  await page.getByRole('button', { name: 'Bake it' }).click();
  await page.getByRole('button', { name: 'It is in the oven now' }).click();
  const card = page.getByRole('region', { name: 'Away and back' });
  await expect(card).toContainText('First stage');
  await card.getByRole('button', { name: 'It is golden' }).click();
  await expect(page.getByText(/1 pie, 1 bake, 1 tap wait here/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('Mardle does not answer')).toBeHidden();
  const kept = (): Promise<unknown> =>
    page.evaluate(async () => {
      const bakes = (await (await fetch('/api/bakes/running')).json()) as {
        spec: { name: string };
        pieVersion: number;
        events: { kind: string }[];
      }[];
      const bake = bakes.find(({ spec }) => spec.name === 'Away and back');
      return bake && [bake.pieVersion, bake.events.map(({ kind }) => kind).join()];
    });
  await expect.poll(kept).toEqual([3, 'loaded,colour_golden']);
  await card.getByRole('button', { name: 'Started by mistake' }).click();
  await expect(page.getByText('(started by mistake)').first()).toBeVisible();
});

test.describe('a page that is loaded again while the server is away', () => {
  test.use({ serviceWorkers: 'allow' });

  test('still shows the clock of what is in the oven', async ({ page, context }) => {
    await newPie(page, 'Still there');
    await whenBaked(page);
    await page.getByRole('button', { name: 'Bake it' }).click();
    await page.getByRole('button', { name: 'It is in the oven now' }).click();
    const card = page.getByRole('region', { name: 'Still there' });
    await expect(card).toContainText('First stage');
    // Until the files are kept.
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await context.setOffline(true);
    await page.reload();
    await expect(card).toContainText('First stage');
    await expect(page.getByText('Mardle does not answer')).toBeVisible();
    await card.getByRole('button', { name: /Lower the oven/ }).click();
    await expect(card).toContainText('Second stage');
    await context.setOffline(false);
    await expect(page.getByText('Mardle does not answer')).toBeHidden();
    await card.getByRole('button', { name: 'Started by mistake' }).click();
  });
});

test('a note with lines, and whatever else is typed, keeps the tasting', async ({ page }) => {
  await page.goto('/log');
  await page.getByRole('region', { name: 'Bakes' }).getByRole('link').last().click();
  const form = page.getByRole('region', { name: 'How the slice was' });
  await form.getByLabel('A note').fill('ran a little\nless starch\tnext time\u0007');
  await expect(form.getByText('Kept.')).toBeVisible();
  await page.reload();
  await expect(form.getByLabel('A note')).toHaveValue('ran a little\nless starch next time');
});

test('text that cannot be read stays, and the head says that it is not in the pie', async ({ page }) => {
  await newPie(page, 'Unread');
  await page.getByRole('tab', { name: 'Dish' }).click();
  await page.getByRole('radio', { name: /Another dish/ }).click();
  await page.getByLabel('Depth, cm').fill('quite deep');
  await page.keyboard.press('Tab');
  await page.getByRole('tab', { name: 'Form' }).click();
  await expect(page.getByText(/Not in it, since it cannot be read: Depth, “quite deep”/)).toBeVisible();
  await page.getByRole('tab', { name: 'Dish' }).click();
  await expect(page.getByLabel('Depth, cm')).toHaveValue('quite deep');
  await page.getByLabel('Depth, cm').fill('4');
  await expect(page.getByText(/Not in it/)).toBeHidden();
});
