import '../../labels/measure';
import { useCallback, useMemo } from 'react';
import { specOf } from '@dormer/core/place/kinds';
import { nameOf, sameSpot, spotOf, spotOfKind, type Spot } from '@dormer/core/place/reading';
import { elevationScene, sectionScene } from '@dormer/core/say/scene';
import type { Job, Reading } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { words } from '@dormer/core/say/words/first';
import { Button, Keypad, Section, Segmented, StageLayout, Txt, useKeptPlace } from '../../ui';
import { PlanNotices } from '../../parts/PlanNotices';
import { useKeys, type OnKey } from '../../platform/useKeys';
import { DrawingPane } from '../../drawing';
import { useLabel } from '../../labels';
import {
  selectOpenJob,
  selectPlanned,
  settings,
  useAppDispatch,
  useAppSelector,
  useGetInstrumentsQuery,
} from '../../store';
import { BoxSection } from './BoxSection';
import type { Card } from './card';
import { Practice } from './Practice';
import { ReadingFiles } from './ReadingFiles';
import { OpeningWords } from './OpeningWords';
import { PlaceForm } from './place/PlaceForm';
import { Enough } from './Enough';
import { ReadingCard } from './ReadingCard';
import { ReadingList } from './ReadingList';
import { useNextSpot } from './useNextSpot';
import { HeightSlider, useView, ViewSwitch } from './view';

/** Readings of the opening, one at a time, in the drawing and in a list. */
export function MeasureScreen() {
  const job = useAppSelector(selectOpenJob);
  return job ? <Measure job={job} /> : null;
}

const TABS = ['readings', 'place'] as const;

function Measure({ job }: { job: Job }) {
  const label = useLabel();
  const { plan } = useAppSelector(selectPlanned);
  const [chosen, setCard] = useKeptPlace<Card | null>('card', null);
  const next = useNextSpot();
  // Known before the first reading is taken, so that it can go with it.
  useGetInstrumentsQuery(job.id);
  const asked = chosen && 'id' in chosen ? (job.readings.find(({ id }) => id === chosen.id) ?? null) : null;
  // A reading that was undone away is no longer changed.
  const card = chosen && 'id' in chosen && !asked ? null : chosen;
  useCardKeys(setCard);

  const anySpot = (): Spot =>
    next.spot ??
    // At the level line: a height the person has marked.
    spotOfKind(specOf(job.place).readings[0] as Spot['kind'], { kind: 'width', at: 'back', upMm: job.levelLine.up.mm });
  // Advice that is still on its way is waited for; only when it has none does the person choose.
  const start = () => setCard(next.spot || !next.fresh ? { kind: 'next' } : { kind: 'own', spot: anySpot() });
  return (
    <StageLayout
      name={label('stage.measure')}
      keypad={<Keypad units={job.units} tape={job.tape} />}
      drawing={
        plan ? (
          <OpeningDrawing
            job={job}
            plan={plan}
            wanted={spotWanted(card, next.spot, asked)}
            asked={asked}
            onEdit={(id) => setCard({ kind: 'edit', id })}
          />
        ) : null
      }
      foot={
        card ? null : (
          <>
            <Button title={label('measure.own')} onPress={() => setCard({ kind: 'own', spot: anySpot() })} />
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
          key={'id' in card ? `${card.kind}-${card.id}` : 'new'}
          job={job}
          plan={plan}
          card={card}
          next={next}
          reading={asked}
          onCard={setCard}
        />
      ) : (
        <Tabs job={job} plan={plan} onCard={setCard} />
      )}
    </StageLayout>
  );
}

/** Keys: Escape closes the card, n asks for the next reading. */
function useCardKeys(onCard: (card: Card | null) => void) {
  const onKey = useCallback<OnKey>(
    (event, { free }) => {
      if (event.key === 'Escape') onCard(null);
      else if (free && event.key.toLowerCase() === 'n' && !event.ctrlKey && !event.metaKey) onCard({ kind: 'next' });
      else return false;
      return true;
    },
    [onCard],
  );
  useKeys(onKey);
}

interface OpeningDrawingProps {
  readonly job: Job;
  readonly plan: Plan;
  /** Spot to hold the tape at. */
  readonly wanted: Spot | null;
  readonly asked: Reading | null;
  readonly onEdit: (id: string) => void;
}

