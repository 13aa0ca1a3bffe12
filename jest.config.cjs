module.exports = {
  projects: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/app'],
  // One for every processor: jest would leave one of two idle.
  maxWorkers: '100%',
  // On a machine where nothing has been compiled yet, the first test of a file waits for all that it needs.
  testTimeout: 60_000,
};
