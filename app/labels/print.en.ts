/** The words of what is written at full size, wherever it is. */
export const printEn = {
  'fullSize.pdf.a4': 'Save PDF (A4)',
  'fullSize.pdf.letter': 'Save PDF (Letter)',
  'fullSize.pdf.sheet': 'Save one-sheet PDF',
  'fullSize.svg': 'Save SVG',
  'fullSize.dxf': 'Save DXF',
  'fullSize.check': 'Print at 100 %, not fitted to the page. Measure the printed bar before you cut: it must be {bar}.',
  'fullSize.failed': 'The file was not written. Reload the page and try again.',
} as const;
