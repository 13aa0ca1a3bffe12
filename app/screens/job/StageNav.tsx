import Notebook from 'lucide-react-native/icons/notebook-pen';
import Hammer from 'lucide-react-native/icons/hammer';
import Rows from 'lucide-react-native/icons/rows-3';
import Ruler from 'lucide-react-native/icons/ruler';
import Saw from 'lucide-react-native/icons/scissors-line-dashed';
import { Link, usePathname } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Press, Txt } from '../../ui';
import { useLabel } from '../../labels';
import { FONT, makeStyles, SPACE, TARGET, useTheme } from '../../theme';
import { STAGES, type Stage } from './stages';

const ICONS = { measure: Ruler, shelves: Rows, cut: Saw, build: Hammer, log: Notebook } as const satisfies Record<
  Stage,
  unknown
>;

/** The stages of the work: along the foot of a phone, down the left of a wide screen. */
export function StageNav({ id, wide }: { id: string; wide: boolean }) {
  const styles = useStyles();
  const { colours } = useTheme();
  const label = useLabel();
  const path = usePathname();
  return (
    <View style={wide ? styles.rail : styles.bar} role="navigation" aria-label={label('stage.nav')}>
      {STAGES.map((stage) => {
        const here = path.endsWith(`/${stage}`);
        const Icon = ICONS[stage];
        const ink = here ? colours.action : colours.faint;
        return (
          <Link key={stage} href={{ pathname: `/job/[id]/${stage}`, params: { id } }} replace asChild>
            <Press
              style={StyleSheet.flatten([styles.stage, here && (wide ? styles.hereWide : styles.here)])}
              {...(here ? ({ 'aria-current': 'page' } as object) : {})}
            >
              <Icon size={24} color={ink} aria-hidden />
              <Txt kind="small" style={[styles.word, { color: ink }]}>
                {label(`stage.${stage}`)}
              </Txt>
            </Press>
          </Link>
        );
      })}
    </View>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    bar: { flexDirection: 'row', borderTopWidth: 1, borderTopColor: colours.rule, backgroundColor: colours.panel },
    rail: {
      width: 96,
      borderRightWidth: 1,
      borderRightColor: colours.rule,
      backgroundColor: colours.panel,
      paddingTop: SPACE.one,
    },
    stage: {
      flexGrow: 1,
      flexBasis: 'auto',
      minHeight: TARGET + 10,
      maxHeight: 76,
      alignItems: 'center',
      justifyContent: 'center',
      gap: SPACE.hair,
      borderTopWidth: 3,
      borderTopColor: 'transparent',
    },
    here: { borderTopColor: colours.action },
    hereWide: { backgroundColor: colours.actionWash },
    word: { fontFamily: FONT.semibold },
  }),
);
