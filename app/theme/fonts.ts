import { Barlow_400Regular } from '@expo-google-fonts/barlow/400Regular';
import { Barlow_500Medium } from '@expo-google-fonts/barlow/500Medium';
import { Barlow_600SemiBold } from '@expo-google-fonts/barlow/600SemiBold';
import { BarlowCondensed_500Medium } from '@expo-google-fonts/barlow-condensed/500Medium';
import { BarlowCondensed_600SemiBold } from '@expo-google-fonts/barlow-condensed/600SemiBold';
import { FONT } from './tokens';

/** The font files that ship with the app, by the names the type uses. */
export const FONTS = {
  [FONT.regular]: Barlow_400Regular,
  [FONT.medium]: Barlow_500Medium,
  [FONT.semibold]: Barlow_600SemiBold,
  [FONT.condensed]: BarlowCondensed_500Medium,
  [FONT.condensedBold]: BarlowCondensed_600SemiBold,
};
