import { useEffect } from 'react';
import { Image, StyleSheet } from 'react-native';
import { Txt } from '../../ui';
import { useAnswer } from '../../platform/useAnswer';
import { useLabel } from '../../labels';
import { readPhoto } from '../../store/photos';
import { RADIUS } from '../../theme';

/** A photo of a note; where neither the device nor the server has it, that is said. */
export function PhotoView({ id, name }: { id: string; name: string }) {
  const label = useLabel();
  const { answer: address, of } = useAnswer(id, async ({ stop }) => {
    const photo = await readPhoto(id);
    return photo && !stop.aborted ? URL.createObjectURL(photo) : null;
  });
  useEffect(
    () => () => {
      if (address) URL.revokeObjectURL(address);
    },
    [address],
  );
  if (of !== id) return null;
  if (!address) return <Txt kind="small">{label('photo.gone')}</Txt>;
  return <Image source={{ uri: address }} accessibilityLabel={name} style={styles.photo} resizeMode="cover" />;
}

const styles = StyleSheet.create({ photo: { width: 96, height: 96, borderRadius: RADIUS.usual } });
