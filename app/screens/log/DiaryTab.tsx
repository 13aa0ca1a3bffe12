import FileText from 'lucide-react-native/icons/file-text';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { withLog, withTook, type Job, type LogEntry } from '@dormer/core/job/document';
import { durationWords, message } from '@dormer/core/base/message';
import type { Plan } from '@dormer/core/plan';
import { shoppingFor } from '@dormer/core/work/stock/shopping';
import { lengthWords, words } from '@dormer/core/say/words/first';
import { Button, Keypad, LongList, Section, StageLayout, TextField, Txt, useKeptPlace } from '../../ui';
import { download, fileName } from '../../platform/files';
import { MinutesField } from '../../parts/MinutesField';
import { money } from '../../labels/money';
import { momentWords } from '../../labels/moments';
import { templateWriters, listWriters } from '../../platform/writers';
import { useNow } from '../../platform/useNow';
import { StepDrawing } from '../../drawing/StepDrawing';
import { useLabel, type Label } from '../../labels';
import { editJob, notify, useAppDispatch } from '../../store';
import { useCutting } from '../../store/useCutting';
import { makeStyles, SPACE } from '../../theme';
import { EntrySheet, type EntryKind } from './EntrySheet';
import { PhotoView } from './PhotoView';
import type { LogTabProps } from './tabProps';

/**
 * What is noted, how long steps took, what it cost, and what to do otherwise next time; and one document of all of it.
 */
export function DiaryTab({ job, plan, tabs }: LogTabProps) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [adding, setAdding] = useKeptPlace<EntryKind | null>('adding', null);
  const { log } = job;
  const nowMs = useNow(60_000);
  const set = (change: Partial<Job['log']>) => void dispatch(editJob((one) => withLog(one, change)));
  const entries = [...log.entries].sort((a, b) => b.at - a.at);
  const report = (as: 'pdf' | 'md') =>
    void (
      as === 'md'
        ? listWriters().then(({ reportMarkdown }) =>
            download(`${fileName(job.name)}.md`, reportMarkdown(plan, job), 'text/markdown;charset=utf-8'),
          )
        : Promise.all([listWriters(), templateWriters()])
            .then(([{ reportOf }, { reportPdf }]) => reportPdf(reportOf(plan, job), job.region))
            .then((file) => download(`${fileName(job.name)}.pdf`, file, 'application/pdf'))
    ).catch(() => dispatch(notify('cut.failed')));
  return (
    <StageLayout
      name={label('stage.log')}
      share={0.18}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={<StepDrawing plan={plan} job={job} />}
      foot={
        <>
          <Button title={label('log.reportPdf')} icon={FileText} grow onPress={() => report('pdf')} />
          <Button title={label('log.reportText')} grow onPress={() => report('md')} />
        </>
      }
    >
      {tabs}
      <View style={styles.row}>
        {(['note', 'mistake', 'size'] as const).map((one) => (
          <Button key={one} title={label(`log.${one}`)} grow onPress={() => setAdding(one)} />
        ))}
      </View>
      {entries.length === 0 ? (
        <Txt tone="faint">{label('log.empty')}</Txt>
      ) : (
        <LongList name={label('log.entries')} rows={entries} keyOf={({ id }) => id} gap={SPACE.two}>
          {(entry) => (
            <View style={styles.entry}>
              <View style={styles.grow}>
                <Txt kind="small" tone="faint">
                  {momentWords(entry.at, nowMs)} · {label(`log.${entry.kind}`)}
                </Txt>
                <Txt kind="strong">{headOf(entry, plan, job, label)}</Txt>
                {entry.text && entry.kind !== 'note' ? <Txt>{entry.text}</Txt> : null}
                {entry.photos ? (
                  <View style={styles.photos}>
                    {entry.photos.map((photo, i) => (
                      <PhotoView key={photo.id} id={photo.id} name={label('photo.name', { number: i + 1 })} />
                    ))}
                  </View>
                ) : null}
              </View>
              <Button
                title={label('log.remove')}
                icon={Trash}
                iconOnly
                look="quiet"
                onPress={() => set({ entries: log.entries.filter((other) => other.id !== entry.id) })}
              />
            </View>
          )}
        </LongList>
      )}
      <Times job={job} plan={plan} />
      <Cost job={job} plan={plan} onPaid={(paid) => dispatch(editJob((one) => paidOf(one, paid)))} />
      <Section title={label('log.next')}>
        <TextField label={label('log.nextWhy')} value={log.next} multiline onCommit={(next) => set({ next })} />
      </Section>
      {adding ? <EntrySheet kind={adding} job={job} plan={plan} onClose={() => setAdding(null)} /> : null}
    </StageLayout>
  );
}

