import { StyleSheet, View } from 'react-native';
import { wordScene } from '@dormer/core/say/scene/words';
import type { Explanation } from '@dormer/core/say/words/tradeWords';
import type { Reader } from '@dormer/core/say/words/first';
import { SceneView } from '../../drawing/SceneView';
import { SPACE } from '../../theme';
import { Txt } from '../../ui';

/** Picture and sentence of a trade word. */
export function WordCard({ explanation: { word, name, is }, reader }: { explanation: Explanation; reader: Reader }) {
  return (
    <View style={styles.card}>
      <View style={styles.picture}>
        <SceneView scene={wordScene(word)} reader={reader} ground="panel" description={`${name}. ${is}`} />
      </View>
      <Txt>{is}</Txt>
    </View>
  );
}

const styles = StyleSheet.create({ card: { gap: SPACE.half }, picture: { height: 190 } });
