import { systemPicture } from '../../say/scene/support';
import type { Scene } from '../../say/scene';
import { standUp } from '../../design/body';
import { shapedIn, shapeWords } from '../../design/shaping';
import { SYSTEM_NAMES, type Job, type SystemName } from '../../job';
import { message } from '../../base/message';
import { SYSTEMS } from '../../design/system';
import { aboutWords, lengthWords, words } from '../../say/words/all';
import { curesFor } from '../../design/load/cures';
import { strengthOf } from '../../design/load/strength';
import { made, mm, plainJob, saying } from '../../design/load/testing';

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
  const { pieces, hardware, opening, order } = all;
  const name = words(message(`system.${system}`), job);
  const screws = screwRows(all, job);
  const steps = order.flatMap((part) => part.steps).map((step, i) => `${i + 1}. ${words(step, job)}`);
  const markdown = [
    `### ${name}`,
    '',
    `![${name}](supports/${system}.svg)`,
    '',
    '| label | piece | section | length | how it comes about |',
    '| --- | --- | --- | --- | --- |',
    ...pieceRows(all, job),
    '',
    ...(screws.length > 0
      ? ['| joint | screws | each | along the piece |', '| --- | --- | --- | --- |', ...screws, '']
      : []),
    strengthLine(all, job),
    '',
    ...steps,
    '',
  ].join('\n');
  const stood = standUp({ parts: pieces, hardware, pins: null, opening });
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
    picture: {
      pieces: stood.pieces.filter(({ shelf }) => shelf === 1 || shelf === 0),
      fittings: stood.fittings.filter(({ shelf }) => shelf === 1),
    },
  };
  return { system, scene: systemPicture(considered), markdown };
}

type Made = ReturnType<typeof made>;

/** Removes repeated rows. */
const once = (rows: readonly string[]) => [...new Set(rows)];

/** Table rows for the pieces of the lowest shelf, with the terms of each length. */
function pieceRows({ pieces, hardware, opening }: Made, job: Job): string[] {
  const length = (value: number) => lengthWords(value, job, false);
  const told = new Set<string>();
  const shaped = shapedIn(standUp({ parts: pieces, hardware, pins: null, opening }));
  return pieces.flatMap((part) => {
    if (part.shelf > 1) return [];
    const terms = part.length.terms.map((term) => `${words(term.label, job)} ${length(term.mm)}`).join('; ');
    const shape = shapeWords(shaped(part), job)
      .map((shapeWord) => words(shapeWord, job))
      .join('; ');
    const name = words(part.name, job);
    const key = [name, part.length.mm, part.width.mm, shape].join();
    if (told.has(key)) return [];
    told.add(key);
    const section = `${length(part.thicknessMm)} × ${length(part.width.mm)}`;
    const comesAbout = [terms, shape].filter(Boolean).join('. ');
    return [`| ${part.label} | ${name} | ${section} | ${length(part.length.mm)} | ${comesAbout} |`];
  });
}

/** Table rows for the joints of the lowest shelf. */
function screwRows({ pieces, fixings }: Made, job: Job): string[] {
  const length = (value: number) => lengthWords(value, job, false);
  const rows = fixings.flatMap(({ shelf, through, into, label, holes, length: long, screw }) => {
    if (shelf > 1) return [];
    const from = through.kind === 'wall' ? `${through.wall} face` : label || 'bracket';
    const bitten = into.kind === 'wall' ? null : (pieces.find(({ id }) => id === into.id)?.label ?? 'board');
    const to = into.kind === 'wall' ? `${into.wall} wall` : bitten;
    const alongs = [...new Set(holes.map((hole) => length(Math.round(hole.alongMm * 2) / 2)))].join(' · ');
    const terms = long.terms.map((term) => `${words(term.label, job).toLowerCase()} ${length(term.mm)}`).join(', ');
    return [`| ${from} → ${to} | ${holes.length} | ${screw.size} (${terms}) | ${alongs} |`];
  });
  return once(rows);
}

/** Strength of the lowest shelf, and its cures. */
function strengthLine({ holds, pieces: parts, hardware, fixings, opening }: Made, job: Job): string {
  const input = { holds, parts, hardware, fixings, contents: null, opening, job };
  const strengths = strengthOf(input);
  const [first] = strengths;
  if (!first) return '';
  const cures = curesFor(input, strengths);
  const about = (value: number) => aboutWords(value, job);
  const ofNewtons = (load: number, may: number) => `${Math.round(load)} of ${Math.round(may)} N`;
  const { sag, weakest } = first;
  const pulled = weakest && weakest.pullN > 0 ? ` and is pulled by ${ofNewtons(weakest.pullN, weakest.mayPullN)}` : '';
  return [
    `Shelf 1 spans ${about(first.spanMm)} and sags ${about(sag.nowMm)} at first,`,
    `${about(sag.lastingMm)} after years of load.`,
    `A sag of ${about(sag.seenMm)} shows, and ${about(sag.usualMm)} is the usual limit.`,
    `Bending uses ${percent(first.bending)} of its strength, ${percent(first.leaning)} when someone leans on it.`,
    weakest
      ? `The weakest joint (${weakest.into}) carries ${ofNewtons(weakest.shearN, weakest.mayShearN)}${pulled}` +
        `: ${percent(weakest.used)}.`
      : 'No screw takes its load.',
    ...(cures.length > 0
      ? [`Cures, cheapest first: ${cures.map((cure) => words(cure.words, job)).join(' Or: ')}`]
      : []),
  ].join(' ');
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** All of them, in the order of the table. */
export const examples = (): Example[] => SYSTEM_NAMES.map(exampleOf);
