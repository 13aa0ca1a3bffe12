import { StyleSheet, View } from 'react-native';
import type { Job } from '@dormer/core/job/document';
import type { Dragged } from '@dormer/core/design/layout/forScreens';
import { lengthWords } from '@dormer/core/say/words/first';
import { Txt } from '../../../ui';
import { FONT, makeStyles } from '../../../theme';

interface MovingShelfProps {
  readonly dragged: Dragged;
  readonly job: Job;
  readonly leftX: number;
  readonly rightX: number;
  readonly yOf: (mm: number) => number;
  readonly thicknessMm: number;
}

/** The shelf that is being moved: where it would lie, and what it leaves above and below. */
export function MovingShelf({ dragged, job, leftX, rightX, yOf, thicknessMm }: MovingShelfProps) {
  const styles = useStyles();
  const { topMm, belowMm, aboveMm } = dragged;
  const [top, under] = [yOf(topMm), yOf(topMm - thicknessMm)];
  const tag = (mm: number, y: number) => (
    <View style={[styles.tag, { top: y - 11, left: leftX + 6 }]}>
      <Txt style={styles.tagText}>{lengthWords(mm, job)}</Txt>
    </View>
  );
  return (
    <>
      <View style={[styles.ghost, { left: leftX, width: rightX - leftX, top, height: Math.max(under - top, 2) }]} />
      {tag(aboveMm, (top + yOf(topMm + aboveMm)) / 2)}
      {tag(belowMm, (under + yOf(topMm - thicknessMm - belowMm)) / 2)}
      <View style={[styles.height, { top: top - 13, right: undefined, left: Math.max(rightX - 92, leftX + 60) }]}>
        <Txt style={styles.heightText}>{lengthWords(topMm, job)}</Txt>
      </View>
    </>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    ghost: { position: 'absolute', backgroundColor: colours.chalk, opacity: 0.75 },
    tag: { position: 'absolute', backgroundColor: colours.panel, paddingHorizontal: 4, borderRadius: 3 },
    tagText: { fontFamily: FONT.condensedBold, color: colours.chalk, lineHeight: 22 },
    height: { position: 'absolute', backgroundColor: colours.chalk, paddingHorizontal: 6, borderRadius: 3 },
    heightText: { fontFamily: FONT.condensedBold, color: colours.paper, lineHeight: 26 },
  }),
);
