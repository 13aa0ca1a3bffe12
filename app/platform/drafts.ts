/** Name of the draft that says which field had the focus. */
const FOCUS = '@focus';
/** Begins the name of a draft that says where a person is, not what was typed. */
export const PLACE = '~';

type Keep = (key: string, text: string | null) => void;

/** What is typed and not taken yet, by the place it is typed at, for when the page is gone without warning. */
class Drafts {
  private readonly texts = new Map<string, string>();
  private readonly mounted = new Map<string, number>();
  private focused: string | null = null;
  private keep: Keep = () => undefined;

  /**
   * Takes in what the device kept.
   * @param keep is told of every change from here on; null for a draft that is gone
   */
  begin(kept: readonly (readonly [key: string, text: string])[], keep: Keep): void {
    for (const [key, text] of kept) this.texts.set(key, text);
    this.focused = this.texts.get(FOCUS) ?? null;
    this.keep = keep;
  }

  get(key: string | null): string | null {
    return key === null ? null : (this.texts.get(key) ?? null);
  }

  /** Whether anything that was typed or chosen in a scope, or in a scope within it, waits. */
  hasTyped(scope: string | null): boolean {
    const keys = [...this.texts.keys()];
    return scope !== null && keys.some((key) => key.startsWith(scope) && !key.includes(`|${PLACE}`));
  }

  /** Keeps a draft; null drops it. Of two fields of one name none is kept: nobody knows which one it belongs to. */
  set(key: string | null, text: string | null): void {
    if (key === null || (text !== null && (this.mounted.get(key) ?? 0) > 1)) return;
    if (text === null ? !this.texts.delete(key) : this.texts.get(key) === text) return;
    if (text !== null) this.texts.set(key, text);
    this.keep(key, text);
  }

  /** A field of that name is shown. @returns what ends that; its draft goes with it */
  mount(key: string): () => void {
    this.mounted.set(key, (this.mounted.get(key) ?? 0) + 1);
    return () => {
      this.mounted.set(key, (this.mounted.get(key) ?? 1) - 1);
      this.set(key, null);
    };
  }

  /** Whether the field had the focus when the page was gone; asked once. */
  takeFocus(key: string | null): boolean {
    if (key === null || this.focused !== key) return false;
    this.focused = null;
    return true;
  }

  focus(key: string | null): void {
    this.set(FOCUS, key);
  }
}

export const drafts = new Drafts();
