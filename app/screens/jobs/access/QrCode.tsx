import { create } from 'qrcode';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { LIGHT, RADIUS } from '../../../theme';

const SIZE = 200;
/** Modules of white around a code, as its standard (ISO/IEC 18004) asks for. */
const QUIET = 4;

/** A QR code, dark on white in either theme: not every camera reads the other way round. */
export function QrCode({ text, name }: { text: string; name: string }) {
  const { path, across } = useMemo(() => drawn(text), [text]);
  return (
    <View style={styles.code} role="img" aria-label={name}>
      <Svg width={SIZE} height={SIZE} viewBox={`${-QUIET} ${-QUIET} ${across} ${across}`} aria-hidden>
        <Path d={path} fill={LIGHT.pencil} />
      </Svg>
    </View>
  );
}

/** The dark modules as one path, a run in a row at a time. */
function drawn(text: string): { path: string; across: number } {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const { size } = modules;
  let path = '';
  for (let row = 0; row < size; row += 1) {
    for (let column = 0; column < size; column += 1) {
      if (modules.get(row, column)) path += `M${column} ${row}h1v1h-1z`;
    }
  }
  return { path, across: size + 2 * QUIET };
}

const styles = StyleSheet.create({
  code: { backgroundColor: LIGHT.panel, alignSelf: 'center', borderRadius: RADIUS.usual },
});