function paidOf(job: Job, paid: number | null): Job {
  const { paid: _before, ...log } = job.log;
  return { ...job, log: paid === null ? log : { ...log, paid } };
}

function headOf(one: LogEntry, plan: Plan, job: Job, label: Label): string {
  if (one.kind === 'note') return one.text;
  if (one.kind === 'mistake') {
    const lost = one.minutes ? ` · ${words(durationWords(one.minutes), job)}` : '';
    return words(message(`mistake.${one.cause}`), job) + lost;
  }
  const part = plan.parts.find((each) => each.id === one.part);
  const actual = lengthWords(one.length.mm, job);
  return part
    ? label('log.sizeSaid', { label: part.label, actual, planned: lengthWords(part.length.mm, job) })
    : label('log.sizeAlone', { label: one.part, actual });
}

/** How long steps that are done really took. */
function Times({ job, plan }: { job: Job; plan: Plan }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const done = job.build.done.flatMap((tick) => {
    const step = plan.build.steps.find((one) => one.id === tick.step);
    return step ? [{ tick, step }] : [];
  });
  if (done.length === 0) return null;
  return (
    <Section title={label('log.times')}>
      <Txt kind="small" tone="faint">
        {label('log.timesWhy')}
      </Txt>
      {done.map(({ tick, step }) => (
        <MinutesField
          key={step.id}
          label={label('log.took', {
            what: words(step.what, job),
            usual: words(durationWords(step.usualMinutes), job),
          })}
          value={tick.took?.minutes ?? null}
          mayBeNone
          onCommit={(minutes) => {
            const took = minutes === null ? null : { minutes, usual: step.usualMinutes, kind: step.kind };
            dispatch(editJob((one) => withTook(one, step.id, took)));
          }}
        />
      ))}
    </Section>
  );
}

/** What was paid against what the list to buy came to. */
function Cost({ job, plan, onPaid }: { job: Job; plan: Plan; onPaid: (paid: number | null) => void }) {
  const label = useLabel();
  const [fault, setFault] = useState<string | null>(null);
  const { cutting } = useCutting(job);
  const planned = cutting ? shoppingFor({ job, plan, cutting }).total : null;
  const { paid } = job.log;
  const over = paid === undefined || planned === null ? null : paid - planned;
  return (
    <Section title={label('log.cost')}>
      {planned === null ? null : <Txt>{label('log.planned', { price: money(planned, job) })}</Txt>}
      <TextField
        label={label('log.paid')}
        value={paid === undefined ? '' : String(paid)}
        inputMode="decimal"
        fault={fault}
        onCommit={(typed) => {
          const bare = typed.trim().replace(',', '.');
          const amount = Number(bare);
          const good = bare === '' || (Number.isFinite(amount) && amount >= 0 && amount <= 1_000_000);
          setFault(good ? null : label('log.badMoney'));
          if (good) onPaid(bare === '' ? null : amount);
          return good;
        }}
      />
      {over === null || Math.abs(over) < 0.005 ? null : (
        <Txt kind="strong">{label(over > 0 ? 'log.more' : 'log.less', { by: money(Math.abs(over), job) })}</Txt>
      )}
      <Txt kind="small" tone="faint">
        {label('log.leftover')}
      </Txt>
    </Section>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    row: { flexDirection: 'row', gap: SPACE.half },
    photos: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half, paddingTop: SPACE.half },
    entry: {
      flexDirection: 'row',
      alignItems: 'center',
      borderTopWidth: 1,
      borderTopColor: colours.rule,
      paddingTop: SPACE.half,
    },
    grow: { flex: 1 },
  }),
);
