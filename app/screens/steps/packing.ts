import type { Packing } from '@dormer/core/work/steps/forScreens';
import type { Job } from '@dormer/core/job/document';
import { words } from '@dormer/core/say/words/first';
import type { Label } from '../../labels';

/** What a packing list has, in its order. */
export const KINDS = ['tools', 'parts', 'needed', 'materials', 'sheets'] as const;

/** One thing to pack: what it is, and the key its tick hangs on. */
export interface Thing {
  readonly key: string;
  readonly what: string;
}

/** The things of one kind on a packing list, in words. */
export function thingsOf(packing: Packing, kind: (typeof KINDS)[number], job: Job, label: Label): Thing[] {
  switch (kind) {
    case 'tools':
      return packing.tools.map((tool) => ({ key: tool, what: label(`tool.${tool}`) }));
    case 'parts':
      return packing.parts.map((part) => ({ key: part.id, what: `${part.label} – ${words(part.name, job)}` }));
    case 'needed':
      return packing.needed.map((one) => {
        const what = words(one.what, job);
        return { key: what, what: label('packing.count', { count: one.count, what }) };
      });
    case 'materials':
      return packing.materials.map((material) => ({ key: material.code, what: words(material, job) }));
    case 'sheets':
      return packing.sheets.map((sheet) => ({ key: sheet, what: label(`packing.sheet.${sheet}`) }));
  }
}
