import Columns from 'lucide-react-native/icons/columns-2';
import Replace from 'lucide-react-native/icons/replace';
import Undo from 'lucide-react-native/icons/undo-2';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { withShelfSupport, type Job } from '@dormer/core/job/document';
import { message } from '@dormer/core/base/message';
import type { Plan } from '@dormer/core/plan';
import { sideScene } from '@dormer/core/say/scene/support';
import { words } from '@dormer/core/say/words/first';
import { Button, LengthField, Txt } from '../../../ui';
import { SceneView } from '../../../drawing';
import { useLabel } from '../../../labels';
import { useAppDispatch } from '../../../store';
import { editBay } from '../../../store/bay';
import { makeStyles, SPACE } from '../../../theme';
import { FurtherSheet } from './FurtherSheet';
import { SystemsSheet } from './SystemsSheet';

const SECTION = { width: 300, height: 190 } as const;

/** What carries one shelf, cut through from the side; another system or depth for this one alone. */
export function ShelfSupport({ shelf, job, plan }: { shelf: number; job: Job; plan: Plan }) {
  const styles = useStyles();
  const label = useLabel();
  const dispatch = useAppDispatch();
  const [sheet, setSheet] = useState<'system' | 'further' | null>(null);
  const scene = useMemo(() => sideScene(plan, shelf), [plan, shelf]);
  const own = job.support.shelves?.find((one) => one.shelf === shelf);
  const further = [...(job.further?.dividers ?? []), ...(job.further?.holes ?? [])].filter(
    (one) => one.shelf === shelf,
  ).length;
  const system = own?.system ?? job.support.system;
  return (
    <>
      <Txt kind="strong">{words(message(`system.${system}`), job)}</Txt>
      {scene ? (
        <View style={styles.section}>
          <SceneView scene={scene} reader={job} size={SECTION} ground="panel" />
        </View>
      ) : null}
      <View style={styles.buttons}>
        <Button title={label('support.other')} icon={Replace} onPress={() => setSheet('system')} />
        <Button title={label('further.open', { count: further })} icon={Columns} onPress={() => setSheet('further')} />
        {own ? (
          <Button
            title={label('support.asAll', { shelf })}
            icon={Undo}
            onPress={() =>
              dispatch(editBay((one) => withShelfSupport(one, shelf, { system: undefined, depth: undefined })))
            }
          />
        ) : null}
      </View>
      <LengthField
        key={`${shelf}-depth`}
        label={label('support.depth', { shelf })}
        value={own?.depth ?? job.shelves.depth}
        units={job.units}
        tape={job.tape}
        sign="positive"
        leastMm={0.1}
        onCommit={(depth) => dispatch(editBay((one) => withShelfSupport(one, shelf, { depth })))}
      />
      {sheet === 'further' ? <FurtherSheet shelf={shelf} job={job} plan={plan} onClose={() => setSheet(null)} /> : null}
      {sheet === 'system' ? (
        <SystemsSheet
          job={job}
          title={label('support.chooseFor', { shelf })}
          chosen={system}
          onChoose={(to) =>
            dispatch(
              editBay((one) => withShelfSupport(one, shelf, { system: to === one.support.system ? undefined : to })),
            )
          }
          onClose={() => setSheet(null)}
        />
      ) : null}
    </>
  );
}

const useStyles = makeStyles(() =>
  StyleSheet.create({
    section: { alignItems: 'center' },
    buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.half },
  }),
);
