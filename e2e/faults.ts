import type { Page } from '@playwright/test';

/** What is wrong with the texts on a screen as it stands. */
export interface TextFaults {
  /** Words without an accent that nobody typed. */
  readonly untranslated: readonly string[];
  /** Texts that end before their last letter, or beyond the edge of the screen. */
  readonly cut: readonly string[];
  /** Pairs of texts, or of things to press, one upon the other. */
  readonly overlapping: readonly string[];
}

/** Texts a person reads or hears. */
const heard = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const scope = document.querySelector('dialog[open]') ?? document.body;
    const named = [...scope.querySelectorAll('[aria-label], [aria-valuetext], [placeholder], [title]')];
    const names = named.flatMap((one) =>
      ['aria-label', 'aria-valuetext', 'placeholder', 'title'].map((name) => one.getAttribute(name) ?? ''),
    );
    const walker = document.createTreeWalker(scope, NodeFilter.SHOW_TEXT);
    const texts: string[] = [];
    while (walker.nextNode()) {
      const parent = walker.currentNode.parentElement;
      if (parent && !parent.closest('style, script, noscript')) texts.push(walker.currentNode.textContent ?? '');
    }
    return [...new Set([...texts, ...names])];
  });

/**
 * Words of two letters and more that are in English still: they have a vowel without an accent.
 * @param known words that are nobody's to translate: names of the job, units
 */
async function untranslated(page: Page, known: ReadonlySet<string>): Promise<string[]> {
  const found = (await heard(page)).flatMap((text) => {
    const words = text.match(/\p{L}{2,}/gu) ?? [];
    const plain = words.filter((word) => /^[A-Za-z]*[aeiouy][a-z]*$/i.test(word) && !known.has(word.toLowerCase()));
    return plain.length > 0 ? [`${plain.join(' ')} in “${text}”`] : [];
  });
  return [...new Set(found)];
}

/** Texts that are cut or lie beyond the edge, and what lies upon one another. */
const misplaced = (page: Page): Promise<Pick<TextFaults, 'cut' | 'overlapping'>> =>
  page.evaluate(() => {
    interface Placed {
      readonly text: string;
      readonly box: DOMRect;
      readonly owner: Element;
      readonly layer: Element | null;
    }
    const scope = document.querySelector('dialog[open]') ?? document.body;
    const scrolls = (one: Element) => /auto|scroll/.test(getComputedStyle(one).overflow);
    const clips = (one: Element) => /hidden|clip/.test(getComputedStyle(one).overflow);
    const ancestor = (from: Element, is: (one: Element) => boolean): Element | null => {
      for (let one: Element | null = from; one; one = one.parentElement) if (is(one)) return one;
      return null;
    };
    const layerOf = (from: Element) =>
      ancestor(from, (one) => scrolls(one) || /fixed|sticky/.test(getComputedStyle(one).position));
    const texts: Placed[] = [];
    const walker = document.createTreeWalker(scope, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const text = (walker.currentNode.textContent ?? '').trim();
      const owner = walker.currentNode.parentElement;
      if (!owner || text === '' || owner.closest('style, script, noscript, select')) continue;
      if (!owner.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue;
      const range = document.createRange();
      range.selectNodeContents(walker.currentNode);
      for (const box of range.getClientRects()) {
        if (box.width > 2 && box.height > 2) texts.push({ text, box, owner, layer: layerOf(owner) });
      }
    }
    const cut = texts.filter(({ box, owner }) => {
      const clipping = ancestor(owner, (one) => clips(one) || scrolls(one));
      const edge = clipping?.getBoundingClientRect();
      const isHeld = clipping !== null && clips(clipping);
      const isClamped = clips(owner) && owner.scrollHeight > owner.clientHeight + 2;
      const isClipped = isHeld && edge !== undefined && (box.right > edge.right + 1 || box.left < edge.left - 1);
      const sideways = ancestor(owner, (one) => scrolls(one) && one.scrollWidth > one.clientWidth + 1);
      const isBeyond = sideways === null && (box.right > window.innerWidth + 1 || box.left < -1);
      return isClamped || isClipped || isBeyond || (clips(owner) && owner.scrollWidth > owner.clientWidth + 1);
    });
    const meet = (a: DOMRect, b: DOMRect, x: number, y: number) =>
      Math.min(a.right, b.right) - Math.max(a.left, b.left) > x &&
      Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > y;
    const upon = (all: readonly Placed[], tallest: number) =>
      all.flatMap((one, i) =>
        all
          .slice(i + 1)
          .filter((other) => other.layer === one.layer && !one.owner.contains(other.owner))
          .filter((other) => !other.owner.contains(one.owner))
          .filter((other) => meet(one.box, other.box, 2, tallest * Math.min(one.box.height, other.box.height)))
          .map((other) => `“${one.text}” and “${other.text}”`),
      );
    const pressed = [...scope.querySelectorAll('button, a, input, [role=button], [role=radio], [role=checkbox]')]
      // A word within a text reaches into the lines above and below.
      .filter((one) => !one.closest('svg') && getComputedStyle(one).display !== 'inline')
      .filter((one) => one.checkVisibility({ visibilityProperty: true }))
      .map((owner) => {
        const text = owner.getAttribute('aria-label') ?? owner.textContent ?? '';
        return { text, box: owner.getBoundingClientRect(), owner, layer: layerOf(owner) };
      })
      .filter(({ box }) => box.width > 2 && box.height > 2);
    return {
      // Names that a person typed may end early.
      cut: [...new Set(cut.map(({ text }) => text))].filter((text) => /[^\x20-\x7f]/.test(text)),
      overlapping: [...new Set([...upon(texts, 0.4), ...upon(pressed, 0.2)])],
    };
  });

/** How often a screen is looked at again whose drawing has not its size yet, and how long between, milliseconds. */
const AGAIN = { times: 20, afterMs: 100 };

/** Looks at every text on the screen, once all is in its place. */
export async function textFaults(page: Page, known: ReadonlySet<string>): Promise<TextFaults> {
  let placed = await misplaced(page);
  for (let i = 0; i < AGAIN.times && placed.cut.length + placed.overlapping.length > 0; i += 1) {
    await page.waitForTimeout(AGAIN.afterMs);
    placed = await misplaced(page);
  }
  return { untranslated: await untranslated(page, known), ...placed };
}
