const { buildPrograms } = require('./ready.cjs');

/** Builds the programs that tests of whole processes start. */
module.exports = async () => buildPrograms();
