import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useColorScheme, useWindowDimensions } from 'react-native';
import { DARK, LIGHT, WIDE, type Colours } from './tokens';

export type ThemeChoice = 'system' | 'light' | 'dark';

export interface Theme {
  readonly scheme: 'light' | 'dark';
  readonly colours: Colours;
}

const THEMES: Readonly<Record<'light' | 'dark', Theme>> = {
  light: { scheme: 'light', colours: LIGHT },
  dark: { scheme: 'dark', colours: DARK },
};

const ThemeContext = createContext<Theme>(THEMES.light);

/** Gives the chosen theme, or the system's, to everything below. */
export function ThemeProvider({ choice, children }: { choice: ThemeChoice; children: ReactNode }) {
  const system = useColorScheme() === 'dark' ? 'dark' : 'light';
  return <ThemeContext value={THEMES[choice === 'system' ? system : choice]}>{children}</ThemeContext>;
}

export function useTheme(): Theme {
  return useContext(ThemeContext);
}

/** A hook that makes a stylesheet from the colours of the theme, once for each theme. */
export function makeStyles<S>(make: (colours: Colours) => S): () => S {
  const made = new Map<Colours, S>();
  return () => {
    const { colours } = useTheme();
    return useMemo(() => {
      const known = made.get(colours);
      if (known) return known;
      const styles = make(colours);
      made.set(colours, styles);
      return styles;
    }, [colours]);
  };
}

/** Whether there is room for drawing and work side by side. */
export function useWide(): boolean {
  return useWindowDimensions().width >= WIDE;
}
