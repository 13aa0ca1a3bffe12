import X from 'lucide-react-native/icons/x';
import { useLayoutEffect, useRef, type ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { ScrollView, StyleSheet, View } from 'react-native';
import { makeStyles, RADIUS, SPACE, useTheme, useWide } from '../theme';
import { BrokenWords } from './BrokenWords';
import { Button } from './Button';
import { Txt } from './Txt';

export interface SheetProps {
  readonly title: string;
  readonly closeTitle: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly footer?: ReactNode;
}

/**
 * A sheet over the screen: at the foot of a phone, in the middle of a wide screen. It is the browser's own
 * dialog, which keeps the focus inside, closes on Escape and gives the focus back.
 */
export function Sheet({ title, closeTitle, onClose, children, footer }: SheetProps) {
  const styles = useStyles();
  const wide = useWide();
  const { colours, scheme } = useTheme();
  const dialog = useRef<HTMLDialogElement>(null);
  // Closed while it is still on the page: only then does the browser give the focus back.
  useLayoutEffect(() => {
    const element = dialog.current;
    if (element && !element.open) element.showModal();
    return () => element?.close();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      className={wide ? 'sheet sheet-wide' : 'sheet'}
      style={{ background: colours.panel, color: colours.pencil, colorScheme: scheme }}
      onCancel={(event) => {
        event.preventDefault();
        onClose();
      }}
      onClick={(event) => {
        if (event.target === dialog.current) onClose();
      }}
    >
      <View style={styles.sheet}>
        <View style={styles.head}>
          <Txt kind="title" style={styles.title}>
            {title}
          </Txt>
          <Button title={closeTitle} icon={X} iconOnly look="quiet" onPress={onClose} />
        </View>
        <ScrollView style={styles.body} contentContainerStyle={styles.content} tabIndex={-1}>
          <ErrorBoundary fallbackRender={({ error }) => <BrokenWords error={error} />}>{children}</ErrorBoundary>
        </ScrollView>
        {footer ? <View style={styles.foot}>{footer}</View> : null}
      </View>
    </dialog>
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({
    sheet: { maxHeight: '100%', borderRadius: RADIUS.large, flexShrink: 1 },
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      paddingLeft: SPACE.two,
      paddingRight: SPACE.small,
      paddingTop: SPACE.small,
    },
    title: { flex: 1 },
    body: { flexGrow: 0, flexShrink: 1 },
    content: { padding: SPACE.two, gap: SPACE.two },
    foot: {
      flexDirection: 'row',
      gap: SPACE.half,
      padding: SPACE.two,
      borderTopWidth: 1,
      borderTopColor: colours.rule,
    },
  }),
);
