/** The words of what is written at full size, wherever it is. */
export const printEn = {
  'fullSize.pdf.a4': 'PDF, A4 pages to join',
  'fullSize.pdf.letter': 'PDF, Letter pages to join',
  'fullSize.pdf.sheet': 'PDF, one large sheet',
  'fullSize.svg': 'SVG, true size',
  'fullSize.dxf': 'DXF for CAD and CNC',
  'fullSize.check':
    'Print at 100 %, not fitted to the page. Measure the printed bar before you cut: it must be 100 mm, or 4 in.',
  'fullSize.failed': 'The file was not written. Reload the page and try again.',
} as const;
