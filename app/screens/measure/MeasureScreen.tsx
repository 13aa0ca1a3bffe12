import { useCallback, useMemo, useState } from 'react';
import { elevationScene } from '@dormer/core/scene';
import { nameOf, spotOf } from '@dormer/core/survey';
import type { Job, Reading } from '@dormer/core/job/document';
import { words } from '@dormer/core/words';
import {
  Button,
  Keypad,
  NoticeLine,
  PlanNotices,
  Section,
  StageLayout,
  Txt,
  useKeys,
  type OnKey,
} from '../../controls';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import { selectOpenJob, selectPlanned, settings, useAppDispatch, useAppSelector } from '../../store';
import { ReadingCard } from './ReadingCard';
import { ReadingList } from './ReadingList';
import { useNextSpot } from './useNextSpot';

/** What the card is for: the next reading, one of the person's own choosing, or one that is taken already. */
export type Card = { readonly is: 'next' } | { readonly is: 'own' } | { readonly is: 'edit'; readonly id: string };

/** Readings of the opening, one at a time, in the drawing and in a list. */
export function MeasureScreen() {
  const job = useAppSelector(selectOpenJob);
  return job ? <Measure job={job} /> : null;
}

function Measure({ job }: { job: Job }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const { plan } = useAppSelector(selectPlanned);
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const [chosen, setCard] = useState<Card | null>(null);
  const next = useNextSpot();
  const reader = job;
  const editing = chosen?.is === 'edit' ? (job.readings.find((one) => one.id === chosen.id) ?? null) : null;
  // A reading that was undone away is no longer edited.
  const card = chosen?.is === 'edit' && !editing ? null : chosen;
  const [ownSpot, setOwnSpot] = useState(() => next.spot);
  const wanted = card === null ? null : card.is === 'next' ? next.spot : card.is === 'own' ? ownSpot : null;
  const scene = useMemo(
    () => (plan ? elevationScene(plan, job, { exaggeration, show: 'readings', wanted }) : null),
    [plan, job, exaggeration, wanted],
  );
  const onKey = useCallback<OnKey>((event, { free }) => {
    if (event.key === 'Escape') setCard(null);
    else if (free && event.key.toLowerCase() === 'n' && !event.ctrlKey && !event.metaKey) setCard({ is: 'next' });
    else return false;
    return true;
  }, []);
  useKeys(onKey);

  const start = () => {
    if (next.spot) return setCard({ is: 'next' });
    setOwnSpot({ kind: 'width', at: 'back', upMm: job.levelLine.up.mm });
    setCard({ is: 'own' });
  };
  // An empty list says it better than a problem would.
  const problems =
    job.readings.length === 0
      ? []
      : (plan?.problems.filter(({ about }) => about.is === 'place' || about.is === 'reading') ?? []);
  const cautions = plan?.cautions.filter((one) => one.stage === 'measure') ?? [];
  return (
    <StageLayout
      name={label('stage.measure')}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        scene ? (
          <DrawingPane
            scene={scene}
            reader={reader}
            exaggeration={exaggeration}
            onExaggeration={(factor) => dispatch(settings.set({ exaggeration: factor }))}
            description={describe(job, label('drawing.readings'))}
            selected={editing ? { is: 'reading', id: editing.id } : null}
            onPress={(about) => {
              if (about.is === 'reading') setCard({ is: 'edit', id: about.id });
            }}
          />
        ) : null
      }
      foot={
        card ? null : (
          <>
            <Button
              title={label('measure.own')}
              onPress={() => {
                setOwnSpot(next.spot ?? { kind: 'width', at: 'back', upMm: job.levelLine.up.mm });
                setCard({ is: 'own' });
              }}
            />
            <Button
              title={label(job.readings.length === 0 ? 'measure.first' : 'measure.next')}
              look="lead"
              grow
              onPress={start}
            />
          </>
        )
      }
    >
      {card ? (
        <ReadingCard
          key={card.is === 'edit' ? card.id : 'new'}
          job={job}
          card={card}
          next={next}
          editing={editing}
          ownSpot={ownSpot}
          onOwnSpot={(spot) => {
            setOwnSpot(spot);
            if (card.is === 'next') setCard({ is: 'own' });
          }}
          onCard={setCard}
        />
      ) : (
        <>
          {job.readings.length > 0 && plan && !next.spot ? (
            <NoticeLine is="sure" word={label('measure.enough')} words={label('measure.enoughWhy')} />
          ) : null}
          <PlanNotices problems={problems} reader={reader} />
          <Section title={label('measure.taken', { count: job.readings.length })}>
            {job.readings.length === 0 ? (
              <Txt tone="faint">{label('measure.none')}</Txt>
            ) : (
              <ReadingList job={job} onEdit={(id) => setCard({ is: 'edit', id })} />
            )}
          </Section>
          <PlanNotices problems={[]} cautions={cautions} reader={reader} />
        </>
      )}
    </StageLayout>
  );
}

/** The readings in words, for those who do not see the drawing. */
function describe(job: Job, start: string): string {
  const said = (one: Reading) => `${words(nameOf(spotOf(one)), job)}: ${one.value.typed}`;
  return [start, ...job.readings.map(said)].join('; ');
}
