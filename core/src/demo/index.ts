export * from './demoJobs';
