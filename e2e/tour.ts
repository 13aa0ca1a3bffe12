import { expect, type Person } from './person';

/** Looks at the screen as it stands. */
type Look = () => Promise<void>;

/** A button by its words or by a pattern of them, in English. */
type Words = string | RegExp;

/** Where a tour walks: every stage of a job, its tabs, and the sheets that open from them. */
export class Tour {
  constructor(
    private readonly person: Person,
    private readonly look: Look,
  ) {}

  async everywhere(): Promise<void> {
    await this.measure();
    await this.shelves();
    await this.cut();
    await this.build();
    await this.log();
    await this.menu();
    await this.saw();
  }

  /** The list of jobs, and what opens from it. */
  async jobs(): Promise<void> {
    await this.person.home();
    await expect(this.person.page.getByRole('list')).toBeVisible();
    await this.look();
    await this.sheet('New job');
    await this.sheet('Phones and backups');
    await this.sheet(/^More for /);
  }

  /** What another kind of place shows otherwise: its drawing and form, its shelves and pieces. */
  async place(): Promise<void> {
    await this.look();
    await this.tab('Place');
    await this.look();
    await this.person.stage('Shelves');
    for (const tab of ['Heights', 'Supports', 'Marks']) {
      await this.tab(tab);
      await this.look();
    }
    await this.person.stage('Cut');
    await this.look();
  }

  async measure(): Promise<void> {
    const { page, said } = this.person;
    await this.person.stage('Measure');
    await this.look();
    await page.getByRole('button', { name: said('Take next reading') }).click();
    await this.look();
    await page.getByRole('button', { name: said('Change the spot') }).click();
    await this.look();
    await this.person.done();
    await this.tab('From above');
    await this.look();
    await this.tab('Place');
    await this.look();
  }

  async shelves(): Promise<void> {
    const { page, said } = this.person;
    await this.person.stage('Shelves');
    await this.look();
    await this.tab('Heights');
    await this.person.shelf(2).click();
    await this.look();
    await page.getByRole('button', { name: said('Set aside copy') }).click();
    await this.sheet('Compare layouts');
    await this.sheet('Line up shelf');
    await this.tab('Things');
    await this.look();
    await this.sheet('Add from library');
    await this.sheet('Add own thing');
    await this.tab('Marks');
    await this.look();
    await this.sheet('Full-size pole');
    await this.tab('Supports');
    await this.look();
    await this.press(/^Show (one kind of piece|\d+ kinds of pieces)$/);
    await this.look();
    await this.sheet('Change support');
    await this.sheet(/^Dividers and holes/);
    await this.sheet('Pine board');
  }

  async cut(): Promise<void> {
    const { page, said } = this.person;
    await this.person.stage('Cut');
    await this.look();
    await this.sheet(/Why\?$/);
    await this.sheet('Show template');
    await this.sheet('Choose ends');
    await this.sheet('Try in place');
    for (const tab of ['Layouts', 'Buy', 'At the saw']) {
      await this.tab(tab);
      await expect(page.getByText(new RegExp(said('Working out the layouts')))).toHaveCount(0);
      await this.look();
      if (tab === 'Layouts') await this.sheet('Save files');
      if (tab === 'Buy') await this.sheet('Compare');
    }
  }

  /** The first cut at the saw; the layouts stay as they are from here on. */
  async saw(): Promise<void> {
    await this.person.stage('Cut');
    await this.tab('At the saw');
    await this.press('Start cutting');
    // The first cuts square an end or an edge; a piece comes after them.
    const wrong = this.person.page.getByRole('button', { name: this.named('Report wrong cut') });
    for (let cuts = 0; cuts < 10 && (await wrong.isDisabled()); cuts += 1) await this.press('Cut');
    await expect(wrong).toBeEnabled();
    await this.look();
    await this.sheet('Report wrong cut');
  }

  async build(): Promise<void> {
    const { page, said } = this.person;
    await this.person.stage('Build');
    await expect(page.getByTestId('step-card')).toBeVisible();
    await this.look();
    for (const button of ['How you work', 'Skip step …', 'Add step']) await this.sheet(button);
    const shows = { Trips: 'with drying$', Packing: 'still to pack$', Calendar: '^Done by ' };
    for (const [tab, words] of Object.entries(shows)) {
      await this.tab(tab);
      if (tab === 'Calendar') await this.press('Make calendar');
      await expect(page.getByText(new RegExp(said(words)))).toBeVisible();
      await this.look();
    }
    await this.sheet('Skip this day');
  }

  async log(): Promise<void> {
    await this.person.stage('Log');
    await this.look();
    for (const tab of ['Diary', 'Learned']) {
      await this.tab(tab);
      await this.look();
      if (tab === 'Diary') for (const note of ['Note', 'Mistake', 'Real size']) await this.sheet(note);
    }
  }

  async menu(): Promise<void> {
    const { page } = this.person;
    await this.press('Job menu');
    await expect(page.getByRole('dialog')).toBeVisible();
    await this.look();
    await page.keyboard.press('Escape');
    await this.press('Job menu');
    await this.press('Trade words');
    await expect(page.getByRole('main', { name: this.named('Trade words') })).toBeVisible();
    await this.look();
    for (const sheet of ['Keyboard shortcuts', 'Earlier versions']) {
      await this.press('Job menu');
      await this.press(sheet);
      await expect(page.getByRole('dialog', { name: this.named(sheet) })).toBeVisible();
      await this.look();
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toBeHidden();
    }
  }

  private named(words: Words): Words {
    const { said } = this.person;
    return typeof words === 'string' ? said(words) : new RegExp(said(words.source));
  }

  private async press(words: Words): Promise<void> {
    await this.person.page
      .getByRole('button', { name: this.named(words), exact: typeof words === 'string' })
      .first()
      .click();
  }

  private async tab(words: string): Promise<void> {
    await this.person.page.getByRole('radio', { name: this.named(words), exact: true }).click();
  }

  private async sheet(button: Words): Promise<void> {
    const sheet = this.person.page.getByRole('dialog');
    await this.press(button);
    await expect(sheet).toBeVisible();
    await this.look();
    await this.person.page.keyboard.press('Escape');
    await expect(sheet).toBeHidden();
  }
}
