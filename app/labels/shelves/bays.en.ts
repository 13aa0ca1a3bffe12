/** Words of bays: parts of an opening with shelves of their own. */
export const baysEn = {
  'bays.title': 'Bays',
  'bays.none':
    'One bay, from wall to wall. Add a bay beside a tower or a narrow case, or part the opening with an upright.',
  'bays.which': 'Bay to work on',
  'bays.left': 'Left bay',
  'bays.middle': 'Middle bay',
  'bays.right': 'Right bay',
  'bays.nth': 'Bay {position}',
  'bays.addLeft': 'Add left bay',
  'bays.addRight': 'Add right bay',
  'bays.remove': 'Delete {bay}',
  'bays.name': 'Name of {bay}',
  'bays.width': 'Width of {bay}',
  'bays.shares': 'No width typed. The bay shares what the others leave: {width}.',
  'bays.share': 'Delete width',
} as const;
