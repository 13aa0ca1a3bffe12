import { useEffect, useState } from 'react';
import { Image, StyleSheet } from 'react-native';
import { Txt } from '../../ui';
import { useLabel } from '../../labels';
import { readPhoto } from '../../store/photos';
import { RADIUS } from '../../theme';

/** A photo of a note; where neither the device nor the server has it, that is said. */
export function PhotoView({ id, name }: { id: string; name: string }) {
  const label = useLabel();
  const [address, setAddress] = useState<string | null | 'gone'>(null);
  useEffect(() => {
    let current = true;
    let made: string | null = null;
    void readPhoto(id).then((photo) => {
      if (!current) return;
      made = photo ? URL.createObjectURL(photo) : null;
      setAddress(made ?? 'gone');
    });
    return () => {
      current = false;
      if (made) URL.revokeObjectURL(made);
    };
  }, [id]);
  if (address === null) return null;
  if (address === 'gone') return <Txt kind="small">{label('photo.gone')}</Txt>;
  return <Image source={{ uri: address }} accessibilityLabel={name} style={styles.photo} resizeMode="cover" />;
}

const styles = StyleSheet.create({ photo: { width: 96, height: 96, borderRadius: RADIUS.usual } });
