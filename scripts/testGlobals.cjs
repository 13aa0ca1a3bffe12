/**
 * What jest hands to a test file as arguments: looked up in its sandbox, each `Math` of a plan costs a detour, and a
 * plan takes seven times as long.
 */
module.exports = ['Math', 'Number', 'Object', 'Array', 'Map', 'Set', 'Float64Array', 'Infinity'];
