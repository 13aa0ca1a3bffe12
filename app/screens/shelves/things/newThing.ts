import { usualLength, type Job, type Thing } from '@dormer/core/job/document';
import type { LibraryThing } from '@dormer/core/design/layout/forScreens';
import { asTyped, typedMass } from '@dormer/core/base/quantity';

/** Makes a new thing with usual sizes. */
export function newThing(id: string, name: string, job: Job): Thing {
  const length = (mm: number, inches: string) => usualLength(mm, inches, job.units);
  return {
    id,
    name,
    width: length(300, '12'),
    height: length(300, '12'),
    depth: length(250, '10'),
    weight: typedMass(2, '', job.units === 'in' ? 'lb' : 'kg'),
    count: 1,
    often: 'weekly',
    lift: length(20, '3/4'),
    stack: 1,
    flat: false,
  };
}

/** Makes a thing from the library. */
export function fromLibrary(usual: LibraryThing, id: string, name: string, { units, tape }: Job): Thing {
  const length = (mm: number) => asTyped(mm, units, tape);
  return {
    id,
    name,
    width: length(usual.widthMm),
    height: length(usual.heightMm),
    depth: length(usual.depthMm),
    weight: typedMass(usual.kg, '', units === 'in' ? 'lb' : 'kg'),
    count: 1,
    often: usual.often,
    lift: length(usual.liftMm),
    stack: usual.stack,
    flat: usual.flat,
  };
}
