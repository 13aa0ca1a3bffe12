export * from './memory';
export * from './perOwner';
