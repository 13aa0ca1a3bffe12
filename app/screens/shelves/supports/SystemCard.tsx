import Star from 'lucide-react-native/icons/star';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import { message, type Message } from '@dormer/core/base/message';
import type { Considered } from '@dormer/core/plan';
import { systemPicture } from '@dormer/core/say/scene/support';
import { aboutWords, words } from '@dormer/core/say/words/first';
import { Press, Txt } from '../../../ui';
import { SceneView } from '../../../drawing';
import { useLabel } from '../../../labels';
import { makeStyles, RADIUS, SPACE, TARGET, useTheme } from '../../../theme';

interface SystemCardProps {
  readonly one: Considered;
  readonly job: Job;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

const PICTURE = { width: 254, height: 76 } as const;

/** A support system to choose: its picture, what it takes and how it would hold, what speaks for and against it. */
export function SystemCard({ one, job, chosen, onChoose }: SystemCardProps) {
  const styles = useStyles();
  const { colours } = useTheme();
  const label = useLabel();
  const name = words(message(`system.${one.system}`), job);
  return (
    <Press
      role="radio"
      aria-checked={chosen}
      aria-label={name}
      onPress={onChoose}
      style={[styles.card, chosen && styles.chosen]}
    >
      <View style={styles.head}>
        <Txt kind="strong" style={styles.grow}>
          {name}
        </Txt>
        {one.recommended ? (
          <View style={styles.mark}>
            <Star size={16} color={colours.sure} aria-hidden />
            <Txt kind="small" style={styles.suits}>
              {label('systems.suits')}
            </Txt>
          </View>
        ) : null}
      </View>
      {one.pieces > 0 ? (
        <View style={styles.picture} aria-hidden>
          <SceneView scene={systemPicture(one)} reader={job} size={PICTURE} ground="panel" />
        </View>
      ) : null}
      <Txt kind="small">{consequences(one, job, label)}</Txt>
      <Reasons sign="+" reasons={one.fors} job={job} />
      <Reasons sign="−" reasons={one.againsts} job={job} />
    </Press>
  );
}

/** What one gets and gives by choosing it, in one line. */
function consequences(
  { pieces, screws, traits, strength }: Considered,
  job: Job,
  label: ReturnType<typeof useLabel>,
): string {
  const holds = strength ? label(`systems.${strength.state}`, { sag: aboutWords(strength.sag.lastingMm, job) }) : null;
  return [
    ...(pieces > 0 ? [label('systems.takes', { pieces, screws })] : []),
    label(`systems.seen.${traits.seen}`),
    label(traits.liftsOut ? 'systems.liftsOut' : 'systems.stays'),
    label(`systems.wants.${traits.wants}`),
    ...(holds ? [holds] : []),
  ].join(' · ');
}

function Reasons({ sign, reasons, job }: { sign: '+' | '−'; reasons: readonly Message[]; job: Job }) {
  const styles = useStyles();
  return reasons.map((reason) => (
    <View key={reason.code} style={styles.reason}>
      <Txt kind="small" style={styles.sign}>
        {sign}
      </Txt>
      <Txt kind="small" tone="faint" style={styles.grow}>
        {words(reason, job)}
      </Txt>
    </View>
  ));
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    card: {
      gap: SPACE.small,
      padding: SPACE.one,
      minHeight: TARGET,
      borderWidth: 1,
      borderColor: colours.edge,
      borderRadius: RADIUS.usual,
      backgroundColor: colours.panel,
    },
    chosen: { borderColor: colours.action, borderWidth: 3, padding: SPACE.one - 2 },
    head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.half },
    mark: { flexDirection: 'row', alignItems: 'center', gap: SPACE.small },
    suits: { color: colours.sure },
    picture: { alignItems: 'center' },
    reason: { flexDirection: 'row', gap: SPACE.small },
    sign: { width: 12, textAlign: 'center' },
    grow: { flex: 1 },
  }),
);
