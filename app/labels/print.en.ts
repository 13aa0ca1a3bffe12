/** The words of what is written at full size, wherever it is. */
export const printEn = {
  'fullSize.pdf.a4': 'PDF on A4 pages to join',
  'fullSize.pdf.letter': 'PDF on Letter pages to join',
  'fullSize.pdf.sheet': 'PDF on one large sheet',
  'fullSize.svg': 'SVG in millimetres',
  'fullSize.dxf': 'DXF for CAD and CNC',
  'fullSize.check':
    'Print at 100 %, not fitted to the page. Lay a rule on the bar: it must be 100 mm, or 4 in, before anything is cut.',
  'fullSize.failed': 'It could not be written. Reload the page and try again.',
} as const;
