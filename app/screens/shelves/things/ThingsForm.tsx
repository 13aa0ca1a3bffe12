import Plus from 'lucide-react-native/icons/plus';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { LIMITS, type Job, type Thing } from '@dormer/core/job/document';
import { LIBRARY } from '@dormer/core/design/layout/forScreens';
import type { Plan } from '@dormer/core/plan';
import { formatMass } from '@dormer/core/base/quantity';
import { lengthWords, listWords, words } from '@dormer/core/say/words/first';
import { Button, LongList, NoticeLine, Press, Section, Sheet, Txt, useKeptPlace } from '../../../ui';
import { guardedSheet } from '../../../ui/guardedSheet';
import { useLabel, type Label, type PlainLabel } from '../../../labels';
import { newId, useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, RADIUS, SPACE, TARGET } from '../../../theme';
import { fromLibrary, newThing } from './newThing';
import { PeopleForm } from './PeopleForm';
import { ThingSheet } from './ThingSheet';
import { ThingFiles } from './ThingFiles';

/** What is to be stored: the list, where each thing stands, what has no room, and who reaches for it. */
export function ThingsForm({ job, plan }: { job: Job; plan: Plan | null }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [open, setOpen] = useKeptPlace<string | null>('thing', null);
  const [library, setLibrary] = useState(false);
  const add = (thing: Thing) => dispatch(editBay((one) => ({ ...one, things: [...one.things, thing] })));
  const full = job.things.length >= LIMITS.things;
  const shown = job.things.find((thing) => thing.id === open);
  const contents = plan?.contents ?? null;
  return (
    <>
      <Section title={label('things.title')}>
        {job.things.length === 0 ? <Txt tone="faint">{label('things.none')}</Txt> : null}
        <ThingList job={job} contents={contents} onOpen={setOpen} />
        <View style={styles.buttons}>
          <Button title={label('things.library')} icon={Plus} disabled={full} onPress={() => setLibrary(true)} />
          <Button
            title={label('things.own')}
            icon={Plus}
            disabled={full}
            onPress={() => {
              const id = newId();
              add(newThing(id, label('things.newName'), job));
              setOpen(id);
            }}
          />
        </View>
        <ThingFiles job={job} />
      </Section>
      {contents && contents.leftOut.length > 0 ? (
        <Section title={label('things.wayOut')}>
          {contents.leftOut.map((one) => (
            <NoticeLine
              key={one.thing}
              kind="doubtful"
              word={`${one.count} × ${job.things.find((thing) => thing.id === one.thing)?.name ?? ''}`}
              words={words(one.why, job)}
            />
          ))}
          {contents.wayOut.map((message, index) => (
            <Txt key={index}>{words(message, job)}</Txt>
          ))}
        </Section>
      ) : null}
      {contents && contents.stored.length > 0 ? <Room job={job} contents={contents} /> : null}
      <PeopleForm job={job} />
      {shown ? <ThingSheet job={job} thing={shown} onClose={() => setOpen(null)} /> : null}
      {library ? (
        <Library
          job={job}
          onClose={() => setLibrary(false)}
          onTake={(thing) => {
            const id = newId();
            add({ ...thing, id });
            setLibrary(false);
            setOpen(id);
          }}
        />
      ) : null}
    </>
  );
}

type Contents = NonNullable<Plan['contents']>;

interface ThingListProps {
  readonly job: Job;
  readonly contents: Contents | null;
  readonly onOpen: (id: string) => void;
}

/** List of things with sizes and shelves. */
function ThingList({ job, contents, onOpen: setOpen }: ThingListProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <LongList name={label('things.title')} rows={job.things} keyOf={({ id }) => id}>
      {(thing) => (
        <Press
          role="button"
          aria-label={label('things.change', { name: thing.name })}
          onPress={() => setOpen(thing.id)}
          style={styles.thing}
        >
          <Txt kind="strong" style={styles.count}>
            {thing.count} ×
          </Txt>
          <View style={styles.grow}>
            <Txt kind="strong" numberOfLines={1}>
              {thing.name}
            </Txt>
            <Txt kind="small" tone="faint">
              {sizeOf(thing, job, label)}
            </Txt>
          </View>
          {contents ? <Where thing={thing} contents={contents} job={job} /> : null}
        </Press>
      )}
    </LongList>
  );
}

