import { useCallback, useEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Toast } from '../../ui';
import { useLabel } from '../../labels';
import { catchUp, heard, records, useAppDispatch, useAppSelector, type Notice } from '../../store';
import { makeStyles, ThemeProvider } from '../../theme';
import { useLanguage } from './useLanguage';

/** What is around every screen: the theme, the short words at the foot, and an ear for the signal coming back. */
export function AppShell({ children }: { children: ReactNode }) {
  const choice = useAppSelector((state) => state.settings.theme);
  useLanguage();
  return (
    <ThemeProvider choice={choice}>
      <Ground>{children}</Ground>
    </ThemeProvider>
  );
}

function Ground({ children }: { children: ReactNode }) {
  const styles = useStyles();
  const dispatch = useAppDispatch();
  const notice = useAppSelector((state) => state.notice);
  useEffect(() => {
    const look = () => {
      if (document.visibilityState === 'visible') dispatch(catchUp());
    };
    window.addEventListener('online', look);
    document.addEventListener('visibilitychange', look);
    return () => {
      window.removeEventListener('online', look);
      document.removeEventListener('visibilitychange', look);
    };
  }, [dispatch]);
  return (
    <View style={styles.ground}>
      {children}
      {notice ? <NoticeToast notice={notice} /> : null}
    </View>
  );
}

function NoticeToast({ notice }: { notice: Notice }) {
  const label = useLabel();
  const dispatch = useAppDispatch();
  const close = useCallback(() => void dispatch(heard()), [dispatch]);
  const { undoRemoval } = notice;
  return (
    <Toast
      words={notice.name === undefined ? label(notice.label) : label(notice.label, { name: notice.name })}
      closeTitle={label('notice.close')}
      onClose={close}
      {...(undoRemoval
        ? { undo: { title: label('notice.undo'), onPress: () => void dispatch(records.unremoved(undoRemoval)) } }
        : {})}
    />
  );
}

const useStyles = makeStyles((colours) =>
  StyleSheet.create({ ground: { flex: 1, backgroundColor: colours.paper, minHeight: 0 } }),
);