/** The opening with its readings, from the front or from above. */
function OpeningDrawing({ job, plan, wanted, asked, onEdit }: OpeningDrawingProps) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const exaggeration = useAppSelector((state) => state.settings.exaggeration);
  const view = useView(plan, wanted ?? (asked ? spotOf(asked) : null));
  const scene = useMemo(() => {
    const { upMm } = view;
    if (view.from === 'above') return sectionScene(plan, job, { exaggeration, upMm, wanted });
    return elevationScene(plan, job, { exaggeration, show: 'readings', wanted });
  }, [plan, job, exaggeration, wanted, view]);
  return (
    <DrawingPane
      scene={scene}
      reader={job}
      exaggeration={exaggeration}
      onExaggeration={(factor) => dispatch(settings.set({ exaggeration: factor }))}
      description={describe(job, label('drawing.readings'), wanted)}
      selected={asked ? { kind: 'reading', id: asked.id } : null}
      onPress={(about) => {
        if (about.kind === 'reading') onEdit(about.id);
      }}
      aside={(flat) => <ViewSwitch view={view} flat={flat} />}
      below={view.from === 'above' ? <HeightSlider view={view} plan={plan} job={job} /> : null}
    />
  );
}

/** Tabs for the readings and for the place. */
function Tabs({ job, plan, onCard }: { job: Job; plan: Plan | null; onCard: (card: Card) => void }) {
  const label = useLabel();
  const [tab, setTab] = useKeptPlace<(typeof TABS)[number]>('tab', 'readings');
  return (
    <>
      <Segmented
        label={label('measure.tab')}
        value={tab}
        options={TABS.map((value) => ({ value, title: label(`measure.${value}`) }))}
        onChange={setTab}
      />
      {tab === 'place' ? (
        <PlaceForm job={job} plan={plan} />
      ) : (
        <Readings
          job={job}
          plan={plan}
          onEdit={(id) => onCard({ kind: 'edit', id })}
          onAgain={(id) => onCard({ kind: 'again', id })}
        />
      )}
    </>
  );
}

interface ReadingsProps {
  readonly job: Job;
  readonly plan: Plan | null;
  readonly onEdit: (id: string) => void;
  readonly onAgain: (id: string) => void;
}

/** What the readings say of the opening, and each of them. */
function Readings({ job, plan, onEdit, onAgain }: ReadingsProps) {
  const label = useLabel();
  // An empty list says it better than a problem would.
  const problems =
    job.readings.length === 0
      ? []
      : (plan?.problems.filter(({ about }) => about.kind === 'place' || about.kind === 'reading') ?? []);
  const cautions = plan?.cautions.filter((caution) => caution.stage === 'measure') ?? [];
  return (
    <>
      {plan && job.readings.length > 0 ? <OpeningWords plan={plan} job={job} /> : null}
      <Enough plan={plan} job={job} onAgain={onAgain} />
      <PlanNotices problems={problems} reader={job} />
      {plan?.takes === 'box' && job.readings.length > 0 ? <BoxSection job={job} plan={plan} /> : null}
      <Section title={label('measure.taken', { count: job.readings.length })}>
        {job.readings.length === 0 ? (
          <Txt tone="faint">{label('measure.none')}</Txt>
        ) : (
          <ReadingList job={job} plan={plan} onEdit={onEdit} />
        )}
        <ReadingFiles job={job} />
      </Section>
      <Practice />
      <PlanNotices problems={[]} cautions={cautions} reader={job} />
    </>
  );
}

/** Where the card has the tape held; one that is changed is in the drawing already. */
function spotWanted(card: Card | null, next: Spot | null, asked: Reading | null): Spot | null {
  if (card === null || card.kind === 'edit') return null;
  if (card.kind === 'next') return next;
  return card.kind === 'own' ? card.spot : asked && spotOf(asked);
}

/** The readings in words, for those who do not see the drawing. */
function describe(job: Job, start: string, wanted: Spot | null): string {
  const said = (one: Reading) => {
    const name = words(nameOf(spotOf(one)), job);
    return wanted && sameSpot(spotOf(one), wanted) ? name : `${name}: ${one.value.typed}`;
  };
  return [start, ...job.readings.map(said)].join('; ');
}
