export * from './tokens';
export * from './theme';
export { FONTS } from './fonts';
