/** What does not hold of the pieces as they stand in the opening. */
export const bodyEn = {
  'body.inOneAnother':
    '{piece} ({name, name}) would run {deep, length} into {other} ({otherName, name}). Move a shelf, change the sizes under Supports, or choose another support for one of them.',
  'body.meetsThing':
    '{piece} ({name, name}) would run {deep, length} into {what, select, skirting {the skirting} chairRail {the dado rail} outlet {the socket} switch {the light switch} vent {the vent} pipe {the pipe} hole {the hole} stud {the stud} hardware {the fitting} trim {the trim} windowBar {the window bar} lid {the swing of the lid} door {the swing of the door} other {the keep-clear}} on the {wall, select, left {left wall} right {right wall} back {back wall} other {wall}}. Move the shelf or its support, or cut {piece} out around it.',
  'body.inWall':
    '{piece} ({name, name}) would stand {deep, length} in the {wall, select, left {left wall} right {right wall} back {back wall} floor {floor} ceiling {ceiling} other {wall}}. Make it smaller under Supports, or take more readings there.',
  'body.loose':
    'Nothing holds {piece} ({name, name}): no screw and no support joins it to a wall or the floor. Choose another support, or add a screw yourself.',
  'body.noRest':
    '{piece} ({name, name}) does not lie on {other} ({otherName, name}), which should carry it. Change the sizes under Supports.',
  'body.shortOfHousing':
    '{piece} ({name, name}) would stop short of its housing in {other} ({otherName, name}): the walls are not known well enough. Cut the housings deeper, or take more readings at this height.',
  'body.noRestLoose':
    '{piece} ({name, name}) has no pin under its {side, select, left {left end} right {right end} other {back}}: the hole would break into a housing or off the side. Move the shelf up or down.',
  'body.misses':
    'A screw through {piece} ({name, name}) does not reach {into, select, stud {a stud} wall {the wall} other {the piece behind it}}. Move the screw, or take a longer one.',
  'body.shortBite':
    'A screw through {piece} ({name, name}) bites only {bite, length} deep and needs {need, length}. Take a longer screw.',
  'body.comesOut':
    'A screw through {piece} ({name, name}) would come out {over, length} beyond {other}. Take a shorter screw.',
  'body.nearEdge':
    'A screw through {piece} ({name, name}) is only {clear, length} from an edge of {other}. Drill a pilot hole there, or move the screw: the wood can split.',
  'body.screwsMeet': 'Two screws meet inside {piece} ({name, name}). Move one of them by {by, length}.',
} as const;
