import { systemPicture } from '../scene/support';
import type { Scene } from '../scene';
import { shapeWords } from '../fit';
import { SYSTEM_NAMES, type Job, type SystemName } from '../job';
import { message } from '../message';
import { SYSTEMS } from '../system';
import { aboutWords, lengthWords, words } from '../words/all';
import { curesFor } from '../load/cures';
import { strengthOf } from '../load/strength';
import { made, mm, plainJob, saying } from '../load/testing';

// The worked examples of docs/supports.md: what every system makes of one plain opening. A test holds the document to
// it.

/** The plain job of a system: 1000 wide, 400 deep, three shelves 18 thick and 300 deep, 20 kg on a metre. */
function exampleJob(system: SystemName): Job {
  const kind = system === 'side-screwed' ? 'span' : 'alcove';
  const start = plainJob(system, {}, kind);
  const studs = [200, 600, 1000].flatMap((from, i) =>
    from < 1000 ? [{ id: `s${i}`, wall: 'back' as const, from: mm(from), found: 'pilot' as const }] : [],
  );
  const place = kind === 'alcove' ? { ...start.place, studs } : start.place;
  const shelves = system === 'floating-rails' ? { ...start.shelves, thickness: mm(40) } : start.shelves;
  const job: Job = { ...start, place, shelves, load: { use: 'own', perMetre: { kg: 20, typed: '20 kg' } } };
  return system === 'brackets' ? saying(job, { made: 'shop' }) : job;
}

export interface Example {
  readonly system: SystemName;
  readonly scene: Scene;
  readonly markdown: string;
}

/** One system worked out: its pieces with how each length comes about, its screws, its strength, its order. */
export function exampleOf(system: SystemName): Example {
  const job = exampleJob(system);
  const all = made(job);
  const { pieces, fixings, hardware, opening, order } = all;
  const input = { holds: all.holds, parts: pieces, hardware, fixings, contents: null, opening, job };
  const strengths = strengthOf(input);
  const [first] = strengths;
  const cures = curesFor(input, strengths);
  const length = (value: number) => lengthWords(value, job, false);
  const about = (value: number) => aboutWords(value, job);
  const ofNewtons = (load: number, may: number) => `${Math.round(load)} of ${Math.round(may)} N`;
  const told = new Set<string>();
  const rows = pieces.flatMap((part) => {
    if (part.shelf > 1) return [];
    const terms = part.length.terms.map((term) => `${words(term.label, job)} ${length(term.mm)}`).join('; ');
    const shape = shapeWords(part, job.tools)
      .map((one) => words(one, job))
      .join('; ');
    const name = words(part.name, job);
    const key = [name, part.length.mm, part.width.mm, shape].join();
    if (told.has(key)) return [];
    told.add(key);
    const section = `${length(part.thicknessMm)} × ${length(part.width.mm)}`;
    const comesAbout = [terms, shape].filter(Boolean).join('. ');
    return [`| ${part.label} | ${name} | ${section} | ${length(part.length.mm)} | ${comesAbout} |`];
  });
  const seen = new Set<string>();
  const screws = fixings.flatMap((one) => {
    if (one.shelf > 1) return [];
    const from = one.through.is === 'wall' ? `${one.through.wall} face` : one.label || 'bracket';
    const into =
      one.into.is === 'wall'
        ? `${one.into.wall} wall`
        : (pieces.find((part) => part.id === (one.into as { id: string }).id)?.label ?? 'board');
    const alongs = [...new Set(one.holes.map((hole) => length(Math.round(hole.alongMm * 2) / 2)))].join(' · ');
    const terms = one.length.terms
      .map((term) => `${words(term.label, job).toLowerCase()} ${length(term.mm)}`)
      .join(', ');
    const line = `| ${from} → ${into} | ${one.holes.length} | ${one.screw.size} (${terms}) | ${alongs} |`;
    if (seen.has(line)) return [];
    seen.add(line);
    return [line];
  });
  const weakest = first?.weakest;
  const strength = first
    ? [
        `Shelf 1 spans ${about(first.spanMm)} and sags ${about(first.sag.nowMm)} at once,`,
        `${about(first.sag.lastingMm)} in the long run; ${about(first.sag.seenMm)} is seen,`,
        `${about(first.sag.usualMm)} usual at the most.`,
        `Bending uses ${percent(first.bending)} of its strength, ${percent(first.leaning)} when someone leans on it.`,
        weakest
          ? `The weakest joint (${weakest.into}) carries ${ofNewtons(weakest.shearN, weakest.mayShearN)}` +
            (weakest.pullN > 0 ? ` and is pulled by ${ofNewtons(weakest.pullN, weakest.mayPullN)}` : '') +
            `: ${percent(weakest.used)}.`
          : 'No screw takes its load.',
        ...(cures.length > 0
          ? [`Cures, the cheapest first: ${cures.map((one) => words(one.words, job)).join('; ')}.`]
          : []),
      ].join(' ')
    : '';
  const steps = order.flatMap((one) => one.steps).map((step, i) => `${i + 1}. ${words(step, job)}`);
  const markdown = [
    `### ${words(message(`system.${system}`), job)}`,
    '',
    `![${words(message(`system.${system}`), job)}](supports/${system}.svg)`,
    '',
    '| label | piece | section | length | how it comes about |',
    '| --- | --- | --- | --- | --- |',
    ...rows,
    '',
    ...(screws.length > 0
      ? ['| joint | screws | each | along the piece |', '| --- | --- | --- | --- |', ...screws, '']
      : []),
    strength,
    '',
    ...steps,
    '',
  ].join('\n');
  const shown = pieces.filter((one) => one.shelf === 1 || one.shelf === 0);
  const considered = {
    system,
    here: true,
    traits: SYSTEMS[system].traits,
    fors: [],
    againsts: [],
    recommended: false,
    pieces: 0,
    screws: 0,
    strength: null,
    picture: { parts: shown, hardware: hardware.filter((one) => one.shelf === 1) },
  };
  return { system, scene: systemPicture(considered, opening.extent.left, opening.extent.right), markdown };
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** All of them, in the order of the table. */
export const examples = (): Example[] => SYSTEM_NAMES.map(exampleOf);
