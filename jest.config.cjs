module.exports = {
  projects: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/app'],
  // On a machine where nothing has been compiled yet, the first test of a file waits for all that it needs.
  testTimeout: 60_000,
};
