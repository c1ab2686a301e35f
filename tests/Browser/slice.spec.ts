import { calmHands, expect, pageOf, signIn, test, visitOf } from './salon';

test('the whole slice with the keyboard alone, from signing in to the record', async ({ page }) => {
  await page.addInitScript(calmHands);
  await page.goto('/');
  await expect(page.getByLabel('Your name')).toBeFocused();
  await page.keyboard.type('Imke');
  await page.keyboard.press('Tab');
  await page.keyboard.type('low-tide-comb');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('need someone now');

  await page.keyboard.press('a');
  await expect(page.getByRole('heading', { name: 'Which dog comes in?' })).toBeVisible();
  await page.keyboard.type('bosun');
  await expect(page.getByText('checks Bosun in')).toBeVisible();
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { name: 'What does the client want today?' })).toBeVisible();
  await page.getByLabel('Wishes').focus();
  await page.keyboard.type('Short for the summer');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Space');
  await expect(page.getByRole('radio', { name: 'Ask me first' })).toBeChecked();
  await page.keyboard.press('i');

  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  // The first section stops the comb: only what is still needed is asked.
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: 'What do you see when you part it?' })).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByRole('heading', { name: 'How does it open?' })).toBeVisible();
  await page.keyboard.press('2');
  await page.keyboard.press('3');
  await page.keyboard.press('4');
  await expect(page.getByText('3 Mat, because the comb stops and only a tool opens it.')).toBeVisible();
  await page.keyboard.press('Space');
  for (let section = 2; section <= 30; section++) {
    await expect(page.getByText(`${section} of 30`, { exact: true })).toBeVisible();
    await page.keyboard.press('Space');
  }
  await expect(page.getByText('All 30 sections are checked.')).toBeVisible();
  await page.keyboard.press('Space');

  await expect(page.getByRole('heading', { level: 1, name: 'One section to decide' })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await expect(page.getByText('Still needs a yes: hind foot left 3.2 mm.')).toBeVisible();
  await page.keyboard.press('h');
  await expect(page.getByRole('heading', { name: 'Bosun: what we would do' })).toBeVisible();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Yes, do this' })).toBeFocused();
  await page.keyboard.press('Enter');
  // Said back first: the same key pressed again agrees to nothing.
  await expect(page.getByRole('heading', { name: 'You agree to this:' })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Yes, agreed' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();

  await page.keyboard.press('r');
  await expect(page.getByText('Kaspar Wrenfield said yes, here.').first()).toBeVisible();
  await expect(page.getByRole('row', { name: /3 Mat hind foot left clipped to 3.2 mm/ })).toBeVisible();
});

test('the whole slice by touch on a tablet held upright, with a new dog', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind', { viewport: { width: 820, height: 1180 }, hasTouch: true });
  await page.goto('/');
  await page.getByRole('link', { name: 'A dog comes in' }).tap();
  await page.getByRole('button', { name: 'A new dog' }).tap();
  await page.getByRole('button', { name: 'Save and check in' }).tap();
  await expect(page.getByText('Who brings the dog?')).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  for (const [label, value] of Object.entries({
    Name: 'Wisp',
    'Breed or cross': 'Drop-coat cross',
    Client: 'Leonora Tidewell',
    Age: '3',
    Weight: '6,2',
    'Coat length': '35',
  })) {
    await page.getByLabel(label, { exact: true }).fill(value);
  }
  for (const answer of ['Female', 'Silky, drop coat', 'Easy']) {
    await page.getByRole('radio', { name: answer }).tap();
  }
  await page.getByRole('button', { name: 'Save and check in' }).tap();

  await expect(page.getByRole('heading', { name: 'What does the client want today?' })).toBeVisible();
  await page.getByRole('radio', { name: 'Wherever it is needed' }).tap();
  await page.getByRole('button', { name: 'Harness' }).tap();
  await page.getByRole('button', { name: 'Start the inspection' }).tap();

  // One touch a clear section; a small section is reached on the chart itself.
  await page.getByRole('button', { name: /^Armpit, left:/ }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Armpit, left' })).toBeVisible();
  for (const answer of [/^\d? ?Cannot enter/, /Patchy/, /A fifth/, /4 mm/]) {
    await page.getByRole('button', { name: answer }).tap();
  }
  await expect(page.getByText('4 Tight mat, because the comb cannot enter.')).toBeVisible();
  await page.getByRole('button', { name: /^Next:/ }).tap();
  for (let section = 1; section < 30; section++) {
    await expect(page.getByText(`${section} of 30 checked`)).toBeVisible();
    await page.getByRole('button', { name: /Glides, skin line clear/ }).tap();
  }
  await page.getByRole('button', { name: 'Go to the plan' }).tap();

  await page.getByRole('button', { name: /Clip to 3.2 mm/ }).tap();
  await expect(page.getByText('All of it is within what was allowed.')).toBeVisible();
  await page.getByRole('button', { name: 'Go ahead' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();

  await page.getByRole('link', { name: 'Home', exact: true }).tap();
  await page.getByRole('button', { name: 'Wisp goes home' }).tap();
  await page.getByLabel('Why nothing is recorded of them').fill('Kept on paper');
  await page.getByRole('button', { name: 'Hand over' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Wisp has gone home.' })).toBeVisible();
  const visit = await visitOf(page, page.url().split('/').at(-2)!);
  expect(visit.sections.armpit_l!.grade).toBe(4);
  await page.close();
});

test('a wrong password says so, keeps the name, and a right one goes on to the place that was asked for', async ({ page }) => {
  await page.goto('/visits/new');
  await page.getByLabel('Your name').fill('Teo');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText('This name and password do not go together. Check both and try again.');
  await expect(page.getByLabel('Your name')).toHaveValue('Teo');
  await page.getByLabel('Password').fill('small-gull-towel');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Which dog comes in?' })).toBeVisible();
});

test('signing out leaves nothing to see', async ({ page }) => {
  await signIn(page, 'Rosalind');
  await page.getByRole('button', { name: /Sign out/ }).click();
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.goto('/');
  await expect(page.getByLabel('Password')).toBeVisible();
});
