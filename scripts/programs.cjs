const { buildPrograms } = require('./ready.cjs');

/** Makes the programs that tests of whole processes run, as they are shipped. */
module.exports = async () => buildPrograms();
