import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect } from 'react';
import { Provider } from 'react-redux';
import { SafeAreaProvider } from 'react-native-safe-area-context';
import { AppShell } from '../screens/shell/AppShell';
import { begin, appStore } from '../store';
import { FONTS } from '../theme';

export { BrokenScreen as ErrorBoundary } from '../screens/lost/BrokenScreen';

/** Mounts what every screen stands on: the store, the fonts, the theme. */
export default function RootLayout() {
  const store = appStore();
  useFonts(FONTS);
  useEffect(() => {
    void store.dispatch(begin());
    if (process.env.NODE_ENV === 'production' && 'serviceWorker' in navigator) {
      // Without it (an old browser, no secure context) the app still works while the server is there.
      void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    }
  }, [store]);
  return (
    <Provider store={store}>
      <SafeAreaProvider>
        <AppShell>
          <Slot />
        </AppShell>
      </SafeAreaProvider>
    </Provider>
  );
}
