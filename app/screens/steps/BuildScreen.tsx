import '../../labels/build';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { Segmented, useKeptPlace } from '../../ui';
import { useLabel } from '../../labels';
import { selectOpenJob, selectPlanned, useAppSelector } from '../../store';
import { CalendarTab } from './CalendarTab';
import { PackingTab } from './PackingTab';
import { TodayTab } from './TodayTab';
import { TripsTab } from './TripsTab';
import { useTrips } from './useTrips';

/** The steps of the work: the one to do now, all of them by trips, what is packed for each, and when. */
export function BuildScreen() {
  // Whoever builds took photos, too.
  const job = useAppSelector(selectOpenJob);
  const { plan } = useAppSelector(selectPlanned);
  return job && plan ? <Build job={job} plan={plan} /> : null;
}

const TABS = ['today', 'trips', 'packing', 'calendar'] as const;

function Build({ job, plan }: { job: Job; plan: Plan }) {
  const label = useLabel();
  const [tab, setTab] = useKeptPlace<(typeof TABS)[number]>('tab', 'today');
  const found = useTrips(job, plan);
  const tabs = (
    <Segmented
      label={label('build.tabs')}
      value={tab}
      options={TABS.map((value) => ({ value, title: label(`build.tab.${value}`) }))}
      onChange={setTab}
    />
  );
  const shared = { job, plan, found, tabs };
  switch (tab) {
    case 'today':
      return <TodayTab {...shared} />;
    case 'trips':
      return <TripsTab {...shared} />;
    case 'packing':
      return <PackingTab {...shared} />;
    case 'calendar':
      return <CalendarTab {...shared} />;
  }
}
