/** Every colour of the interface, by what it stands for. The only place a colour is written. */
export interface Colours {
  readonly paper: string;
  readonly panel: string;
  readonly pencil: string;
  readonly faint: string;
  readonly rule: string;
  /** Edges of things that can be touched: 3:1 against the paper. */
  readonly edge: string;
  readonly wood: string;
  readonly woodEdge: string;
  readonly woodDark: string;
  readonly action: string;
  readonly onAction: string;
  readonly actionWash: string;
  readonly sure: string;
  readonly doubtful: string;
  readonly doubtfulWash: string;
  readonly stop: string;
  readonly stopWash: string;
  readonly wall: string;
  readonly wallHatch: string;
  readonly chalk: string;
  readonly band: string;
  readonly veil: string;
}

export const LIGHT: Colours = {
  paper: '#F5F2EA',
  panel: '#FFFFFF',
  pencil: '#22282C',
  faint: '#5C646A',
  rule: '#DAD4C6',
  edge: '#8C8778',
  wood: '#E3C9A0',
  woodEdge: '#8A6A3C',
  woodDark: '#CBAA78',
  action: '#17594A',
  onAction: '#FFFFFF',
  actionWash: '#E2ECE7',
  sure: '#17594A',
  doubtful: '#8F5407',
  doubtfulWash: '#F8ECD6',
  stop: '#A8321E',
  stopWash: '#F8E1DB',
  wall: '#E4DFD2',
  wallHatch: '#A9A290',
  chalk: '#2B6CA3',
  band: '#5C646A',
  veil: 'rgba(34,40,44,0.45)',
};

export const DARK: Colours = {
  paper: '#15191B',
  panel: '#1E2427',
  pencil: '#ECE7DB',
  faint: '#A7AEAE',
  rule: '#363E42',
  edge: '#78817F',
  wood: '#8B7048',
  woodEdge: '#D9B883',
  woodDark: '#6E5735',
  action: '#7CCDB4',
  onAction: '#0C211B',
  actionWash: '#203530',
  sure: '#7CCDB4',
  doubtful: '#E8B15C',
  doubtfulWash: '#372B17',
  stop: '#F29B88',
  stopWash: '#3E221C',
  wall: '#2A3235',
  wallHatch: '#566064',
  chalk: '#86BBE6',
  band: '#A7AEAE',
  veil: 'rgba(0,0,0,0.6)',
};

/** Steps of distance, pixels. */
export const SPACE = { hair: 2, small: 4, half: 8, one: 12, two: 16, three: 24, four: 32 } as const;
export const RADIUS = { small: 4, usual: 8, large: 14 } as const;
/** The least height and width of what a thumb must hit, pixels. */
export const TARGET = 48;
/** From this width on, drawing and work stand side by side. */
export const WIDE = 900;
/** The most a column of text is wide. */
export const READING_WIDTH = 720;

export const FONT = {
  regular: 'Barlow-Regular',
  medium: 'Barlow-Medium',
  semibold: 'Barlow-SemiBold',
  condensed: 'BarlowCondensed-Medium',
  condensedBold: 'BarlowCondensed-SemiBold',
} as const;

export const SIZE = { small: 14, body: 16, strong: 18, title: 22, figure: 28, entry: 34 } as const;