interface LibraryProps {
  readonly job: Job;
  readonly onClose: () => void;
  readonly onTake: (thing: Thing) => void;
}

/** Library of usual things to start from. */
const Library = guardedSheet(function Library({ job, onClose, onTake }: LibraryProps) {
  const styles = useStyles();
  const label = useLabel();
  return (
    <Sheet title={label('things.libraryTitle')} closeTitle={label('close')} onClose={onClose}>
      <Txt tone="faint">{label('things.libraryIs')}</Txt>
      {LIBRARY.map((usual) => {
        const thing = fromLibrary(usual, usual.id, label(`library.${usual.id}` as PlainLabel), job);
        return (
          <Press
            key={usual.id}
            role="button"
            aria-label={thing.name}
            onPress={() => onTake(thing)}
            style={styles.thing}
          >
            <View style={styles.grow}>
              <Txt kind="strong">{thing.name}</Txt>
              <Txt kind="small" tone="faint">
                {sizeOf(thing, job, label)}
              </Txt>
            </View>
          </Press>
        );
      })}
    </Sheet>
  );
});

function sizeOf(thing: Thing, job: Job, label: Label): string {
  const short = (mm: number) => lengthWords(mm, job, false);
  const [width, height] = [short(thing.width.mm), short(thing.height.mm)];
  const kg = formatMass(thing.weight.kg, job.units === 'in' ? 'lb' : 'kg');
  return label('things.line', { width, height, depth: lengthWords(thing.depth.mm, job), kg });
}

/** On which shelves a thing stands, or that there is no room for it. */
function Where({ thing, contents, job }: { thing: Thing; contents: Contents; job: Job }) {
  const label = useLabel();
  const styles = useStyles();
  const shelves = [...new Set(contents.stored.filter((one) => one.thing === thing.id).map((one) => one.shelf))];
  const out = contents.leftOut.find((one) => one.thing === thing.id);
  const on = shelves.filter((shelf) => shelf > 0);
  const where = [
    ...(shelves.includes(0) ? [label('things.onFloor')] : []),
    ...(on.length > 0 ? [label('things.where', { count: on.length, shelves: listWords(on, job) })] : []),
  ].join(', ');
  return (
    <View style={styles.where}>
      {where ? <Txt kind="small">{where}</Txt> : null}
      {out ? (
        <Txt kind="small" tone="doubtful">
          {out.count === thing.count ? label('things.nowhere') : label('things.partly', { out: out.count })}
        </Txt>
      ) : null}
    </View>
  );
}

/** What each shelf takes and holds, and how good the whole is. */
function Room({ job, contents }: { job: Job; contents: Contents }) {
  const styles = useStyles();
  const label = useLabel();
  const { worth, capacity, leftOut } = contents;
  const more = worth.cost > 0 ? Math.ceil((100 * (worth.cost - worth.atLeast)) / worth.cost) : 0;
  const length = (mm: number) => lengthWords(mm, job);
  return (
    <Section title={label('things.capacity')}>
      {[...capacity].reverse().map((one) => (
        <View key={one.shelf} style={styles.row}>
          <Txt style={styles.shelf}>
            {one.shelf === 0 ? label('things.capacityFloor') : label('things.capacityShelf', { shelf: one.shelf })}
          </Txt>
          <Txt kind="small" style={styles.grow}>
            {label('things.capacityIs', {
              used: length(one.usedMm),
              left: length(one.leftMm),
              kg: formatMass(one.kg, job.units === 'in' ? 'lb' : 'kg'),
            })}
          </Txt>
        </View>
      ))}
      <Txt kind="small" tone="faint">
        {label('things.strength')}
      </Txt>
      {job.shelves.way === 'contents' && leftOut.length === 0 ? (
        <Txt kind="small" tone="faint">
          {worth.proved ? label('things.proved') : label('things.atMost', { percent: more })}
        </Txt>
      ) : null}
    </Section>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    thing: {
      minHeight: TARGET,
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.one,
      paddingVertical: SPACE.small,
      borderBottomWidth: 1,
      borderBottomColor: colours.rule,
      borderRadius: RADIUS.small,
    },
    count: { minWidth: 40, textAlign: 'right' },
    grow: { flex: 1, minWidth: 0 },
    where: { alignItems: 'flex-end' },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
    row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    shelf: { width: 72 },
  }),
);
