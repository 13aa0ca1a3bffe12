import '../../labels/build';
import '../../labels/log';
import { Segmented, useKeptPlace } from '../../ui';
import { useLabel } from '../../labels';
import { selectOpenJob, selectPlanned, useAppSelector } from '../../store';
import { DiaryTab } from './DiaryTab';
import { FitTab } from './FitTab';
import { LearnedTab } from './LearnedTab';
import type { LogTabProps } from './tabProps';

/** What happened: how boards went in, what is noted, what the jobs taught. */
export function LogScreen() {
  const job = useAppSelector(selectOpenJob);
  const { plan } = useAppSelector(selectPlanned);
  return job && plan ? <Log job={job} plan={plan} /> : null;
}

const TABS = ['fit', 'diary', 'learned'] as const;

function Log({ job, plan }: Omit<LogTabProps, 'tabs'>) {
  const label = useLabel();
  const [tab, setTab] = useKeptPlace<(typeof TABS)[number]>('tab', 'fit');
  const tabs = (
    <Segmented
      label={label('log.tabs')}
      value={tab}
      options={TABS.map((value) => ({ value, title: label(`log.tab.${value}`) }))}
      onChange={setTab}
    />
  );
  switch (tab) {
    case 'fit':
      return <FitTab job={job} plan={plan} tabs={tabs} />;
    case 'diary':
      return <DiaryTab job={job} plan={plan} tabs={tabs} />;
    case 'learned':
      return <LearnedTab job={job} plan={plan} tabs={tabs} />;
  }
}
